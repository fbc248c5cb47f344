import type { Side } from "../../api/types";
import { sideName } from "../../pieces/format";
import { SvgButton } from "./SvgButton";

const THORACIC = 12;
const LUMBAR = 5;
const LEVELS = 19;
const WIDTH = 26;

/** The name of a level counted downwards from T1 = 1. */
export function levelName(level: number): string {
  if (level <= THORACIC) {
    return `T${level}`;
  }
  if (level <= THORACIC + LUMBAR) {
    return `L${level - THORACIC}`;
  }
  return level === LEVELS ? "buttock" : "sacrum";
}

/** How far up the back the thumb reaches: the spine lying along, its upper end to the left. */
export function SpinePicture(props: {
  side: Side;
  value: number | undefined;
  otherSide: number | undefined;
  onChange: (level: number | null) => void;
}) {
  return (
    <figure className="m-0 w-[350px] max-w-full">
      <svg viewBox={`0 0 ${LEVELS * WIDTH} 74`} className="block w-full max-w-[560px]">
        <title>{`Level that the ${props.side} thumb reaches, T1 on the left to the buttock on the right`}</title>
        {Array.from({ length: LEVELS }, (_, i) => i + 1).map((level) => (
          <SvgButton
            key={level}
            label={`${sideName(props.side)} thumb reaches ${levelName(level)}`}
            on={props.value === level}
            onPress={() => props.onChange(props.value === level ? null : level)}
          >
            <rect x={(level - 1) * WIDTH} y="0" width={WIDTH} height="58" fill="transparent" stroke="none" />
            <Bone level={level} x={(level - 1) * WIDTH} />
          </SvgButton>
        ))}
        {[1, 6, 12, 13, 17].map((level) => (
          <text
            key={level}
            x={(level - 0.5) * WIDTH}
            y="71"
            textAnchor="middle"
            fontSize="13"
            fill="var(--soft)"
          >
            {levelName(level)}
          </text>
        ))}
        {props.otherSide !== undefined && (
          <path
            d={`M${(props.otherSide - 0.5) * WIDTH - 5} 0h10l-5 7z`}
            fill="var(--amber)"
            aria-label={`other side ${levelName(props.otherSide)}`}
          />
        )}
      </svg>
      <figcaption className="text-[14px] leading-tight">
        {props.value === undefined
          ? `${sideName(props.side)}: tap the level that the thumb reaches`
          : `${sideName(props.side)} thumb reaches ${levelName(props.value)}`}
        {props.otherSide !== undefined && (
          <span className="text-soft">
            ; other side {levelName(props.otherSide)}
            {props.value !== undefined &&
              props.value !== props.otherSide &&
              `, ${levels(props.value - props.otherSide)}`}
          </span>
        )}
      </figcaption>
    </figure>
  );
}

const COUNTS = [
  "no",
  "one",
  "two",
  "three",
  "four",
  "five",
  "six",
  "seven",
  "eight",
  "nine",
  "ten",
  "eleven",
  "twelve",
];

/** A difference of levels in words. */
export function levels(difference: number): string {
  const n = Math.abs(difference);
  return `${COUNTS[n] ?? n} ${n === 1 ? "level" : "levels"} ${difference > 0 ? "lower" : "higher"}`;
}

function Bone(props: { level: number; x: number }) {
  const { level, x } = props;
  if (level === LEVELS) {
    return <path d={`M${x + 2} 14q22 2 22 20t-22 20z`} />;
  }
  if (level > THORACIC + LUMBAR) {
    return <path d={`M${x + 2} 12l22 8v20l-22 8z`} />;
  }
  const height = 16 + level * 0.8;
  const top = 14 + (17 - level) * 0.4;
  return (
    <>
      <rect x={x + 2} y={top} width={WIDTH - 4} height={height} rx="4" />
      <path d={`M${x + 9} ${top + height}h8l2 15h-12z`} />
    </>
  );
}
