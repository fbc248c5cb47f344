import { useEffect } from "react";
import type { Changes, Side } from "../api/types";
import { ErrorNote } from "../pieces/ErrorNote";
import { otherSide, sideName } from "../pieces/format";
import { usePracticeContext } from "./context";
import { type Reply, useDeed } from "./queries";
import { useHold } from "./useHold";

/** As the pads stand below. */
const SIDES: Side[] = ["left", "right"];

/** Where a key belongs to what it is on. */
const PRESSED = "button, a, input, select, textarea, summary, [role=dialog], [role=slider]";

/** The patient answers: a test is done on one side, and what comes back is read, heard, and seen by whoever looks at the face. */
export function Answer(props: {
  test: string;
  at: string;
  side: Side;
  record: (side: Side, changes: Changes) => void;
}) {
  const { encounter, catalogue } = usePracticeContext();
  const deed = useDeed(`${encounter.id}`);
  const involved = encounter.person.involved;
  const test = catalogue.tests.find((t) => t.id === props.test);
  const hold = useHold();
  const at = (side: Side) =>
    encounter.replies.find((r) => r.test === props.test && r.at === props.at && r.side === side);
  const last = encounter.replies[encounter.replies.length - 1];
  const may = encounter.own && !encounter.ended && encounter.before !== undefined;
  const act = (side: Side) =>
    deed.mutate(
      { kind: "did", test: props.test, at: props.at, side },
      { onSuccess: () => test?.holdSeconds && hold.start(`${props.test} ${props.at} ${side}`) },
    );
  /** A test of many places is gone through as a whole. */
  const actOnAll = async () => {
    for (const side of [otherSide(involved), involved]) {
      for (const board of test?.boards ?? []) {
        await deed.mutateAsync({ kind: "did", test: props.test, at: board.at, side });
      }
    }
  };
  const isUnseen = (r: Reply | undefined) => r !== undefined && r === last && r.shown === undefined;

  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      if (event.key !== "Enter" || event.repeat || (event.target as HTMLElement).closest(PRESSED)) {
        return;
      }
      event.preventDefault();
      if (may && !deed.isPending) {
        if (isUnseen(at(props.side))) {
          deed.mutate({ kind: "looked" });
        } else {
          act(props.side);
        }
      }
    };
    window.addEventListener("keydown", listen);
    return () => window.removeEventListener("keydown", listen);
  });

  return (
    <section
      aria-label="The patient"
      className="mt-1.5 flex-none rounded-md border-[1.5px] border-dashed border-ink bg-card px-3 py-1.5"
    >
      <ErrorNote error={deed.error} onDismiss={deed.reset} />
      {encounter.before === undefined && !encounter.ended && (
        <p className="m-0 text-[16px]">
          Before you touch anything: say how likely you think each candidate is.
        </p>
      )}
      <div className="grid grid-cols-2 gap-x-4 max-md:grid-cols-1">
        {SIDES.map((side) => (
          <SideAnswer
            key={side}
            side={side}
            role={side === involved ? "affected side" : "other side"}
            hasKeys={side === props.side}
            reply={at(side)}
            may={may && !deed.isPending}
            hold={hold.of(`${props.test} ${props.at} ${side}`, at(side))}
            unseen={isUnseen(at(side))}
            onDo={() => act(side)}
            onLook={() => deed.mutate({ kind: "looked" })}
            onNote={(seconds) => props.record(side, { onsetSeconds: seconds })}
          />
        ))}
      </div>
      {may && test && test.boards.length > 1 && (
        <button
          type="button"
          className="min-h-6 text-[15px] underline"
          disabled={deed.isPending}
          onClick={() => actOnAll().catch(() => undefined)}
        >
          All {test.boards.length} places, both sides
        </button>
      )}
      {test?.holdSeconds && may && (
        <label className="flex min-h-6 items-center gap-2 text-[14px] text-soft">
          <input type="checkbox" checked={hold.double} onChange={(e) => hold.setDouble(e.target.checked)} />
          Clock at double speed
        </label>
      )}
    </section>
  );
}

function SideAnswer(props: {
  side: Side;
  role: string;
  hasKeys: boolean;
  reply: Reply | undefined;
  may: boolean;
  /** The clock of a test that is held; nothing where it stands or was never started. */
  hold: { seconds: number; goal: number } | undefined;
  unseen: boolean;
  onDo: () => void;
  onLook: () => void;
  onNote: (seconds: number) => void;
}) {
  const { reply, hold } = props;
  const name = `${sideName(props.side)}, ${props.role}`;
  return (
    <div className="min-w-0">
      <div className="flex flex-wrap items-center gap-x-2 gap-y-1">
        {props.may && (
          <button
            type="button"
            className={`choice min-h-10 px-3 ${reply ? "" : "font-bold"}`}
            aria-label={`${reply ? "Do it again" : "Do it"}: ${name}`}
            onClick={props.onDo}
          >
            {reply ? "Again" : "Do it"}
            {props.hasKeys && !props.unseen && <span className="font-normal text-soft"> Enter</span>}
          </button>
        )}
        <span className="text-[15px]">
          <b>{sideName(props.side)}</b> <span className="text-soft">{props.role}</span>
        </span>
        {hold && (
          <span role="timer" className="ml-auto text-[22px] leading-none font-bold">
            {Math.floor(hold.seconds)}
            <span className="text-[15px] font-normal text-soft"> of {hold.goal} s</span>
          </span>
        )}
      </div>
      {reply && !hold && (
        <div aria-live="polite" className="text-[16px] leading-[1.3]">
          {[...reply.seen, ...reply.said, ...(reply.shown ?? [])].map((line) => (
            <p key={line} className="m-0">
              {line}
            </p>
          ))}
          {reply.afterSeconds !== undefined && props.may && (
            <button
              type="button"
              className="min-h-6 text-[15px] underline"
              onClick={() => reply.afterSeconds !== undefined && props.onNote(reply.afterSeconds)}
            >
              Note {reply.afterSeconds} s
            </button>
          )}
          {reply.shown === undefined &&
            (props.unseen && props.may ? (
              <button type="button" className="choice min-h-8 px-2 py-0 text-[15px]" onClick={props.onLook}>
                Look at the face{props.hasKeys && <span className="text-soft"> Enter</span>}
              </button>
            ) : (
              <p className="m-0 text-[15px] text-soft">The face was not looked at.</p>
            ))}
        </div>
      )}
    </div>
  );
}
