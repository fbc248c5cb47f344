import type { Asked, Intake } from "../api/types";

/** A question, and whether another answer opened it. */
export interface Placed {
  id: string;
  below: boolean;
}

/** In the order that they are asked in, each with what it opened; what was answered stays in sight wherever it stood. */
export function inOrder({ asked, opened, more }: Asked, answers: Intake["answers"]): Placed[] {
  const at = (below: boolean) => (id: string) => ({ id, below });
  return [
    ...asked.flatMap((id) => [at(false)(id), ...(opened[id] ?? []).map(at(true))]),
    ...more.filter((id) => answers[id] !== undefined).map(at(false)),
  ];
}
