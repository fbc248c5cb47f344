import type { Pooled, Share } from "../api/types";
import { factor } from "../pieces/format";
import { WideTable } from "../pieces/WideTable";

/** The pooled figures as numbers: what is weighed with, how well it is known, and what a new clinic may find. */
export function PooledNumbers(props: { pooled: Pooled; withoutHighBias: Pooled | undefined }) {
  const { pooled, withoutHighBias } = props;
  const heads = [
    "Figure",
    "Weighed with",
    "How well it is known (95\u202f%)",
    "A new clinic may find (95\u202f%)",
  ];
  const rows: [string, (p: Pooled) => Share, (p: Pooled) => Share, (n: number) => string][] = [
    ["Sensitivity", (p) => p.sensitivity, (p) => p.newClinicSensitivity, (n) => n.toFixed(2)],
    ["Specificity", (p) => p.specificity, (p) => p.newClinicSpecificity, (n) => n.toFixed(2)],
    ["A positive multiplies the odds by", (p) => p.positive, (p) => p.newClinicPositive, odds],
    ["A negative multiplies the odds by", (p) => p.negative, (p) => p.newClinicNegative, odds],
  ];
  return (
    <section aria-label="Pooled figures" className="flex flex-col gap-2">
      <h2 className="m-0 text-[20px] font-bold">In numbers</h2>
      <WideTable
        label="Pooled figures as numbers"
        narrow
        heads={withoutHighBias ? [...heads, "Without studies at high risk of bias"] : heads}
      >
        {rows.map(([name, of, inNewClinic, words]) => (
          <tr key={name} className="border-b border-line">
            <th scope="row" className="py-1 pr-5 text-left font-normal">
              {name}
            </th>
            <td className="pr-5 font-bold">{words(of(pooled).value)}</td>
            <td className="pr-5">{range(of(pooled), words)}</td>
            <td className="pr-5">{range(inNewClinic(pooled), words)}</td>
            {withoutHighBias && (
              <td>
                {words(of(withoutHighBias).value)} ({range(of(withoutHighBias), words)})
              </td>
            )}
          </tr>
        ))}
      </WideTable>
      <p className="m-0 text-[16px] text-soft">
        Where a ratio leads depends on how likely the condition was before.
      </p>
    </section>
  );
}

const odds = (n: number) => factor(n).slice(2);

const range = (s: Share, words: (n: number) => string) => `${words(s.low)} to ${words(s.high)}`;
