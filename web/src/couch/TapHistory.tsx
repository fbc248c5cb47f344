import { Dialog } from "radix-ui";
import { useKeptTaps } from "../api/caseQueries";
import type { Catalogue, Changes, KeptTap } from "../api/types";
import { DialogFrame } from "../pieces/DialogFrame";
import { ErrorNote } from "../pieces/ErrorNote";
import { sideName } from "../pieces/format";
import { leafWords } from "../queue/actWords";
import { deviceName } from "../queue/device";

/** Every tap of the case as it was made, on whichever device, taken back or not. */
export function TapHistory(props: {
  code: string;
  catalogue: Catalogue;
  open: boolean;
  onOpenChange: (open: boolean) => void;
}) {
  const { open, onOpenChange: setOpen } = props;
  const taps = useKeptTaps(props.code, open);
  const testName = (id: string) => props.catalogue.tests.find((t) => t.id === id)?.name ?? id;
  return (
    <DialogFrame open={open} onOpenChange={setOpen} title="All taps, the latest first" width={860}>
      <ErrorNote error={taps.error} />
      {/* biome-ignore lint/a11y/noNoninteractiveTabindex: a long list has to scroll by keyboard */}
      <section data-wide aria-label="Taps" tabIndex={0} className="min-h-0 flex-1 overflow-auto text-[15px]">
        <table className="w-full border-collapse">
          <thead className="text-left text-soft">
            <tr>
              {["Made", "Visit", "On", "Test", "Side", "What"].map((h) => (
                <th key={h} scope="col" className="pr-3 font-normal">
                  {h}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {[...(taps.data ?? [])].reverse().map((t) => (
              <tr key={t.tapId} className="border-t border-line align-top">
                <td className="pr-3 whitespace-nowrap">{new Date(t.tappedAt).toLocaleString("en-GB")}</td>
                <td className="pr-3">{t.visit}</td>
                <td className="pr-3">{deviceWords(t)}</td>
                <td className="pr-3">{testName(t.test)}</td>
                <td className="pr-3">{sideName(t.side)}</td>
                <td>
                  {whatWords(t)}
                  {t.takenBack && <b> (taken back)</b>}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </section>
      <Dialog.Close className="action mt-3 self-start">Close</Dialog.Close>
    </DialogFrame>
  );
}

function deviceWords(tap: KeptTap): string {
  return tap.device === "" ? "not noted" : tap.device === deviceName() ? "this device" : "another device";
}

function whatWords(tap: KeptTap): string {
  return Object.entries(tap.changes as Changes)
    .map(([leaf, value]) => leafWords(leaf, value))
    .join(", ");
}
