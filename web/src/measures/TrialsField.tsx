import { useEffect, useState } from "react";
import type { MeasuredSide, MeasureItem } from "../api/types";
import { plainNumber } from "../pieces/format";
import { read } from "./typed";

const PLACES = ["first", "second", "third"] as const;

/**
 * The trials of one item on one side. A number out of range is refused with the range, an unusual one is asked about once;
 * nothing else is lost.
 */
export function TrialsField(props: {
  label: string;
  item: MeasureItem;
  values: MeasuredSide["values"][string] | undefined;
  onSave: (trials: number[], sure: boolean) => void;
}) {
  const { item } = props;
  const kept = (props.values?.trials ?? []).map(plainNumber).join(" ");
  const places = PLACES.slice(0, item.trials);
  const [texts, setTexts] = useState<string[]>([]);
  const [problem, setProblem] = useState("");
  const [question, setQuestion] = useState<{ text: string; numbers: number[] }>();
  useEffect(() => setTexts(kept === "" ? [] : kept.split(" ")), [kept]);

  const commit = () => {
    const typed = read(item, texts);
    setProblem(typed.kind === "refused" ? typed.problem : "");
    setQuestion(
      typed.kind === "unusual" && typed.numbers.map(plainNumber).join(" ") !== kept
        ? { text: typed.question, numbers: typed.numbers }
        : undefined,
    );
    if (typed.kind === "fine" && typed.numbers.map(plainNumber).join(" ") !== kept) {
      props.onSave(typed.numbers, false);
    }
  };
  const values = props.values;
  return (
    <div>
      <div className="flex gap-1">
        {places.map((place, i) => (
          <input
            key={place}
            className="field w-[56px] px-1 text-center"
            inputMode="decimal"
            aria-label={
              item.trials > 1
                ? `${props.label}, ${place} trial, in ${item.unit}`
                : `${props.label}, ${item.label}, in ${item.unit}`
            }
            aria-invalid={problem ? true : undefined}
            value={texts[i] ?? ""}
            onChange={(e) => {
              const next = places.map((_, k) => (k === i ? e.target.value : (texts[k] ?? "")));
              setTexts(next);
            }}
            onBlur={commit}
            onKeyDown={(e) => e.key === "Enter" && e.currentTarget.blur()}
          />
        ))}
      </div>
      {problem && (
        <p role="alert" className="m-0 text-[15px] text-stop">
          {problem}
        </p>
      )}
      {question && (
        <p role="alert" className="m-0 flex flex-wrap items-center gap-2 text-[15px] text-amber">
          {question.text}
          <button
            type="button"
            className="choice"
            onClick={() => {
              props.onSave(question.numbers, true);
              setQuestion(undefined);
            }}
          >
            Yes, keep it
          </button>
        </p>
      )}
      {values && item.trials > 1 && (
        <span className="text-[15px] text-soft">
          mean <b className="text-ink">{values.mean.toFixed(1)}</b>, best {plainNumber(values.best)}
          {values.variationPercent > 0 && (
            <>
              , varies {values.variationPercent.toFixed(0)}
              {"\u202f"}%
            </>
          )}
        </span>
      )}
      {values?.uneven && (
        <span className="block text-[15px] text-amber">
          The trials differ a good deal; perhaps once more, rested?
        </span>
      )}
    </div>
  );
}
