import { isOn } from "../../api/examination";
import type { Leaves, Pad, Side } from "../../api/types";
import { SvgButton } from "./SvgButton";

/** The territories by the pad that each stands for; the pads are tapped, so that picture and keys are one. */
const TERRITORIES = ["median", "ulnar", "radial", "other"] as const;

type Territory = (typeof TERRITORIES)[number];

const WORDS: Record<Territory, string> = {
  median: "Thumb, index, middle, half the ring finger",
  ulnar: "Little finger and half the ring finger",
  radial: "Back of the hand, thumb side",
  other: "Elsewhere, up the forearm",
};

export function isTingling(pad: Pad): boolean {
  return pad.id.startsWith("tingling-");
}

/** Where the number of the key stands on each part, drawn as a right hand. */
const NUMBER_AT: Record<Territory, [number, number]> = {
  median: [124, 176],
  ulnar: [58, 176],
  radial: [238, 176],
  other: [102, 224],
};

/** Where it tingles: the palm and the back of this side's hand. */
export function HandPicture(props: {
  side: Side;
  pads: Pad[];
  active: boolean;
  leaves: Leaves;
  onPad: (pad: Pad) => void;
}) {
  const mirrored = props.side === "left";
  const part = (territory: Territory, drawing: React.ReactNode) => {
    const pad = props.pads.find((p) => p.id === `tingling-${territory}`);
    return (
      pad && (
        <SvgButton
          label={`Tingling: ${WORDS[territory]}`}
          on={isOn(pad, props.leaves)}
          onPress={() => props.onPad(pad)}
        >
          {drawing}
          {props.active && (
            <KeyNumber at={NUMBER_AT[territory]} mirrored={mirrored} number={props.pads.indexOf(pad) + 1} />
          )}
        </SvgButton>
      )
    );
  };
  // Drawn as a right hand; a left one is its mirror image.
  return (
    <svg viewBox="0 0 340 236" className="h-[176px] w-[254px] shrink-0">
      <title>{`Where it tingles, ${props.side} hand: palm and back`}</title>
      <g transform={mirrored ? "translate(340 0) scale(-1 1)" : undefined}>
        {part(
          "median",
          <>
            <rect x="122" y="34" width="25" height="104" rx="12" />
            <rect x="91" y="20" width="25" height="118" rx="12" />
            <path d="M73 138V44a12 12 0 0 1 12-12v106z" />
            <path d="M91 138h58c9 10 12 32 9 62h-60z" />
            <path d="M150 156l24-50a12 12 0 0 1 22 10l-22 58-18 22z" />
          </>,
        )}
        {part(
          "ulnar",
          <>
            <rect x="29" y="62" width="24" height="80" rx="12" />
            <path d="M73 138H61V56a12 12 0 0 1 12-12z" />
            <path d="M30 142h57l9 58H46c-12-14-17-34-16-58z" />
          </>,
        )}
        {part("other", <path d="M50 204h104v26H54z" />)}
        <g transform="translate(208 60)" fill="none" stroke="var(--edge)" strokeWidth="1.5">
          <rect x="14" y="10" width="17" height="70" rx="8" />
          <rect x="35" y="0" width="17" height="80" rx="8" />
          <rect x="56" y="8" width="17" height="72" rx="8" />
          <rect x="77" y="24" width="16" height="58" rx="8" />
          <path d="M54 84h40c2 24-4 36-12 52H56z" />
        </g>
        {part(
          "radial",
          <path transform="translate(208 60)" d="M52 84H14c-6 8-8 14-22 4l-8 12c8 14 22 20 30 36h40z" />,
        )}
      </g>
    </svg>
  );
}

function KeyNumber(props: { at: [number, number]; mirrored: boolean; number: number }) {
  const [x, y] = props.at;
  return (
    <text
      transform={`translate(${x} ${y})${props.mirrored ? " scale(-1 1)" : ""}`}
      className="drawn-number"
      textAnchor="middle"
      fontSize="16"
    >
      {props.number}
    </text>
  );
}
