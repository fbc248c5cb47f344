import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import type { Catalogue } from "../api/types";
import { DialogFrame } from "../pieces/DialogFrame";
import { actWords } from "../queue/actWords";
import type { RefusedAct } from "../queue/store";
import { useQueue } from "../queue/useQueue";

/** The taps that the server would not take, each with its reason and what can be done. */
export function RefusedTaps(props: { refused: RefusedAct[]; onClose: () => void }) {
  const { refused } = props;
  const { queue } = useQueue();
  const client = useQueryClient();
  const [doomed, setDoomed] = useState<RefusedAct>();
  const catalogue = client.getQueryData<Catalogue>(["catalogue"]);
  return (
    <DialogFrame
      open
      onOpenChange={(wanted) => !wanted && props.onClose()}
      title="Taps that were refused"
      width={760}
    >
      <p className="mt-0 mb-3 text-[16px]">
        They are kept on this device, and are not in the record. Send one again once its reason is gone, write
        them into a file, or discard one that is not needed.
      </p>
      <ul className="m-0 flex list-none flex-col gap-2 p-0">
        {refused.map((r) => (
          <li key={`${r.act.kind} ${r.act.tapId}`} className="border-b border-line pb-2">
            <div className="flex flex-wrap items-center gap-3">
              <span className="min-w-0 flex-1">
                <b>{actWords(r.act, catalogue)}</b>
                <span className="block text-[16px] text-soft">{r.why}</span>
              </span>
              <button type="button" className="choice" onClick={() => queue.sendAgain(r)}>
                Send again
              </button>
              <button type="button" className="choice" onClick={() => setDoomed(r)}>
                Discard
              </button>
            </div>
            {doomed === r && (
              <p role="alert" className="my-2 flex flex-wrap items-center gap-3 text-[16px]">
                <span>Discard {actWords(r.act, catalogue)} for good?</span>
                <button
                  type="button"
                  className="action"
                  onClick={() => {
                    queue.discard(r);
                    setDoomed(undefined);
                  }}
                >
                  Discard this one
                </button>
                <button type="button" className="choice" onClick={() => setDoomed(undefined)}>
                  Keep it
                </button>
              </p>
            )}
          </li>
        ))}
      </ul>
      <a
        className="action mt-4 inline-flex items-center self-start"
        data-quiet="true"
        download="refused-taps.json"
        href={`data:application/json;charset=utf-8,${encodeURIComponent(
          JSON.stringify({ format: "lexicor-refused-taps", version: 1, taps: refused.map(plain) }, null, 2),
        )}`}
      >
        Write them into a file
      </a>
    </DialogFrame>
  );
}

const plain = ({ act, why }: RefusedAct) => ({ ...act, madeAt: new Date(act.madeAt).toISOString(), why });
