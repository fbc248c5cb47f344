import { Tabs } from "radix-ui";
import { Link } from "react-router";
import type { BiasView, CaseView, Catalogue, ConditionStanding, Supposition, Weighed } from "../api/types";
import { percent } from "../pieces/format";
import { verdictWords } from "../pieces/Rail";
import { TabBar } from "../pieces/TabBar";
import { ApartTab } from "./ApartTab";
import { NextTab } from "./NextTab";
import { PeopleTab } from "./PeopleTab";
import { WaysTab } from "./WaysTab";
import { WhatIfTab } from "./WhatIfTab";
import { WhyTab } from "./WhyTab";

const TABS = [
  ["why", "Why"],
  ["people", "A hundred people"],
  ["what-if", "What if"],
  ["apart", "Tell apart"],
  ["next", "What next"],
  ["ways", "Ways to weigh"],
] as const;

/** What one may ask of the chosen candidate and of the case. */
export function Reasons(props: {
  view: CaseView;
  condition: ConditionStanding;
  weighed: Weighed;
  catalogue: Catalogue;
  tab: string;
  onTab: (tab: string) => void;
  supposition: Supposition;
  onSuppose: (supposition: Supposition) => void;
  supposedError: Error | null;
  onHighBias: (way: BiasView["ofCase"]) => void;
  error: Error | null;
}) {
  const { condition, weighed, catalogue, view } = props;
  const rows = weighed.ledgers[condition.id] ?? [];
  const reasons = weighed.reasons[condition.id];
  if (!reasons) {
    return null;
  }
  return (
    <section
      aria-label={`Reasons for ${condition.name}`}
      className="flex min-h-0 flex-col gap-2 overflow-auto px-5 py-3 print:overflow-visible"
    >
      <div>
        <h2 className="m-0 text-[27px] leading-tight font-bold">{condition.name}</h2>
        <p className="m-0 text-[17px]">
          Began at {percent(condition.pretest)}, now <b>{percent(condition.posttest)}</b>{" "}
          <span className="text-soft">
            (in a new clinic {percent(condition.lowNewClinic)} to {percent(condition.highNewClinic)}; the
            average {percent(condition.low)} to {percent(condition.high)}). Verdict: {verdictWords(condition)}
            .
          </span>
        </p>
        {[condition.aimed.words, condition.last?.words, ...condition.definitions.map((d) => d.words)]
          .filter((words) => words)
          .map((words) => (
            <p key={words} className="m-0 text-[16px]">
              {words}
            </p>
          ))}
        {reasons.doubts.map((d) => (
          <p key={d} className="my-1 border-l-4 border-amber pl-2 text-[16px]">
            <b className="text-amber">Less sure than it looks.</b> {d}
          </p>
        ))}
        <Link className="text-[15px] underline print:hidden" to="/honesty">
          How right the program is, and where it is wrong
        </Link>
      </div>
      <Tabs.Root value={props.tab} onValueChange={props.onTab} className="flex flex-col gap-3">
        <TabBar label="Questions" tabs={TABS} />
        <Tabs.Content value="why" className="flex flex-col gap-3">
          <WhyTab condition={condition} rows={rows} reasons={reasons} />
        </Tabs.Content>
        <Tabs.Content value="people">
          <PeopleTab condition={condition} rows={rows} reasons={reasons} />
        </Tabs.Content>
        <Tabs.Content value="what-if">
          <WhatIfTab
            view={view}
            weighed={weighed}
            condition={condition}
            catalogue={catalogue}
            rows={rows}
            supposition={props.supposition}
            onSuppose={props.onSuppose}
            error={props.supposedError}
          />
        </Tabs.Content>
        <Tabs.Content value="apart">
          <ApartTab
            key={condition.id}
            code={view.code}
            conditions={weighed.standing.conditions}
            first={condition.id}
          />
        </Tabs.Content>
        <Tabs.Content value="next">
          <NextTab view={view} weighed={weighed} catalogue={catalogue} />
        </Tabs.Content>
        <Tabs.Content value="ways">
          <WaysTab weighed={weighed} onHighBias={props.onHighBias} error={props.error} />
        </Tabs.Content>
      </Tabs.Root>
    </section>
  );
}
