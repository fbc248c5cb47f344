import type { ComponentProps } from "react";

/** The button of a menu, with a mark that there is more below it. */
export function MenuButton(props: ComponentProps<"button"> & { label: string; description?: string }) {
  const { label, description, ...rest } = props;
  return (
    <button
      type="button"
      aria-haspopup="menu"
      {...rest}
      className="choice whitespace-nowrap"
      aria-label={description}
    >
      {label} <span aria-hidden="true">{"\u25be"}</span>
    </button>
  );
}
