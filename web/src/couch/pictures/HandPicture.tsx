import { isOn } from "../../api/examination";
import type { Leaves, Pad, Side } from "../../api/types";
import { SvgButton } from "./SvgButton";

/** Each part of the hand is one pad, so that picture and keys are one. */
export function isTingling(pad: Pad): boolean {
  return pad.group === "finger";
}

/** The outline of each part, drawn as a right hand, palm and back; and where its key's number stands. */
const PARTS: Record<string, { d: string; number: [number, number] }> = {
  "finger-little": { d: "M41 62a12 12 0 0 1 12 12v68H29V74a12 12 0 0 1 12-12z", number: [41, 128] },
  "finger-ring-little-side": { d: "M72 138H60V56a12 12 0 0 1 12-12z", number: [66, 104] },
  "finger-ring-thumb-side": { d: "M74 138V44a12 12 0 0 1 12 12v82z", number: [81, 128] },
  "finger-middle": { d: "M103 20a12 12 0 0 1 12 12v106H91V32a12 12 0 0 1 12-12z", number: [103, 128] },
  "finger-index": { d: "M134 34a12 12 0 0 1 12 12v92h-24V46a12 12 0 0 1 12-12z", number: [134, 128] },
  "finger-thumb": { d: "M152 152l22-46a12 12 0 0 1 22 10l-22 58z", number: [174, 144] },
  "finger-thenar-skin": { d: "M116 150h33l22 26-16 24h-39z", number: [136, 182] },
  "finger-elsewhere": { d: "M50 204h104v26H54z", number: [102, 224] },
  "finger-back-of-thumb-web": {
    d: "M258 144h-36c-6 8-8 14-22 4l-8 12c8 14 22 20 30 36h36z",
    number: [238, 178],
  },
  "finger-back-of-ulnar-hand": { d: "M262 144h40c2 24-4 36-12 52h-28z", number: [280, 178] },
};

/** Where it tingles: the palm and the back of this side's hand, several parts at once. */
export function HandPicture(props: {
  side: Side;
  pads: Pad[];
  active: boolean;
  leaves: Leaves;
  onPad: (pad: Pad) => void;
}) {
  const mirrored = props.side === "left";
  // Drawn as a right hand; a left one is its mirror image.
  return (
    <svg viewBox="0 0 340 236" className="h-[176px] w-[254px] shrink-0">
      <title>{`Where it tingles, ${props.side} hand: palm and back`}</title>
      <g transform={mirrored ? "translate(340 0) scale(-1 1)" : undefined}>
        <g fill="none" stroke="var(--edge)" strokeWidth="1.5">
          <path d="M30 142h116M30 142c-1 24 4 44 16 58h70" />
          <g transform="translate(208 60)">
            <rect x="14" y="10" width="17" height="70" rx="8" />
            <rect x="35" y="0" width="17" height="80" rx="8" />
            <rect x="56" y="8" width="17" height="72" rx="8" />
            <rect x="77" y="24" width="16" height="58" rx="8" />
          </g>
        </g>
        {props.pads.filter(isTingling).map((pad) => {
          const part = PARTS[pad.id];
          return (
            part && (
              <SvgButton
                key={pad.id}
                label={`Tingling: ${pad.label}`}
                on={isOn(pad, props.leaves)}
                onPress={() => props.onPad(pad)}
              >
                <path d={part.d} />
                {props.active && (
                  <KeyNumber at={part.number} mirrored={mirrored} number={props.pads.indexOf(pad) + 1} />
                )}
              </SvgButton>
            )
          );
        })}
      </g>
    </svg>
  );
}

function KeyNumber(props: { at: [number, number]; mirrored: boolean; number: number }) {
  const [x, y] = props.at;
  return (
    props.number <= 9 && (
      <text
        transform={`translate(${x} ${y})${props.mirrored ? " scale(-1 1)" : ""}`}
        className="drawn-number"
        textAnchor="middle"
        fontSize="16"
      >
        {props.number}
      </text>
    )
  );
}
