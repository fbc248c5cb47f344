import { useState } from "react";
import { TopBar } from "../frame/TopBar";
import { PageHeading } from "../pieces/PageHeading";
import { BringIn } from "./BringIn";

/** All cases out as one archive, and cases in: looked at first, then brought in one by one, each whole. */
export function ExchangeScreen() {
  const [dates, setDates] = useState(true);
  return (
    <>
      <TopBar />
      <main className="mx-auto flex max-w-[980px] flex-col gap-6 px-5 py-5">
        <PageHeading title="Cases out and in" className="m-0 text-[28px] leading-tight font-bold" />
        <section className="flex flex-col gap-2">
          <h2 className="m-0 text-[20px] font-bold">Out</h2>
          <p className="m-0 text-[16px] text-soft">
            Every case that you may open, as one zip: the cases whole, one a line, and tables for a
            spreadsheet or R. Codes stand for patients, and nobody's name is in it.
          </p>
          <div className="flex flex-wrap items-center gap-4">
            <a
              className="action inline-flex items-center"
              href={`/api/exchange/cases.zip?dates=${dates}`}
              download
            >
              All cases as zip
            </a>
            <label className="flex min-h-12 items-center gap-2 text-[16px]">
              <input
                type="checkbox"
                className="size-6"
                checked={!dates}
                onChange={(e) => setDates(!e.target.checked)}
              />
              without dates: days since the first visit instead
            </label>
          </div>
        </section>
        <BringIn />
      </main>
    </>
  );
}
