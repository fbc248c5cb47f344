import type { RestsOn } from "./queries";

/** What the numbers below rest on, in one line. */
export function Rests(props: { on: RestsOn }) {
  const { cases, withOutcome, simulated, behind } = props.on;
  return (
    <p className="m-0 text-[16px] text-soft">
      {cases === 1 ? "1 case" : `${cases} cases`} counted, something came out of {withOutcome}.
      {simulated > 0 && ` Simulated: ${simulated}, nobody's patients.`}
      {behind > 0 && ` Still being worked out: ${behind}.`}
    </p>
  );
}
