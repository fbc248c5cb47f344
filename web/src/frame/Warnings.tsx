import { Suspense } from "react";
import type { RaisedWarning } from "../api/types";
import { later } from "../pieces/later";

/** Few cases have a warning sign, and the couch is light without what it takes to settle one. */
const SettleWarning = later(
  () => import("./SettleWarning").then((m) => m.SettleWarning),
  () => null,
);

/** The warning signs of the case, above everything on every screen and on paper. What a companion must not read stays folded. */
export function Warnings(props: {
  raised: RaisedWarning[];
  /** The case in which they can be confirmed or excluded; nothing where they cannot. */
  code?: string;
}) {
  const standing = props.raised.filter((w) => !w.excluded);
  const excluded = props.raised.filter((w) => w.excluded);
  return (
    <>
      {standing.length > 0 && (
        <div role="alert" className="bg-stop px-5 py-1.5 text-[17px] font-semibold text-on-dark">
          {standing.map((w) =>
            w.discreet ? (
              <ForYou key={w.id} {...props} warning={w} />
            ) : (
              <Sign key={w.id} {...props} warning={w} />
            ),
          )}
        </div>
      )}
      {excluded.length > 0 && (
        <section
          aria-label="Warning signs that were excluded"
          className="border-b border-line px-5 py-1 text-[15px]"
        >
          {excluded.map((w) => (
            <p key={w.id} className="m-0 flex flex-wrap items-center gap-x-3">
              <span>
                <b>{w.name}:</b> seen and excluded by {w.settled?.by}. {w.settled?.why}
              </span>
              {props.code && <Settle code={props.code} warning={w} />}
            </p>
          ))}
        </section>
      )}
    </>
  );
}

interface One {
  warning: RaisedWarning;
  code?: string;
}

function Sign({ warning, code }: One) {
  return (
    <p className="m-0 flex flex-wrap items-center gap-x-3">
      <span>
        {warning.message} <span className="font-normal">({warning.because})</span>
        {warning.settled && <span className="font-normal"> Confirmed by {warning.settled.by}.</span>}
      </span>
      {code && <Settle code={code} warning={warning} />}
    </p>
  );
}

function ForYou(props: One) {
  return (
    <details className="m-0">
      <summary className="min-h-6">A note for you alone</summary>
      <Sign {...props} />
    </details>
  );
}

function Settle(props: { code: string; warning: RaisedWarning }) {
  return (
    <Suspense>
      <SettleWarning {...props} />
    </Suspense>
  );
}
