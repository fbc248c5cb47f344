import type { ReactNode } from "react";

/** A part of a drawing that can be tapped, or pressed by keyboard. */
export function SvgButton(props: { label: string; on: boolean; onPress: () => void; children: ReactNode }) {
  return (
    // biome-ignore lint/a11y/useSemanticElements: an HTML button cannot be part of a drawing
    <g
      role="button"
      tabIndex={0}
      aria-label={props.label}
      aria-pressed={props.on}
      className="drawn-part"
      data-on={props.on}
      onMouseDown={(e) => e.preventDefault()}
      onClick={props.onPress}
      onKeyDown={(e) => {
        if (e.key === "Enter" || e.key === " ") {
          e.preventDefault();
          e.stopPropagation();
          props.onPress();
        }
      }}
    >
      {props.children}
    </g>
  );
}
