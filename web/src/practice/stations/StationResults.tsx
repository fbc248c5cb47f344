import { Link, useParams } from "react-router";
import { TopBar } from "../../frame/TopBar";
import { ErrorNote } from "../../pieces/ErrorNote";
import { time } from "../../pieces/format";
import { PageHeading } from "../../pieces/PageHeading";
import { WideTable } from "../../pieces/WideTable";
import { useStationResults } from "./queries";

/** The points of everybody who sat a station, as a table that prints, and one by one with the reasons. */
export function StationResults() {
  const { key = "" } = useParams();
  const results = useStationResults(key);
  const of = results.data;
  return (
    <>
      <TopBar />
      <main className="mx-auto max-w-[1240px] px-5 py-5">
        <PageHeading title={of?.name ?? "Station"} className="m-0 text-[28px] leading-tight font-bold" />
        <p className="m-0 flex flex-wrap gap-x-4 text-[16px] print:hidden">
          <Link to="/practice/stations" className="flex min-h-8 items-center underline">
            Stations
          </Link>
          <a
            className="flex min-h-8 items-center underline"
            href={`/api/practice/stations/${key}/results.csv`}
            download
          >
            As a table for a spreadsheet (CSV)
          </a>
          <button type="button" className="min-h-8 underline" onClick={() => window.print()}>
            Print
          </button>
        </p>
        <ErrorNote error={results.error} />
        {of && of.sittings.length === 0 && <p>Nobody has sat it yet.</p>}
        {of && of.sittings.length > 0 && (
          <>
            <WideTable
              label="Points"
              heads={[
                "Who",
                "When",
                ...of.marks,
                `Points of ${of.points}`,
                "Minutes",
                "Brier score, program",
              ]}
            >
              {of.sittings.map((s) => (
                <tr key={s.patient} className="border-t border-line">
                  <th scope="row" className="py-1 pr-3 text-left font-semibold">
                    <Link to={`/practice/patients/${s.patient}/debrief`} className="underline">
                      {s.person}
                    </Link>
                  </th>
                  <td className="pr-3 whitespace-nowrap text-soft">{time(s.endedAt)}</td>
                  {s.marked.map((m) => (
                    <td key={m.label} className="pr-3 whitespace-nowrap">
                      {m.got} of {m.points}
                    </td>
                  ))}
                  <td className="pr-3 font-bold">{s.got}</td>
                  <td className="pr-3">{s.minutes.toFixed(1)}</td>
                  <td className="pr-3 whitespace-nowrap">
                    {s.brier.toFixed(3)}, {s.programBrier.toFixed(3)}
                  </td>
                </tr>
              ))}
            </WideTable>
            {of.sittings.map((s) => (
              <section key={s.patient} aria-label={`${s.person}, why`} className="mt-4 break-inside-avoid">
                <h2 className="m-0 text-[18px] font-bold">
                  {s.person}, {s.got} of {s.points}
                </h2>
                <ul className="m-0 list-none p-0 text-[16px]">
                  {s.marked.map((m) => (
                    <li key={m.label} className="border-t border-line py-0.5">
                      <b>
                        {m.label}, {m.got} of {m.points}.
                      </b>{" "}
                      {m.words}
                    </li>
                  ))}
                </ul>
              </section>
            ))}
          </>
        )}
      </main>
    </>
  );
}
