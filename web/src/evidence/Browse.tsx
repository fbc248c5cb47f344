import { useState } from "react";
import { Link, useSearchParams } from "react-router";
import type { Catalogue, EvidenceIndex, PairLine } from "../api/types";
import { factor } from "../pieces/format";
import { WideTable } from "../pieces/WideTable";
import { pairAddress } from "./address";
import { judgements } from "./checked";
import { conditionsOf } from "./conditions";
import { OtherPair } from "./OtherPair";

const REGIONS = ["neck", "shoulder", "elbow", "wrist", "hand"];
const STATUS: Record<string, string> = {
  "sensitivity-only": "no specificity: never weighed",
  "left-out": "left out, at high risk of bias",
  unchecked: "not checked, so not weighed",
};

/** Studies are counted as rows, an opinion of the department's by its own name. */
function rowsOf(pair: PairLine): string {
  const rows = pair.rows - pair.judgements;
  const judged = pair.judgements > 0 ? judgements(pair.judgements) : "";
  return rows === 0 ? judged : judged === "" ? String(rows) : `${rows}, ${judged}`;
}

/** All pairs with figures, found by test, condition, region or a word. */
export function Browse(props: { index: EvidenceIndex; catalogue: Catalogue }) {
  const { index, catalogue } = props;
  const [params, setParams] = useSearchParams();
  const asked = catalogue.tests.find((t) => t.id === params.get("test"));
  const [word, setWord] = useState("");
  const [region, setRegion] = useState("");
  const [condition, setCondition] = useState("");
  const regionOf = (pair: PairLine) => catalogue.tests.find((t) => t.id === pair.test)?.region ?? "history";
  const found = index.pairs.filter(
    (p) =>
      (asked === undefined || p.test === asked.id) &&
      (region === "" || regionOf(p) === region) &&
      (condition === "" || p.condition === condition) &&
      `${p.name} ${p.conditionName}`.toLowerCase().includes(word.trim().toLowerCase()),
  );
  const conditions = conditionsOf(index.pairs);
  return (
    <>
      {asked && (
        <p className="m-0 mb-2 flex items-center gap-3 text-[17px]">
          <span>
            Of <b>{asked.name}</b> alone
          </span>
          <button type="button" className="choice min-h-9 px-3 py-0" onClick={() => setParams({})}>
            All tests
          </button>
        </p>
      )}
      <div className="mb-3 flex flex-wrap items-end gap-3">
        <label className="flex flex-col text-[16px]">
          Find
          <input
            type="search"
            className="field w-56"
            placeholder="test or condition"
            value={word}
            onChange={(e) => setWord(e.target.value)}
          />
        </label>
        <label className="flex flex-col text-[16px]">
          Region
          <select className="field" value={region} onChange={(e) => setRegion(e.target.value)}>
            <option value="">all</option>
            {[...REGIONS, "history"].map((r) => (
              <option key={r}>{r}</option>
            ))}
          </select>
        </label>
        <label className="flex flex-col text-[16px]">
          Condition
          <select className="field" value={condition} onChange={(e) => setCondition(e.target.value)}>
            <option value="">all</option>
            {conditions.map(([id, name]) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </label>
        <span role="status" className="pb-3 text-[16px] text-soft">
          {found.length} of {index.pairs.length} pairs
        </span>
      </div>
      <WideTable
        label="Pairs"
        heads={["Test, criterion", "Condition", "Rows", "Checked", "People", "If positive", "If negative"]}
      >
        {found.map((p) => (
          <tr key={`${p.criterion} ${p.condition}`} className="border-b border-line align-baseline">
            <td className="pr-4">
              <Link
                className="inline-flex min-h-8 items-center underline"
                to={pairAddress(p.criterion, p.condition)}
              >
                {p.name}
              </Link>
            </td>
            <td className="pr-4">{p.conditionName}</td>
            <td className="pr-4">{p.rows > 0 ? rowsOf(p) : "none"}</td>
            <td className="pr-4">
              {p.rows - p.unchecked - p.disputed || "none"}
              {p.disputed > 0 && <b>, {p.disputed} disputed</b>}
            </td>
            <td className="pr-4">{p.people > 0 ? Math.round(p.people) : ""}</td>
            {p.positive && p.negative ? (
              <>
                <td className="pr-4">{factor(p.positive.value)}</td>
                <td>{factor(p.negative.value)}</td>
              </>
            ) : (
              <td colSpan={2} className="text-soft">
                {p.status === "judged" && p.judged
                  ? `${p.judged.with} / ${p.judged.without}; judged, no study`
                  : STATUS[p.status]}
              </td>
            )}
          </tr>
        ))}
      </WideTable>
      <OtherPair catalogue={catalogue} />
    </>
  );
}
