import { useEffect, useRef, useState } from "react";

/** Says what has changed as one sentence, once; what stood there from the start is not said. */
export function Announced(props: { lines: readonly string[] }) {
  const before = useRef(props.lines);
  const [said, setSaid] = useState("");
  useEffect(() => {
    const changed = props.lines.filter((line, i) => line !== "" && line !== before.current[i]);
    before.current = props.lines;
    if (changed.length > 0) {
      setSaid(changed.join(". "));
    }
  }, [props.lines]);
  return (
    <p role="status" className="sr-only">
      {said}
    </p>
  );
}
