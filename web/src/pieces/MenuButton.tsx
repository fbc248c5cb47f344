import type { ComponentProps } from "react";

/** The button of a menu, with a mark that there is more below it. */
export function MenuButton(
  props: ComponentProps<"button"> & {
    label: string;
    description?: string;
    small?: boolean;
  },
) {
  const { label, description, small, ...rest } = props;
  return (
    <button
      type="button"
      aria-haspopup="menu"
      {...rest}
      data-small={small}
      className="choice whitespace-nowrap data-[small=true]:min-h-8 data-[small=true]:px-2 data-[small=true]:py-0 data-[small=true]:text-[14px]"
      aria-label={description}
    >
      {label} <span aria-hidden="true">{"\u25be"}</span>
    </button>
  );
}
