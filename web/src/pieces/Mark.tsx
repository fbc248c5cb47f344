const WORDS: Record<string, string> = {
  positive: "Positive",
  negative: "Negative",
  unclear: "Unclear",
  "not-done": "Not done",
  open: "Open",
};

export function outcomeWord(outcome: string): string {
  return WORDS[outcome] ?? `${outcome} positive`;
}

/** An outcome by its shape: a triangle, a ring, dots, or a dashed box. Without a label, the word stands beside it. */
export function Mark(props: { outcome: string; size?: number; label?: string }) {
  const size = props.size ?? 15;
  const drawing = { width: size, height: size, viewBox: "0 0 16 16", className: "shrink-0" };
  return props.label ? (
    <svg {...drawing} role="img" aria-label={props.label}>
      <Shape outcome={props.outcome} />
    </svg>
  ) : (
    <svg {...drawing} aria-hidden="true">
      <Shape outcome={props.outcome} />
    </svg>
  );
}

function Shape(props: { outcome: string }) {
  switch (props.outcome) {
    case "positive":
      return <path d="M8 1l7.5 14H.5z" fill="var(--amber)" />;
    case "negative":
      return <circle cx="8" cy="8" r="6" fill="none" stroke="var(--teal)" strokeWidth="2.5" />;
    case "unclear":
      return (
        <g fill="currentColor">
          <circle cx="2.5" cy="8" r="1.8" />
          <circle cx="8" cy="8" r="1.8" />
          <circle cx="13.5" cy="8" r="1.8" />
        </g>
      );
    case "not-done":
    case "open":
      return (
        <rect
          x="1"
          y="1"
          width="14"
          height="14"
          fill="none"
          stroke="currentColor"
          strokeDasharray="2.5 2"
          opacity=".7"
        />
      );
    default:
      return <path d="M2 3h12v10H2z" fill="none" stroke="var(--amber)" strokeWidth="2.5" />;
  }
}
