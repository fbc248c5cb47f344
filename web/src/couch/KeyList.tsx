import { Dialog } from "radix-ui";
import { KEY_LIST } from "./keys";

export function KeyList(props: { open: boolean; onOpenChange: (open: boolean) => void }) {
  return (
    <Dialog.Root open={props.open} onOpenChange={props.onOpenChange}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 bg-black/50" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed top-1/2 left-1/2 w-[460px] max-w-[94vw] -translate-x-1/2 -translate-y-1/2 rounded-lg border-2 border-ink bg-paper p-6"
        >
          <Dialog.Title className="m-0 mb-3 text-[24px] font-bold">Keys on this screen</Dialog.Title>
          <dl className="m-0 grid grid-cols-[150px_1fr] gap-y-1.5">
            {KEY_LIST.map(([keys, what]) => (
              <div key={keys} className="contents">
                <dt className="font-bold">{keys}</dt>
                <dd className="m-0">{what}</dd>
              </div>
            ))}
          </dl>
          <Dialog.Close className="action mt-4">Close</Dialog.Close>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
