import { useState } from "react";
import type { MeasureChange } from "../api/caseQueries";
import type { Measure, MeasuredSide, Side } from "../api/types";
import { otherSide, sideName } from "../pieces/format";
import { WideTable } from "../pieces/WideTable";
import { Comparison, Follows, SinceLast } from "./Comparison";
import { LevelField } from "./LevelField";
import { Notes, notedWords } from "./Notes";
import { TrialsField } from "./TrialsField";

/** Measures of one group: both sides, what is noted beside them, side to side, since last time, and what follows. */
export function MeasureTable(props: {
  measures: Measure[];
  involved: Side;
  onSave: (change: MeasureChange) => void;
}) {
  const { involved } = props;
  const other = otherSide(involved);
  const heads = [
    "Measure",
    `${sideName(other)}, other side`,
    `${sideName(involved)}, affected side`,
    "Side to side",
    "Since last visit",
    "What follows",
  ];
  return (
    <WideTable label="Measures of the group" heads={heads}>
      {props.measures.map((m) => (
        <Row key={m.id} measure={m} sides={[other, involved]} involved={involved} onSave={props.onSave} />
      ))}
    </WideTable>
  );
}

function Row(props: {
  measure: Measure;
  sides: string[];
  involved: string;
  onSave: (change: MeasureChange) => void;
}) {
  const { measure: m } = props;
  const [open, setOpen] = useState(false);
  const at = (side: string): MeasuredSide => (side === props.involved ? m.involved : m.other);
  const label = (side: string) => `${m.name}, ${sideName(side)}`;
  return (
    <>
      <tr className="border-t border-line align-top">
        <th scope="row" className="max-w-[150px] py-2 pr-3 text-left font-semibold">
          {m.name}
          <span className="block text-[14px] font-normal text-soft">
            {m.items.map((i) => i.label).join(", ")}
            {m.items[0]?.unit && ` in ${m.items[0].unit}`}
          </span>
          <button
            type="button"
            className="min-h-6 text-[15px] font-normal underline"
            aria-expanded={open}
            aria-label={`Notes beside ${m.name}`}
            onClick={() => setOpen(!open)}
          >
            {open ? "Fold notes" : "Notes"}
          </button>
        </th>
        {props.sides.map((side) => (
          <td key={side} className="py-2 pr-3">
            <div className="flex flex-wrap gap-x-3 gap-y-1">
              {m.items.map((item) => (
                <div key={item.item}>
                  {m.items.length > 1 && <span className="text-[14px] text-soft">{item.label}</span>}
                  {item.item === "spinalLevel" ? (
                    <LevelField
                      label={label(side)}
                      value={at(side).values[item.item]?.mean}
                      onSave={(trials) =>
                        props.onSave({ measure: m.id, side, changes: { [item.item]: trials } })
                      }
                    />
                  ) : (
                    <TrialsField
                      label={label(side)}
                      item={item}
                      values={at(side).values[item.item]}
                      onSave={(trials, sure) =>
                        props.onSave({ measure: m.id, side, changes: { [item.item]: trials }, sure })
                      }
                    />
                  )}
                </div>
              ))}
            </div>
            <span className="block text-[15px] text-soft">{notedWords(at(side))}</span>
          </td>
        ))}
        <td className="w-[110px] py-2 pr-3">
          <Comparison measure={m} />
        </td>
        <td className="w-[180px] py-2 pr-3 text-[15px]">
          <SinceLast measure={m} />
        </td>
        <td className="min-w-[270px] py-2">
          <Follows measure={m} />
        </td>
      </tr>
      {open && (
        <tr>
          <td colSpan={6} className="pb-3">
            {props.sides.map((side) => (
              <div key={side} className="flex items-end gap-3 py-1">
                <b className="w-[70px] pb-3 text-[15px]">{sideName(side)}</b>
                <Notes
                  label={`Notes, ${label(side)}`}
                  measure={m}
                  side={at(side)}
                  onSave={(changes) => props.onSave({ measure: m.id, side, changes })}
                />
              </div>
            ))}
          </td>
        </tr>
      )}
    </>
  );
}
