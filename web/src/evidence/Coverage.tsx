import { useState } from "react";
import { Link } from "react-router";
import type { Catalogue, EvidenceIndex } from "../api/types";
import { Sideways } from "../pieces/Sideways";
import { Toggles } from "../pieces/Toggles";
import { pairAddress } from "./address";

const REGIONS = ["neck", "shoulder", "elbow", "wrist", "hand"].map((id) => ({ id, label: id }));

/** Tests against conditions: how many rows each pair has, and a blank where nobody has published any. */
export function Coverage(props: { index: EvidenceIndex; catalogue: Catalogue }) {
  const { index, catalogue } = props;
  const [region, setRegion] = useState("shoulder");
  const tests = catalogue.tests.filter((t) => t.region === region);
  const ofRegion = new Set(
    catalogue.complaints.filter((c) => c.regions.includes(region)).flatMap((c) => c.candidates),
  );
  const conditions = catalogue.conditions.filter((c) => ofRegion.has(c.id));
  const rows = (test: string, condition: string) =>
    index.pairs.filter((p) => p.test === test && p.condition === condition);
  const silent = tests.filter((t) => conditions.every((c) => rows(t.id, c.id).length === 0));
  return (
    <>
      <Toggles label="Region" value={region} options={REGIONS} onChange={setRegion} />
      <p className="my-2 text-[16px]">
        {silent.length} of {tests.length} tests have no figure for any of these conditions. A blank is not
        zero: nothing is known.
      </p>
      <Sideways label="Coverage">
        <table className="border-collapse text-[14px]">
          <thead>
            <tr>
              <th scope="col" className="text-left font-normal text-soft">
                Rows of figures
              </th>
              {conditions.map((c) => (
                <th key={c.id} scope="col" className="h-[150px] w-8 align-bottom font-normal">
                  <span className="inline-block max-h-[145px] rotate-180 overflow-hidden [writing-mode:vertical-rl]">
                    {c.name}
                  </span>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {tests.map((t) => (
              <tr key={t.id} className="border-t border-line">
                <th scope="row" className="py-0.5 pr-3 text-left font-normal whitespace-nowrap">
                  {t.name}
                </th>
                {conditions.map((c) => {
                  const pairs = rows(t.id, c.id);
                  const [first] = pairs;
                  const n = pairs.reduce((sum, p) => sum + p.rows, 0);
                  return (
                    <td key={c.id} className="border-l border-line p-0 text-center">
                      {first && (
                        <Link
                          to={pairAddress(first.criterion, c.id)}
                          aria-label={`${t.name} for ${c.name}, ${n === 1 ? "1 row" : `${n} rows`}`}
                          className="block min-w-8 bg-teal-wash py-1 font-bold"
                        >
                          {n}
                        </Link>
                      )}
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </table>
      </Sideways>
    </>
  );
}
