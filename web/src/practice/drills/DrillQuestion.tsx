import { useEffect, useRef, useState } from "react";
import { Plate } from "../../figures/Plate";
import { useFigures } from "../../figures/queries";
import { percent, unbroken } from "../../pieces/format";
import { HunchRail } from "../../pieces/HunchRail";
import { useWidth } from "../../pieces/useWidth";
import { DrillDots } from "./DrillDots";
import type { Drill, DrillResult } from "./queries";

const HIGH_PX = 380;
const WIDEST_PX = 560;

/** One question, and after the answer what is right and why. */
export function DrillQuestion(props: {
  drill: Drill;
  result: DrillResult | undefined;
  busy: boolean;
  onSay: (answer: string) => void;
  onNext: () => void;
}) {
  const { drill, result } = props;
  const next = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    if (result) {
      next.current?.focus();
    }
  }, [result]);
  return (
    <section aria-label="Question" className="mt-4 flex flex-col gap-3">
      <h2 className="m-0 text-[24px] leading-snug font-bold">{unbroken(drill.ask)}</h2>
      {drill.details.map((line) => (
        <p key={line} className="m-0 text-[18px] leading-snug">
          {unbroken(line)}
        </p>
      ))}
      {drill.map !== undefined ? (
        <OnMap {...props} />
      ) : drill.options.length > 0 ? (
        <div className="flex flex-wrap gap-2">
          {drill.options.map((o, i) => (
            <button
              key={o.id}
              type="button"
              className="choice min-h-12 px-4 text-left"
              disabled={props.busy || result !== undefined}
              data-state={result?.answer === o.id ? "on" : "off"}
              onClick={() => props.onSay(o.id)}
            >
              {o.label} <span className="text-soft in-data-[state=on]:text-on-dark">{i + 1}</span>
            </button>
          ))}
        </div>
      ) : (
        <Guess {...props} />
      )}
      {result && (
        <div role="status" className="flex flex-col items-start gap-2">
          <p className="m-0 text-[20px] leading-snug">
            <b className={result.right ? "text-teal" : "text-amber"}>{result.right ? "Right." : "Not so."}</b>{" "}
            {unbroken(result.why)}
          </p>
          {result.people && <DrillDots people={result.people} />}
          <button ref={next} type="button" className="action" onClick={props.onNext}>
            Next
          </button>
        </div>
      )}
    </section>
  );
}

function Guess(props: { result: DrillResult | undefined; busy: boolean; onSay: (answer: string) => void }) {
  const [guess, setGuess] = useState(0.5);
  const answer = props.result && Number(props.result.answer) / 100;
  return (
    <form
      className="flex max-w-[520px] flex-col items-start gap-2"
      onSubmit={(e) => {
        e.preventDefault();
        props.onSay(String(Math.round(guess * 100)));
      }}
    >
      <div className="w-full">
        <HunchRail
          name={answer === undefined ? "Your guess" : `Your guess; it is ${percent(answer)}`}
          value={guess}
          from={answer ?? 0.5}
          fromWords={answer === undefined ? "half way" : "it is"}
          onChange={(p) => props.result === undefined && setGuess(p)}
        />
      </div>
      {props.result === undefined && (
        <button type="submit" className="action" disabled={props.busy}>
          That is my guess
        </button>
      )}
    </form>
  );
}

/** The places have numbers; which is which is asked. */
function OnMap(props: { drill: Drill; result: DrillResult | undefined; onSay: (answer: string) => void }) {
  const { drill, result } = props;
  const figures = useFigures();
  const { ref, width } = useWidth<HTMLDivElement>(WIDEST_PX);
  const map = figures?.maps.find((m) => m.drawn.id === drill.map);
  return (
    <div ref={ref} className="max-w-[560px]">
      {map && figures && (
        <Plate
          drawn={map.drawn}
          grips={figures.grips}
          side="right"
          title=""
          width={Math.min(WIDEST_PX, width)}
          height={HIGH_PX}
          items={map.marks.map((m, i) => {
            const key = `${m.test}|${m.at}`;
            const named = drill.options.find((o) => o.id === key)?.label ?? "";
            return {
              key,
              site: m.site,
              name: result ? `${i + 1} ${named}` : `${i + 1}`,
              label: result ? `${i + 1}, ${named}` : `Place ${i + 1}`,
              on: result?.answer === key,
            };
          })}
          onPress={props.onSay}
        />
      )}
    </div>
  );
}
