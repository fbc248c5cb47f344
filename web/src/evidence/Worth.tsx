import { factor } from "../pieces/format";

interface WorthOf {
  sensitivity: number;
  specificity: number;
  lrPositive: number;
  lrNegative: number;
}

/** What a rule is worth, in one line. */
export function Worth(props: { worth: WorthOf }) {
  const w = props.worth;
  return (
    <>
      sensitivity {w.sensitivity.toFixed(2)}, specificity {w.specificity.toFixed(2)}; positive{" "}
      {factor(w.lrPositive)}, negative {factor(w.lrNegative)}
    </>
  );
}
