import { useState } from "react";
import { CalibrationPlot } from "../../pieces/CalibrationPlot";
import { ErrorNote } from "../../pieces/ErrorNote";
import { percent, unbroken } from "../../pieces/format";
import { SCHOOLS } from "../../pieces/schools";
import { WideTable } from "../../pieces/WideTable";
import { asked, type Foresight, type Judged, type Slice, useForesight } from "./queries";
import { Rests } from "./Rests";
import { SliceBar } from "./SliceBar";
import { figureWords } from "./words";

const FIELDS = ["from", "to", "examiner", "setting", "reference", "complaint"] as const;

/** What was thought at the last moment before it was known, against what came out. */
export function ForesightTab() {
  const [slice, setSlice] = useState<Slice>({});
  const foresight = useForesight(slice);
  const of = foresight.data;
  return (
    <>
      <SliceBar slice={slice} fields={FIELDS} examiners={of?.examiners} onChange={setSlice} />
      <ErrorNote error={foresight.error} />
      {of && (
        <>
          <Rests on={of.restsOn} />
          <p className="m-0 text-[19px] leading-snug">{unbroken(of.sentence)}</p>
          {of.program && <Whole of={of} program={of.program} slice={slice} />}
        </>
      )}
    </>
  );
}

/** With fewer it is drawn pale. */
const FEW = 30;

const bins = (of: Judged) => of.bins.map((b) => ({ ...b, of: b.predictions }));

function Whole(props: { of: Foresight; program: Judged; slice: Slice }) {
  const { of, program } = props;
  return (
    <>
      <div className="grid grid-cols-[380px_1fr] items-start gap-8 max-lg:grid-cols-1">
        <figure className="m-0 max-w-[380px]">
          <CalibrationPlot bins={bins(program)} none="Nothing came out yet" pale={!of.enough} />
          <figcaption className="text-[15px] text-soft">
            {program.predictions} outcomes of {program.patients} people. On the dashed line 70&#8239;% means
            70&#8239;%; pale bars are what chance leaves.
          </figcaption>
        </figure>
        <div className="flex flex-col gap-4">
          <Scores of={program} title="The program" />
          {of.enough && <Schools of={of} />}
          {of.hunches && (
            <section aria-label="The examiners' own hunches">
              <h2 className="m-0 text-[20px] font-bold">The examiners' own hunches</h2>
              <p className="m-0 text-[16px]">
                {of.hunches.examiners.predictions} said beforehand: Brier score{" "}
                {of.hunches.examiners.brier.toFixed(3)}, the program's of the same{" "}
                {of.hunches.programBrier.toFixed(3)}; difference {figureWords(of.hunches.difference, 3)}.{" "}
                {of.hunches.sentence}
              </p>
              <div className="max-w-[300px]">
                <CalibrationPlot
                  bins={bins(of.hunches.examiners)}
                  none="Nothing was said"
                  pale={of.hunches.examiners.predictions < FEW}
                />
              </div>
            </section>
          )}
        </div>
      </div>
      {of.enough && (
        <WideTable
          label="By condition"
          heads={["Condition", "Said, on average", "Was so", "Of", "Brier score"]}
          caption={<b className="text-[20px]">By condition, said most too high first</b>}
        >
          {program.conditions.map((c) => (
            <tr key={c.condition} className={`border-t border-line ${c.predictions < 10 ? "text-soft" : ""}`}>
              <th scope="row" className="py-1 pr-4 text-left font-normal">
                {c.name}
              </th>
              <td className="pr-4">{percent(c.said)}</td>
              <td className="pr-4">
                {Math.round(100 * c.was)}
                {"\u202f"}%
              </td>
              <td className="pr-4">
                {c.predictions}
                {c.predictions < 10 && " few"}
              </td>
              <td>{c.brier.toFixed(3)}</td>
            </tr>
          ))}
        </WideTable>
      )}
      <a
        className="flex min-h-8 items-center self-start underline"
        href={`/api/outcomes/foresight.csv${asked(props.slice)}`}
        download
      >
        As a table for a spreadsheet (CSV)
      </a>
    </>
  );
}

function Scores(props: { of: Judged; title: string }) {
  const { of } = props;
  return (
    <section aria-label={props.title}>
      <h2 className="m-0 text-[20px] font-bold">{props.title}</h2>
      <p className="m-0 text-[16px]">
        Brier score {of.brier.toFixed(3)}; 0 is best. It is the lack of reliability{" "}
        {of.reliability.toFixed(3)} less the resolution {of.resolution.toFixed(3)} plus the uncertainty of the
        matter itself {of.uncertainty.toFixed(3)} (Murphy), but for what lies within a tenth. Those with it
        and those without were told apart in {of.area ? figureWords(of.area) : "nobody yet"} of pairs (area
        under the curve).
      </p>
    </section>
  );
}

function Schools(props: { of: Foresight }) {
  return (
    <WideTable
      label="Ways to weigh"
      heads={["Way to weigh", "Brier score", "Area under the curve", "Behind the best"]}
      caption={<b className="text-[20px]">Which way to weigh would have served best here</b>}
    >
      {props.of.schools.map((s) => (
        <tr key={s.school} className="border-t border-line">
          <th scope="row" className="py-1 pr-4 text-left font-normal">
            {SCHOOLS.find((k) => k.id === s.school)?.label ?? s.school}
            {s.inForce && <b> in force</b>}
          </th>
          <td className="pr-4">{s.brier.toFixed(3)}</td>
          <td className="pr-4 whitespace-nowrap">{figureWords(s.area)}</td>
          <td className="whitespace-nowrap">
            {s.behind
              ? `${figureWords(s.behind, 3)}${s.behind.low > 0 ? "" : ", may be chance"}`
              : "nearest to the truth"}
          </td>
        </tr>
      ))}
    </WideTable>
  );
}
