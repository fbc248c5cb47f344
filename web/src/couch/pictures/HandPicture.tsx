import { useId } from "react";
import { isOn } from "../../api/examination";
import type { Leaves, Pad, Side } from "../../api/types";
import {
  BACK_VIEW,
  HAND_PAPER,
  type HandView,
  PALM_VIEW,
  type Region,
  RING_AXIS,
  SKIN,
} from "../../figures/handMap";
import { isTingling } from "../pads/items";
import { SvgButton } from "./SvgButton";

/** Which part of the picture a pad is: of the palm or the back, and of the ring finger one half. */
const PARTS: Record<string, { region: Region; back?: boolean; half?: "thumb" | "little" }> = {
  "finger-thumb": { region: PALM_VIEW.fingers.thumb as Region },
  "finger-index": { region: PALM_VIEW.fingers.index as Region },
  "finger-middle": { region: PALM_VIEW.fingers.middle as Region },
  "finger-ring-thumb-side": { region: PALM_VIEW.fingers.ring as Region, half: "thumb" },
  "finger-ring-little-side": { region: PALM_VIEW.fingers.ring as Region, half: "little" },
  "finger-little": { region: PALM_VIEW.fingers.little as Region },
  "finger-thenar-skin": { region: SKIN.thenar },
  "finger-elsewhere": { region: SKIN.elsewhere },
  "finger-back-of-thumb-web": { region: SKIN.web, back: true },
  "finger-back-of-ulnar-hand": { region: SKIN.ulnarBack, back: true },
};

/** The back of the hand has two places only, and stands smaller beside the palm. */
const BACK_SCALE = 0.8;
const WIDTH = HAND_PAPER.width * (1 + BACK_SCALE);

/** Where it tingles: the palm and the back of this side's hand, several parts at once. */
export function HandPicture(props: {
  side: Side;
  pads: Pad[];
  /** What each pad answers to where keys go to this side. */
  padKeys: readonly string[];
  leaves: Leaves;
  onPad: (pad: Pad) => void;
}) {
  const mirrored = props.side === "left";
  const id = useId();
  const fingers = props.pads.filter(isTingling);
  return (
    <figure className="m-0 w-[164px] max-w-full shrink-0">
      <svg viewBox={`0 0 ${WIDTH} ${HAND_PAPER.height}`} className="block w-full">
        <title>{`Where it tingles, ${props.side} hand: palm and back`}</title>
        {/* Drawn as a right hand; a left one is its mirror image. */}
        <g transform={mirrored ? `translate(${WIDTH} 0) scale(-1 1)` : undefined}>
          <Halves id={id} />
          {[false, true].map((back) => (
            <g
              key={String(back)}
              transform={
                back
                  ? `translate(${HAND_PAPER.width} ${HAND_PAPER.height * (1 - BACK_SCALE)}) scale(${BACK_SCALE})`
                  : undefined
              }
            >
              <Hand view={back ? BACK_VIEW : PALM_VIEW} bare={back} />
              {fingers.map((pad) => {
                const part = PARTS[pad.id];
                const key = props.padKeys[props.pads.indexOf(pad)];
                return (
                  part &&
                  (part.back ?? false) === back && (
                    <SvgButton
                      key={pad.id}
                      label={`Tingling: ${pad.label}`}
                      on={isOn(pad, props.leaves)}
                      onPress={() => props.onPad(pad)}
                    >
                      <g clipPath={part.half && `url(#${id}${part.half})`}>
                        <path d={part.region.d} className="drawn-reach" />
                        <path d={part.region.d} className="drawn-skin" />
                      </g>
                      {key && <KeyOf at={part.region.at} half={part.half} mirrored={mirrored} name={key} />}
                    </SvgButton>
                  )
                );
              })}
              <path d={(back ? BACK_VIEW : PALM_VIEW).marks} className="drawn-lines" />
            </g>
          ))}
        </g>
      </svg>
      <figcaption className="sr-only">The palm at one side, the back of the hand at the other.</figcaption>
    </figure>
  );
}

/** The two halves of the ring finger, which belong to two nerves. */
function Halves(props: { id: string }) {
  const { from, to } = RING_AXIS;
  const line = `M${from.join(" ")}L${to.join(" ")}`;
  return (
    <defs>
      <clipPath id={`${props.id}thumb`}>
        <path d={`${line}H${HAND_PAPER.width}V${HAND_PAPER.height}H${from[0]}Z`} />
      </clipPath>
      <clipPath id={`${props.id}little`}>
        <path d={`${line}H0V${HAND_PAPER.height}H${from[0]}Z`} />
      </clipPath>
    </defs>
  );
}

function Hand(props: { view: HandView; bare: boolean }) {
  return (
    <g className="drawn-hand">
      <path d={props.view.palm} />
      {props.bare && Object.entries(props.view.fingers).map(([name, f]) => <path key={name} d={f.d} />)}
    </g>
  );
}

function KeyOf(props: {
  at: [number, number];
  half: "thumb" | "little" | undefined;
  mirrored: boolean;
  name: string;
}) {
  const aside = props.half === "thumb" ? 3 : props.half === "little" ? -3 : 0;
  return (
    <text
      transform={`translate(${props.at[0] + aside} ${props.at[1] + (aside > 0 ? -10 : aside < 0 ? 8 : 4)})${props.mirrored ? " scale(-1 1)" : ""}`}
      className="drawn-number"
      textAnchor="middle"
      fontSize="11"
    >
      {props.name.toUpperCase()}
    </text>
  );
}
