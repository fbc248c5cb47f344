import { ToggleGroup } from "radix-ui";
import { useId } from "react";

/** One of a few, all in sight. Choosing the chosen one again clears it where that is allowed. */
export function Toggles(props: {
  label: string;
  value: string;
  options: { id: string; label: string }[];
  onChange: (id: string) => void;
  mayClear?: boolean;
  hideLabel?: boolean;
}) {
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
          if (value || props.mayClear) {
            props.onChange(value);
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
