import { type ReactNode, useEffect, useRef, useState } from "react";

/** What may be wider than its place is moved sideways by itself, also by keys; the page never is. */
export function Sideways(props: { label: string; children: ReactNode }) {
  const place = useRef<HTMLDivElement>(null);
  const content = useRef<HTMLDivElement>(null);
  const [isWide, setWide] = useState(false);
  useEffect(() => {
    const [outer, inner] = [place.current, content.current];
    if (!outer || !inner) {
      return;
    }
    const observer = new ResizeObserver(() => setWide(inner.offsetWidth > outer.clientWidth));
    observer.observe(outer);
    observer.observe(inner);
    return () => observer.disconnect();
  }, []);
  const moved = isWide ? { role: "region", tabIndex: 0, "aria-label": props.label } : {};
  return (
    <div ref={place} data-wide className="relative min-w-0 overflow-x-auto print:overflow-visible" {...moved}>
      <div ref={content} className="w-fit min-w-full">
        {props.children}
      </div>
    </div>
  );
}
