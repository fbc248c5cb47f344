import { levelName } from "../couch/pictures/SpinePicture";

const LEVELS = Array.from({ length: 19 }, (_, i) => i + 1);

/** The level that the thumb reaches, by name. */
export function LevelField(props: {
  label: string;
  value: number | undefined;
  onSave: (trials: number[]) => void;
}) {
  return (
    <select
      className="field py-1"
      aria-label={`${props.label}, level reached`}
      value={props.value ?? ""}
      onChange={(e) => props.onSave(e.target.value === "" ? [] : [Number(e.target.value)])}
    >
      <option value="">not measured</option>
      {LEVELS.map((level) => (
        <option key={level} value={level}>
          {levelName(level)}
        </option>
      ))}
    </select>
  );
}
