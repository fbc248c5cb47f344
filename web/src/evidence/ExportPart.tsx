import { useState } from "react";
import { Toggles } from "../pieces/Toggles";

const SEPARATORS = [
  { id: "comma", label: "commas" },
  { id: "semicolon", label: "semicolons" },
  { id: "tab", label: "tabs" },
] as const;
const DECIMALS = [
  { id: "point", label: "0.07" },
  { id: "comma", label: "0,07" },
] as const;
type Separator = (typeof SEPARATORS)[number]["id"];
type Decimal = (typeof DECIMALS)[number]["id"];

/** What this machine's language has before decimals, which its spreadsheet most likely has as well. */
function decimalHere(): Decimal {
  return new Intl.NumberFormat(navigator.language).format(0.5).includes(",") ? "comma" : "point";
}

/** The content out of the program as files, in the way that the reader's spreadsheet wants them. */
export function ExportPart() {
  const [decimal, setDecimal] = useState<Decimal>(decimalHere);
  const [separator, setSeparator] = useState<Separator>(decimal === "comma" ? "semicolon" : "comma");
  const csv = `/api/evidence/accuracy.csv?${new URLSearchParams({ separator, decimal, mark: "true" })}`;
  return (
    <section className="flex flex-col gap-3">
      <h2 className="m-0 text-[20px] font-bold">Out</h2>
      <p className="m-0 text-[16px] text-soft">
        As in force here, with what the department changed. The workbook explains each column in its second
        sheet. In CSV, a text that a spreadsheet would take for a formula has an apostrophe in front, which
        reading it back takes away again.
      </p>
      <div className="flex flex-wrap gap-3">
        <a className="action inline-flex items-center" href="/api/evidence/accuracy.xlsx" download>
          All figures as a workbook (XLSX)
        </a>
        <a
          className="action inline-flex items-center"
          data-quiet="true"
          href="/api/evidence/packs.zip"
          download
        >
          Everything as zip (YAML and CSV)
        </a>
      </div>
      <div className="flex flex-wrap items-end gap-5 text-[16px]">
        <Toggles label="Cells separated by" value={separator} options={SEPARATORS} onChange={setSeparator} />
        <Toggles label="Decimals as in" value={decimal} options={DECIMALS} onChange={setDecimal} />
        <a className="action inline-flex items-center" data-quiet="true" href={csv} download>
          All figures as CSV
        </a>
      </div>
    </section>
  );
}
