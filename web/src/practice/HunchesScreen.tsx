import { Link, useSearchParams } from "react-router";
import { TopBar } from "../frame/TopBar";
import { ErrorNote } from "../pieces/ErrorNote";
import { capital, percent } from "../pieces/format";
import { PageHeading } from "../pieces/PageHeading";
import { WideTable } from "../pieces/WideTable";
import { HunchCurve } from "./HunchCurve";
import { PatientLines } from "./PatientLines";
import { type HunchesOf, useHunchesOf, useStudentPatients } from "./queries";

/** How somebody's hunches do: the curve, by region and condition, and over the weeks. */
export function HunchesScreen() {
  const [params] = useSearchParams();
  const of = params.get("of") ?? undefined;
  const hunches = useHunchesOf(of);
  return (
    <>
      <TopBar />
      <main className="mx-auto max-w-[1240px] px-5 py-5">
        <PageHeading title="Hunches" className="m-0 text-[28px] leading-tight font-bold">
          {of ? `Hunches of ${of}` : "Your hunches"}
        </PageHeading>
        <Link to="/practice" className="flex min-h-8 items-center underline">
          Back
        </Link>
        <ErrorNote error={hunches.error} />
        {hunches.data && (
          <div className="mt-3 grid grid-cols-2 items-start gap-8 max-lg:grid-cols-1">
            <div className="flex flex-col gap-5">
              <HunchCurve of={hunches.data} />
              {of && <Patients of={of} />}
            </div>
            <div className="flex flex-col gap-5">
              <Groups title="By region" of={hunches.data} groups={hunches.data.hunches.regions} />
              <Groups
                title="By condition, most overrated first"
                of={hunches.data}
                groups={hunches.data.hunches.conditions}
              />
              <Weeks of={hunches.data} />
            </div>
          </div>
        )}
      </main>
    </>
  );
}

/** What a student practised on, for a lead. */
function Patients(props: { of: string }) {
  const patients = useStudentPatients(props.of);
  return (
    <section aria-label="Patients">
      <h2 className="m-0 text-[20px] font-bold">Patients</h2>
      <ErrorNote error={patients.error} />
      {patients.data?.length === 0 && <p className="m-0 text-soft">None yet.</p>}
      <PatientLines lines={patients.data ?? []} />
    </section>
  );
}

type Group = HunchesOf["hunches"]["regions"][number];

function Groups(props: { title: string; of: HunchesOf; groups: Group[] }) {
  if (props.groups.length === 0) {
    return null;
  }
  return (
    <section>
      <h2 className="m-0 text-[20px] font-bold">{props.title}</h2>
      <WideTable label={props.title} heads={["Of", "Said", "So", "Hunches", "On average"]}>
        {props.groups.map((g) => (
          <tr key={g.of} className="border-t border-line">
            <th scope="row" className="py-1 pr-4 text-left font-normal">
              {props.of.names[g.of] ?? capital(g.of)}
            </th>
            <td className="pr-4">{percent(g.said)}</td>
            <td className="pr-4">
              {Math.round(100 * g.was)}
              {"\u202f"}%
            </td>
            <td className="pr-4 text-soft">{g.hunches}</td>
            <td>{leaning(g)}</td>
          </tr>
        ))}
      </WideTable>
    </section>
  );
}

/** Below this a difference is not worth a word. */
const WORTH_A_WORD = 0.05;

function leaning(g: Group): string {
  const by = g.said - g.was;
  return Math.abs(by) < WORTH_A_WORD ? "about right" : by > 0 ? "too high" : "too low";
}

function Weeks(props: { of: HunchesOf }) {
  const { weeks } = props.of.hunches;
  if (weeks.length === 0) {
    return null;
  }
  return (
    <section>
      <h2 className="m-0 text-[20px] font-bold">Over the weeks</h2>
      <WideTable label={"Over the weeks"} heads={["Week of", "Patients", "Brier score", "The program's"]}>
        {weeks.map((w) => (
          <tr key={w.monday} className="border-t border-line">
            <th scope="row" className="py-1 pr-4 text-left font-normal">
              {new Date(w.monday).toLocaleDateString("en-GB", { day: "numeric", month: "long" })}
            </th>
            <td className="pr-4">{w.patients}</td>
            <td className="pr-4">{w.brier.toFixed(3)}</td>
            <td className="pr-4 text-soft">{w.programBrier.toFixed(3)}</td>
          </tr>
        ))}
      </WideTable>
    </section>
  );
}
