import { DropdownMenu } from "radix-ui";
import { type ReactNode, useCallback, useEffect, useRef } from "react";
import { rememberFocus } from "./focusTrail";
import { MenuButton } from "./MenuButton";

export const MENU_ITEM =
  "flex min-h-12 items-center rounded px-3 text-[16px] outline-none data-disabled:text-soft data-highlighted:bg-teal-wash";

/** A button that opens a list of things to do. */
export function Menu(props: {
  label: string;
  description?: string;
  align: "start" | "end";
  /** Whether it is open from the start, where a button of the same looks was pressed to bring it. */
  startsOpen?: boolean;
  /** Beside smaller things. */
  small?: boolean;
  children: ReactNode;
}) {
  const button = useRef<HTMLButtonElement>(null);
  // It never has the focus itself when it is tapped; what the menu brings up leaves to it all the same.
  const remember = useCallback(() => button.current && rememberFocus(button.current), []);
  useEffect(() => {
    if (props.startsOpen) {
      remember();
    }
  }, [props.startsOpen, remember]);
  return (
    <DropdownMenu.Root defaultOpen={props.startsOpen} onOpenChange={remember}>
      <DropdownMenu.Trigger asChild>
        <MenuButton ref={button} label={props.label} description={props.description} small={props.small} />
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align={props.align}
          collisionPadding={4}
          className="z-10 min-w-[260px] max-w-[calc(100vw-8px)] rounded-md border-2 border-ink bg-card p-2"
        >
          {props.children}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
