import { Dialog } from "radix-ui";
import { type KeyboardEvent, type ReactNode, useRef } from "react";
import { focusNow, lastFocused } from "./focusTrail";

/** A dialog in Lexicor's looks: its title, and whatever is inside, which scrolls where it is too much. */
export function DialogFrame(props: {
  open: boolean;
  onOpenChange: (open: boolean) => void;
  title: string;
  width: number;
  /** As high as the window, for what is long. */
  tall?: boolean;
  beside?: ReactNode;
  children: ReactNode;
  onKeyDown?: (event: KeyboardEvent) => void;
  onEscape?: (event: { preventDefault(): void }) => void;
}) {
  const from = useRef<Element>(undefined);
  return (
    <Dialog.Root open={props.open} onOpenChange={props.onOpenChange}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-10 bg-black/50" />
        <Dialog.Content
          aria-describedby={undefined}
          onKeyDown={props.onKeyDown}
          onEscapeKeyDown={props.onEscape}
          onOpenAutoFocus={() => {
            from.current = focusNow();
          }}
          // Whatever opened it, a key or an entry of a menu that is gone, the work goes on where it was.
          onCloseAutoFocus={(event) => {
            event.preventDefault();
            const before = from.current;
            if (before !== document.body) {
              (before?.isConnected ? (before as HTMLElement) : lastFocused())?.focus();
            }
          }}
          style={{ width: props.width }}
          data-tall={props.tall}
          className="fixed top-1/2 left-1/2 z-10 flex max-h-[94dvh] max-w-[96vw] -translate-x-1/2 -translate-y-1/2 flex-col overflow-auto rounded-lg border-2 border-ink bg-paper p-6 max-md:p-4 data-[tall=true]:h-[92dvh]"
        >
          <div className="mb-3 flex flex-wrap items-baseline gap-4">
            <Dialog.Title className="m-0 text-[24px] font-bold">{props.title}</Dialog.Title>
            {props.beside}
          </div>
          {props.children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
