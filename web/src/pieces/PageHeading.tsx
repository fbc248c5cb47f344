import { type ReactNode, useEffect, useRef } from "react";
import { useLocation, useParams } from "react-router";

const PRODUCT = "Lexicor";

/** The key of the place where a page was opened first: nobody came there from another page. */
const OPENED = "default";

/** The title of the window, the case first. */
export function useTitle(title: string, code?: string) {
  useEffect(() => {
    document.title = [code ? `${code}, ${title}` : title, PRODUCT].join(" \u00b7 ");
  }, [title, code]);
}

/** The heading of a page: it names the window, and whoever comes from another page begins there. */
export function PageHeading(props: { title: string; className?: string; children?: ReactNode }) {
  const { code } = useParams();
  const { key } = useLocation();
  const heading = useRef<HTMLHeadingElement>(null);
  const came = useRef(key !== OPENED);
  useTitle(props.title, code);
  useEffect(() => {
    if (came.current) {
      heading.current?.focus({ preventScroll: true });
    }
  }, []);
  return (
    <h1 ref={heading} tabIndex={-1} className={`outline-none ${props.className ?? ""}`}>
      {props.children ?? props.title}
    </h1>
  );
}
