/** Any of a list, each a tick; what is ticked stays in sight when the list is closed. */
export function Checks(props: {
  title: string;
  items: { id: string; label: string }[];
  chosen: string[];
  /** Whether what is ticked stays folded away from whoever else reads the screen. */
  discreet?: boolean;
  onChange: (chosen: string[]) => void;
}) {
  const ticked = props.items.filter((i) => props.chosen.includes(i.id));
  return (
    <details className="border-t border-line pt-1">
      <summary className="min-h-10 py-1.5">
        {props.title}:{" "}
        {props.discreet ? (
          <span className="text-soft">{ticked.length} ticked</span>
        ) : ticked.length > 0 ? (
          <b className="text-stop">{ticked.map((i) => i.label).join("; ")}</b>
        ) : (
          <span className="text-soft">none ticked</span>
        )}
      </summary>
      {props.items.map((i) => (
        <label key={i.id} className="flex min-h-12 items-center gap-3 text-[16px]">
          <input
            type="checkbox"
            className="h-6 w-6 shrink-0 accent-teal"
            checked={props.chosen.includes(i.id)}
            onChange={(e) =>
              props.onChange(
                e.target.checked ? [...props.chosen, i.id] : props.chosen.filter((c) => c !== i.id),
              )
            }
          />
          {i.label}
        </label>
      ))}
    </details>
  );
}
