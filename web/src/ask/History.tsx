import { useAsked } from "../api/caseQueries";
import type { CaseView, Catalogue, Intake } from "../api/types";
import { Toggles } from "../pieces/Toggles";
import { inOrder, type Placed } from "./asked";

const ANSWERS = [
  { id: "yes", label: "Yes" },
  { id: "no", label: "No" },
];

type Item = Catalogue["history"][number];

/** The questions of the complaint, the most telling first; a yes opens what follows from it, and the rest stands behind. */
export function History(props: {
  view: Pick<CaseView, "code" | "version" | "intake">;
  catalogue: Catalogue;
  onAnswer: (answers: Record<string, boolean>) => void;
}) {
  const { view, catalogue, onAnswer } = props;
  const { intake } = view;
  const found = useAsked(view.code, view.version);
  if (!found.data) {
    return null;
  }
  const row = ({ id, below }: Placed) => {
    const item = catalogue.history.find((h) => h.id === id);
    return (
      item && (
        <Question
          key={id}
          intake={intake}
          catalogue={catalogue}
          onAnswer={onAnswer}
          item={item}
          below={below}
        />
      )
    );
  };
  const rest = found.data.more.filter((id) => intake.answers[id] === undefined);
  return (
    <fieldset className="m-0 border-0 p-0">
      <legend className="mb-1 p-0">Patient reports</legend>
      {inOrder(found.data, intake.answers).map(row)}
      {rest.length > 0 && (
        <details className="border-t border-line">
          <summary className="min-h-10 content-center text-[16px] text-soft">
            More questions: {rest.length}
          </summary>
          {rest.map((id) => row({ id, below: false }))}
        </details>
      )}
    </fieldset>
  );
}

function Question(props: {
  item: Item;
  /** Whether another answer opened it. */
  below: boolean;
  intake: Intake;
  catalogue: Catalogue;
  onAnswer: (answers: Record<string, boolean>) => void;
}) {
  const { item, intake, catalogue } = props;
  const given = intake.answers[item.id];
  const candidates = new Set(intake.candidates.map((c) => c.condition));
  const words = given ? suggestion(item, catalogue, candidates) : "";
  const answer = (value: string) => {
    const { [item.id]: _, ...others } = intake.answers;
    props.onAnswer(value ? { ...others, [item.id]: value === "yes" } : others);
  };
  return (
    <div
      data-below={props.below}
      className="flex items-center gap-3 border-t border-line py-1 data-[below=true]:pl-5"
    >
      <span className="flex-1 text-[16px]">
        {item.ask}
        {words && <span className="block text-[14px] text-amber">{words}</span>}
      </span>
      <Toggles
        label={item.ask}
        hideLabel
        mayClear
        value={given === undefined ? "" : given ? "yes" : "no"}
        options={ANSWERS}
        onChange={answer}
      />
    </div>
  );
}

/** A prompt, never a weight, where nothing of the answer is weighed for the candidate: the examiner sets the notch. */
function suggestion(item: Item, catalogue: Catalogue, candidates: Set<string>): string {
  const parts = Object.entries(item.notches)
    .filter(([id]) => candidates.has(id) && !item.informs.includes(id))
    .map(([id, step]) => {
      const name = catalogue.conditions.find((c) => c.id === id)?.name ?? id;
      const words =
        step > 1
          ? "far more likely"
          : step > 0
            ? "more likely"
            : step < -1
              ? "far less likely"
              : "less likely";
      return `${name}: ${words}?`;
    });
  return parts.join(" ");
}
