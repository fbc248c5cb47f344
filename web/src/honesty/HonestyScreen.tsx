import { TopBar } from "../frame/TopBar";
import { PageHeading } from "../pieces/PageHeading";
import { CalibrationPlot, type Lines } from "./CalibrationPlot";
import file from "./measured.json";
import { type Measured, Rows } from "./Rows";

/** What the bench wrote down. */
const measured: {
  patients: number;
  schools: (Measured & { caption: string })[];
  complaints: Measured;
  frozen: Measured;
  orders: Measured;
  plot: { scenario: string; lines: Lines }[];
} = file;

/** How right the program was in made-up clinics that are not its model, and where it is wrong. */
export function HonestyScreen() {
  return (
    <>
      <TopBar />
      <main className="mx-auto flex max-w-[1080px] flex-col gap-5 px-5 py-5 text-[17px]">
        <PageHeading title="How right the program is" className="m-0 text-[28px] leading-tight font-bold" />
        <p className="m-0">
          A probability is honest when, of a hundred patients of whom it says 80&#8239;%, eighty have it.
          Nobody has recorded thousands of arms with every test and a certain diagnosis, so this was tried in
          made-up clinics: {measured.patients} patients in each, over four complaints, with several conditions
          in one patient, irritable patients, lenient examiners, clinics around the published figures, tests
          that repeat another, and pain that no study counted. Two of the six are drawn otherwise, so that
          nothing is fitted to one kind.
        </p>
        <section className="flex flex-col gap-1">
          <h2 className="m-0 text-[22px] font-bold">Where it is wrong</h2>
          <ul className="m-0 flex list-disc flex-col gap-1 pl-6">
            <li>
              In a harsh clinic it is too sure: what stands at 80&#8239;% is there less often, the harsher the
              clinic, the less. Nothing at the bedside shows which clinic one is in.
            </li>
            <li>
              The sober way loses nowhere against each candidate by itself and saves most where most else
              provokes. It mends figures that flatter and models that share too much; it does not know of
              something painful that is no candidate, nor of an examiner who decided at the first sign.
            </li>
            <li>
              What hurts everywhere still misleads: of patients with a frozen shoulder some are told of
              something that they have not, about one in nine in the harshest clinics.
            </li>
            <li>
              Signs without a study turn out in these clinics as they were judged. Whether they were judged
              rightly, a department's own outcomes have to show.
            </li>
            <li>The first verdict is often early: the less was tested, the less it is worth.</li>
            <li>
              The bands know of the figures and of what clinics differ in. They do not know of a diagnosis
              that is not among the candidates.
            </li>
          </ul>
        </section>
        <section className="flex flex-col gap-2">
          <h2 className="m-0 text-[22px] font-bold">Stated, and how many had it</h2>
          <div className="flex flex-wrap gap-3">
            {measured.plot.map((p) => (
              <CalibrationPlot key={p.scenario} scenario={p.scenario} lines={p.lines} />
            ))}
          </div>
          <p className="m-0 text-[15px] text-soft">
            ◆ sober, ● each by itself with overlap counted, □ multiplied. On the dashed line a statement is as
            right as it says; below it, too sure.
          </p>
        </section>
        {measured.schools.map((t) => (
          <Rows key={t.caption} table={t} label={t.caption} />
        ))}
        <Rows table={measured.complaints} label="By complaint" />
        <Rows table={measured.frozen} label="In a true frozen shoulder" />
        <Rows table={measured.orders} label="Until a verdict" />
        <p className="m-0 text-[15px] text-soft">
          Log loss: over all conditions judged in a patient, lower is better. Everything with 1.96 standard
          errors. The truth that bands are held against is what one who knew the clinic exactly would say. The
          whole account, with the clinics described, is docs/honesty.md beside the program.
        </p>
      </main>
    </>
  );
}
