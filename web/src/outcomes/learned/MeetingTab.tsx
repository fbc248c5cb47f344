import { useState } from "react";
import { Link } from "react-router";
import { ErrorNote } from "../../pieces/ErrorNote";
import { capital, percent, unbroken } from "../../pieces/format";
import { WideTable } from "../../pieces/WideTable";
import { asked, type Meeting, type Slice, useMeeting } from "./queries";
import { Rests } from "./Rests";
import { SliceBar } from "./SliceBar";

const FIELDS = ["from", "to", "setting"] as const;

const WHERE: Record<Meeting["things"][number]["kind"], string> = {
  waiting: "waiting",
  "verify-negatives": "accuracy",
  foresight: "right",
  "own-accuracy": "accuracy",
  "says-nothing": "accuracy",
  "base-rate": "rates",
  "way-to-weigh": "right",
};

/** A page for ten minutes of a department's meeting. */
export function MeetingTab() {
  const [slice, setSlice] = useState<Slice>({});
  const meeting = useMeeting(slice);
  return (
    <>
      <div className="flex flex-wrap items-end justify-between gap-3">
        <SliceBar
          slice={meeting.data ? { from: meeting.data.from, to: meeting.data.to, ...slice } : slice}
          fields={FIELDS}
          onChange={setSlice}
        />
        <a
          className="choice flex items-center px-3 print:hidden"
          href={`/api/outcomes/meeting.pdf${asked(slice)}`}
          download
        >
          On paper (PDF), without anything about fewer than five people
        </a>
      </div>
      <ErrorNote error={meeting.error} />
      {meeting.data && <Whole of={meeting.data} />}
    </>
  );
}

function Whole(props: { of: Meeting }) {
  const { of } = props;
  return (
    <>
      <Rests on={of.restsOn} />
      <section
        aria-label="Three things to change"
        className="rounded-lg border-2 border-ink bg-card px-5 py-3"
      >
        <h2 className="m-0 text-[22px] font-bold">Three things to change</h2>
        {of.things.length === 0 && (
          <p className="m-0 text-[17px]">Nothing stands out that chance would not explain.</p>
        )}
        <ol className="m-0 list-decimal pl-6 text-[17px] leading-snug [&>li]:mt-1.5">
          {of.things.map((t) => (
            <li key={t.kind}>
              {unbroken(t.words)}{" "}
              <Link to={`/outcomes/${WHERE[t.kind]}`} className="underline">
                Look at it
              </Link>
            </li>
          ))}
        </ol>
      </section>
      <div className="grid grid-cols-[1fr_1fr_2fr] items-start gap-8 max-lg:grid-cols-1">
        <Counts
          title="What we see"
          heads={["Complaint", "People"]}
          counts={of.seen}
          none="Nobody in this time."
        />
        <div>
          <Counts
            title="What we refer"
            heads={["For", "People"]}
            counts={of.referred}
            none="Nobody was noted as referred."
          />
          <p className="m-0 mt-2 text-[16px]">
            {of.waiting} still wait for an answer, {of.late} of them for more than eight weeks.
          </p>
        </div>
        <section aria-label="How it came out">
          <h2 className="m-0 text-[20px] font-bold">How it came out</h2>
          {of.cameOut.length === 0 ? (
            <p className="m-0 text-[16px] text-soft">Nothing was noted.</p>
          ) : (
            <WideTable
              label="How it came out"
              heads={["Condition", "Present", "Absent", "The program had said, on average"]}
            >
              {of.cameOut.map((c) => (
                <tr key={c.condition} className="border-t border-line">
                  <th scope="row" className="py-1 pr-4 text-left font-normal">
                    {c.name}
                  </th>
                  <td className="pr-4">{c.present}</td>
                  <td className="pr-4">{c.absent}</td>
                  <td className="text-soft">{c.said === undefined ? "nothing" : percent(c.said)}</td>
                </tr>
              ))}
            </WideTable>
          )}
        </section>
      </div>
    </>
  );
}

function Counts(props: { title: string; heads: string[]; counts: Meeting["seen"]; none: string }) {
  return (
    <section aria-label={props.title}>
      <h2 className="m-0 text-[20px] font-bold">{props.title}</h2>
      {props.counts.length === 0 ? (
        <p className="m-0 text-[16px] text-soft">{props.none}</p>
      ) : (
        <WideTable label={props.title} heads={props.heads}>
          {props.counts.map((c) => (
            <tr key={c.of} className="border-t border-line">
              <th scope="row" className="py-1 pr-4 text-left font-normal">
                {capital(c.of)}
              </th>
              <td>{c.people}</td>
            </tr>
          ))}
        </WideTable>
      )}
    </section>
  );
}
