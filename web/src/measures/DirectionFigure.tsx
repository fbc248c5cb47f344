import type { Looseness } from "../api/types";

/** Where each direction points to on the figure: the arm seen from its side, the patient facing left. */
const ARROWS: Record<string, { x: number; y: number; turn: number; label: [number, number] }> = {
  forwards: { x: 96, y: 110, turn: 180, label: [44, 150] },
  backwards: { x: 224, y: 110, turn: 0, label: [276, 150] },
  downwards: { x: 160, y: 174, turn: 90, label: [220, 214] },
};

const SHORT: Record<string, string> = {
  looser: "looser",
  "both-sides": "both sides",
  firm: "firm",
  "not-tested": "not tested",
};

/** The shoulder's directions on one figure: a broad arrow is looser, a thin one firm, a dotted one not tested. */
export function DirectionFigure(props: { looseness: Looseness }) {
  return (
    <figure className="m-0 w-[320px] max-w-full">
      <svg viewBox="0 0 320 264" className="block w-full overflow-visible">
        <title>{props.looseness.sentence}</title>
        <path
          d="M118 44q-30 14-32 52 M202 44q30 14 32 52 M118 44q42-26 84 0"
          fill="none"
          stroke="var(--edge)"
          strokeWidth="3"
        />
        <text x="160" y="20" textAnchor="middle" fontSize="14" fill="var(--soft)">
          roof of the shoulder
        </text>
        <circle cx="160" cy="110" r="38" fill="var(--card)" stroke="var(--ink)" strokeWidth="2.5" />
        <text x="160" y="115" textAnchor="middle" fontSize="14" fill="var(--ink)">
          head
        </text>
        {props.looseness.directions.map((d) => {
          const arrow = ARROWS[d.name];
          return (
            arrow && (
              <g key={d.name}>
                <path
                  d={d.state === "looser" ? "M4-11h32v-9l24 20-24 20v-9h-32z" : "M4 0h50m-14-9l14 9-14 9"}
                  transform={`translate(${arrow.x} ${arrow.y}) rotate(${arrow.turn})`}
                  fill={d.state === "looser" ? "var(--amber-wash)" : "none"}
                  stroke={d.state === "looser" ? "var(--amber)" : "var(--ink)"}
                  strokeWidth={d.state === "both-sides" ? 6 : 2.5}
                  strokeDasharray={d.state === "not-tested" ? "3 5" : undefined}
                />
                <text
                  x={arrow.label[0]}
                  y={arrow.label[1]}
                  textAnchor="middle"
                  fontSize="15"
                  fill="var(--ink)"
                >
                  {d.name}
                  <tspan x={arrow.label[0]} dy="18" fontWeight="700">
                    {SHORT[d.state]}
                  </tspan>
                </text>
              </g>
            )
          );
        })}
      </svg>
      <figcaption className="text-[14px] text-soft">
        Seen from the side, the patient facing left. Broad arrow looser, heavy line loose on both sides alike
        or not clear, thin line firm, dotted not tested.
      </figcaption>
    </figure>
  );
}
