/** The rail's scale: log-odds from 0.1 % to 99.9 %. */
const LOW = logit(0.001);
const HIGH = logit(0.999);

export const TICKS = [0.001, 0.01, 0.05, 0.1, 0.25, 0.5, 0.75, 0.9, 0.95, 0.99, 0.999];

function logit(p: number): number {
  return Math.log(p / (1 - p));
}

/** Where a probability stands, from 0 at the left end to 1 at the right; beyond the ends it stays there. */
export function railPosition(p: number): number {
  if (p <= 0.001) {
    return 0;
  }
  return p >= 0.999 ? 1 : (logit(p) - LOW) / (HIGH - LOW);
}
