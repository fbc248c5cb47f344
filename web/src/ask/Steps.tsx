import type { Intake, Standing } from "../api/types";
import { percent } from "../pieces/format";

type Start = Standing["conditions"][number]["start"];
type Step = Start["steps"][number];

/** What moves the base rate to the pretest, in one line, with where it is known from. */
export function Steps(props: { start: Start; pretest: number; intake: Intake; ages: readonly Named[] }) {
  const { start, intake } = props;
  const named = (step: Step) => {
    if (step.by === "age") {
      const band = props.ages.find((b) => b.id === intake.ageBand)?.label.toLowerCase();
      return `age ${intake.age ?? band ?? ""}`;
    }
    return step.by === "sex" ? (intake.sex ?? "sex") : "your suspicion";
  };
  const suspected = start.steps.some((s) => s.by === "suspicion");
  const told = start.steps.map((s) => `${named(s)} ×${factor(s.odds)}`);
  const sources = start.steps.map((s) => s.because).filter((b) => b !== "");
  return (
    <span>
      {", "}
      {[...told, ...(suspected ? [] : ["your suspicion ×1"])].join(", ")}: {percent(props.pretest)}
      {start.held && " (steps go no farther)"}
      {sources.length > 0 && <span> ({sources.join("; ")})</span>}
    </span>
  );
}

interface Named {
  id: string;
  label: string;
}

const factor = (odds: number) => String(Math.round(odds * 100) / 100);
