import type { DrillPeople } from "./queries";

const SIZE = { few: 22, many: 8 };
const COLUMNS = { few: 20, many: 50 };
const FEW = 100;

/** People as dots: filled have it, those with a ring are positive. */
export function DrillDots(props: { people: DrillPeople }) {
  const { outOf, with: having, positiveWith, positiveWithout } = props.people;
  const way = outOf <= FEW ? "few" : "many";
  const size = SIZE[way];
  const columns = COLUMNS[way];
  const rows = Math.ceil(outOf / columns);
  return (
    <figure className="m-0">
      <svg
        role="img"
        aria-label={`Of ${outOf}, ${having} have it; ${positiveWith} of those and ${positiveWithout} of the others are positive`}
        viewBox={`0 0 ${columns * size} ${rows * size}`}
        className="block w-[440px] max-w-full"
      >
        {Array.from({ length: outOf }, (_, i) => {
          const has = i < having;
          const positive = has ? i < positiveWith : i - having < positiveWithout;
          return (
            // biome-ignore lint/suspicious/noArrayIndexKey: people differ by their place alone
            <g key={i}>
              <circle
                cx={((i % columns) + 0.5) * size}
                cy={(Math.floor(i / columns) + 0.5) * size}
                r={size * 0.28}
                fill={has ? "var(--teal)" : "var(--line)"}
              />
              {positive && (
                <circle
                  cx={((i % columns) + 0.5) * size}
                  cy={(Math.floor(i / columns) + 0.5) * size}
                  r={size * 0.42}
                  fill="none"
                  stroke="var(--ink)"
                  strokeWidth={size * 0.09}
                />
              )}
            </g>
          );
        })}
      </svg>
      <figcaption className="text-[15px] text-soft">Filled: has it. With a ring: positive.</figcaption>
    </figure>
  );
}
