import { ToggleGroup } from "radix-ui";
import { useId } from "react";

/** One of a few, all in sight. Choosing the chosen one again clears it where that is allowed. */
export function Toggles<T extends string>(
  props: {
    label: string;
    value: T | "";
    options: readonly { id: T; label: string }[];
    hideLabel?: boolean;
  } & ({ mayClear: true; onChange: (id: T | "") => void } | { mayClear?: false; onChange: (id: T) => void }),
) {
  const id = useId();
  return (
    <div className="flex flex-col gap-1">
      <span id={id} className={props.hideLabel ? "sr-only" : ""}>
        {props.label}
      </span>
      <ToggleGroup.Root
        type="single"
        aria-labelledby={id}
        className="flex flex-wrap gap-1"
        value={props.value}
        onValueChange={(value) => {
          const chosen = props.options.find((o) => o.id === value)?.id;
          if (chosen !== undefined) {
            props.onChange(chosen);
          } else if (props.mayClear) {
            props.onChange("");
          }
        }}
      >
        {props.options.map((o) => (
          <ToggleGroup.Item key={o.id} value={o.id} className="choice px-3">
            {o.label}
          </ToggleGroup.Item>
        ))}
      </ToggleGroup.Root>
    </div>
  );
}
