import { useQuery } from "@tanstack/react-query";
import { type ReactNode, useState } from "react";
import { Link } from "react-router";
import { call } from "../api/client";
import type { components } from "../api/schema";
import { date } from "../pieces/date";
import { ErrorNote } from "../pieces/ErrorNote";
import { capital } from "../pieces/format";
import { TextField } from "../pieces/TextField";
import { WideTable } from "../pieces/WideTable";
import { entryAddress, pairAddress } from "./address";

type Review = components["schemas"]["YearlyReview"];

/** So many are in sight at first; the rest is a tap away. */
const FIRST = 12;

/** What a lead looks through once a year, on one page: figures, studies that came in, and what the cases say of the tests. */
export function ReviewTab() {
  const [from, setFrom] = useState("");
  const review = useQuery({
    queryKey: ["review", from],
    queryFn: () => call<Review>(`/api/outcomes/review${from ? `?from=${from}` : ""}`),
    staleTime: 0,
    placeholderData: (previous) => previous,
  });
  const found = review.data;
  return (
    <div className="flex flex-col gap-6">
      <label className="flex max-w-60 flex-col text-[16px] print:hidden">
        Looking back to
        <input
          type="date"
          className="field"
          value={from || (found?.from ?? "")}
          onChange={(e) => setFrom(e.target.value)}
        />
      </label>
      <ErrorNote error={review.error} />
      {found && <Whole review={found} />}
    </div>
  );
}

function Whole(props: { review: Review }) {
  const { review } = props;
  const rows = review.rows - review.checkedRows;
  return (
    <>
      <p role="status" className="m-0 text-[17px]">
        From {date(review.from)} to {date(review.to)}: {review.cases} {review.cases === 1 ? "case" : "cases"}
        {review.simulated > 0 && `; ${review.simulated} of all cases are simulated`}
        {review.behind > 0 && `; ${review.behind} are still being read`}.
      </p>
      <Part
        title="Figures that nobody has checked"
        words={
          rows === 0
            ? "Every row is checked against its source, or agreed."
            : `${rows} of ${review.rows} rows. Those of the findings that were used most this time stand first.`
        }
        all={review.unchecked}
        head={["Test, criterion", "Condition", "Not checked, of rows", "Disputed", "Cases that used it"]}
        row={(u) => (
          <tr key={`${u.criterion} ${u.condition}`} className="border-b border-line">
            <td className="py-1 pr-4">
              <Link className="underline" to={pairAddress(u.criterion, u.condition)}>
                {u.name}
              </Link>
            </td>
            <td className="pr-4">{u.conditionName}</td>
            <td className="py-1 pr-4">
              {u.unchecked} of {u.rows}
            </td>
            <td className="pr-4">{u.disputed || ""}</td>
            <td>{u.used || "none"}</td>
          </tr>
        )}
      />
      <Part
        title="Studies that came in with a file"
        words={
          review.gained.length === 0
            ? "No pair gained a study by an import."
            : "Look whether they say the same as what was there, and sign them off."
        }
        all={review.gained}
        head={["Test, criterion", "Condition", "Study", "Where from"]}
        row={(g) => (
          <tr key={`${g.criterion} ${g.condition} ${g.source} ${g.year}`} className="border-b border-line">
            <td className="py-1 pr-4">
              <Link className="underline" to={pairAddress(g.criterion, g.condition)}>
                {g.name}
              </Link>
            </td>
            <td className="pr-4">{g.conditionName}</td>
            <td className="py-1 pr-4">
              {g.source}, {g.year}
            </td>
            <td>{g.whence}</td>
          </tr>
        )}
      />
      <Part
        title="Tests done often with nothing to tell"
        words={
          review.silent.length === 0
            ? "No test was done in ten cases or more and told nothing in nine of ten of them."
            : "In nine of ten cases or more none of their figures moved the odds of any candidate by a quarter. They cost time and patience; there may be reasons to do them all the same."
        }
        all={review.silent}
        head={["Test", "Cases", "Told nothing in"]}
        row={(t) => (
          <tr key={t.id} className="border-b border-line">
            <td className="py-1 pr-4">
              <TestLink id={t.id} name={t.name} />
            </td>
            <td className="pr-4">{t.cases}</td>
            <td>{t.silent}</td>
          </tr>
        )}
      />
      <Part
        title="Tests that nobody did"
        words={
          review.neverDone.length === 0
            ? "Every test was done at least once."
            : `${review.neverDone.length} tests. Of what nobody does, the list may be shorter.`
        }
        all={review.neverDone}
        head={["Test", "Region"]}
        row={(t) => (
          <tr key={t.id} className="border-b border-line">
            <td className="py-1 pr-4">
              <TestLink id={t.id} name={t.name} />
            </td>
            <td>{capital(t.region)}</td>
          </tr>
        )}
      />
    </>
  );
}

function TestLink(props: { id: string; name: string }) {
  return (
    <Link className="underline" to={entryAddress("test", props.id)}>
      {props.name}
    </Link>
  );
}

/** One question of the review with what answers it; of many, a part may be found by a word. */
function Part<T>(props: {
  title: string;
  words: string;
  all: T[];
  head: string[];
  row: (one: T) => ReactNode;
}) {
  const { title, all } = props;
  const [whole, setWhole] = useState(false);
  const [word, setWord] = useState("");
  const wanted = word.trim().toLowerCase();
  const found = wanted === "" ? all : all.filter((one) => JSON.stringify(one).toLowerCase().includes(wanted));
  const shown = whole ? found : found.slice(0, FIRST);
  return (
    <section aria-label={title} className="flex flex-col gap-2">
      <h2 className="m-0 text-[20px] font-bold">{title}</h2>
      <p className="m-0 text-[16px] text-soft">{props.words}</p>
      {all.length > FIRST && (
        <TextField label="Find" width="w-56" value={word} onChange={setWord} placeholder="part of a name" />
      )}
      {shown.length > 0 && (
        <WideTable label={`${title}, in a table`} narrow heads={props.head}>
          {shown.map(props.row)}
        </WideTable>
      )}
      {found.length > FIRST && (
        <button
          type="button"
          className="choice self-start px-3 print:hidden"
          onClick={() => setWhole(!whole)}
        >
          {whole ? "The first alone" : `All ${found.length}`}
        </button>
      )}
    </section>
  );
}
