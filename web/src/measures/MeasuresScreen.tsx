import { Tabs } from "radix-ui";
import type { ReactNode } from "react";
import { Link, useSearchParams } from "react-router";
import { useMeasures, useSaveMeasure } from "../api/caseQueries";
import type { Measures, Side } from "../api/types";
import { useCaseContext } from "../frame/CaseFrame";
import { ErrorNote } from "../pieces/ErrorNote";
import { plainNumber, sideName } from "../pieces/format";
import { PageHeading } from "../pieces/PageHeading";
import { TabBar } from "../pieces/TabBar";
import { DevicePanel } from "./devices/DevicePanel";
import { LoosenessTab } from "./LoosenessTab";
import { MeasureTable } from "./MeasureTable";
import { RegrowthChart } from "./RegrowthChart";
import { VisitsTab } from "./visits/VisitsTab";

const NERVE_TEST = "nerve-regrowth-tinel";

/** What is measured on both sides, by hand or by a device, and what became of it since the visits before. */
export function MeasuresScreen() {
  const { view } = useCaseContext();
  const measures = useMeasures(view.code);
  const save = useSaveMeasure(view.code);
  const [params, setParams] = useSearchParams();
  const found = measures.data;
  return (
    <main className="min-h-0 flex-1 overflow-auto px-5 py-3">
      <PageHeading title="Measures" className="m-0 text-[28px] leading-tight font-bold" />
      <ErrorNote error={measures.error ?? save.error} onDismiss={save.error ? save.reset : undefined} />
      {found && (
        <Groups
          found={found}
          tab={params.get("tab")}
          onTab={(tab) => setParams({ tab }, { replace: true })}
          onSave={save.mutate}
        />
      )}
    </main>
  );
}

function Groups(props: {
  found: Measures;
  tab: string | null;
  onTab: (tab: string) => void;
  onSave: ReturnType<typeof useSaveMeasure>["mutate"];
}) {
  const { found, onSave } = props;
  const { view } = useCaseContext();
  const involved = view.intake.involvedSide as Side;
  const of = (group: string) => found.measures.filter((m) => m.group === group);
  const tabs = [
    ...(["strength", "grip", "range", "sensation"] as const)
      .filter((group) => of(group).length > 0)
      .map((group) => [group, TAB_NAMES[group]] as const),
    ...(found.looseness ? [["looseness", "Looseness and labrum"] as const] : []),
    ["nerve", "Nerve"] as const,
    ["visits", "Over the visits"] as const,
  ];
  const current = tabs.find(([id]) => id === props.tab)?.[0] ?? tabs[0]?.[0];
  const table = (group: string) => (
    <MeasureTable measures={of(group)} involved={involved} onSave={(change) => onSave(change)} />
  );
  const device = (kind: "dynamometer" | "grip" | "inclinometer", group: string) => (
    <DevicePanel kind={kind} measures={of(group)} involved={involved} onSave={(change) => onSave(change)} />
  );
  return (
    <Tabs.Root value={current} onValueChange={props.onTab} className="flex flex-col gap-3">
      <TabBar label="What is measured" tabs={tabs} />
      <Tabs.Content value="strength">
        <Explained>
          Up to three trials a side, held 6 to 8 seconds, the other side first. A test's mean is its reading
          and is judged like any other; {found.deficitPercent}&#8239;% or more weaker than the other side is
          marked.
        </Explained>
        {device("dynamometer", "strength")}
        {table("strength")}
        {found.externalToInternal !== undefined && (
          <p className="text-[16px]">
            External to internal rotation, {sideName(involved).toLowerCase()} side:{" "}
            <b>{plainNumber(found.externalToInternal)}</b>
          </p>
        )}
      </Tabs.Content>
      <Tabs.Content value="grip">
        <Explained>
          Three trials a side.{" "}
          {view.intake.dominantSide
            ? `Dominant side: ${view.intake.dominantSide}. `
            : "The dominant side is not noted. "}
          {found.headStartPercent > 0
            ? `The dominant side is taken to be ${found.headStartPercent}\u202f% stronger by habit.`
            : "No head start is given to the dominant side; the department can set one."}
        </Explained>
        {device("grip", "grip")}
        {table("grip")}
      </Tabs.Content>
      <Tabs.Content value="range">
        <Explained>
          Active first; passive where active is short ({found.shortDegrees} degrees or more below the other
          side).
        </Explained>
        {device("inclinometer", "range")}
        {found.capsular && <p className="my-2 text-[17px] font-semibold">{found.capsular}</p>}
        {table("range")}
      </Tabs.Content>
      <Tabs.Content value="sensation">
        <Explained>
          The smallest distance at which two points are felt as two, by finger, the other side first.
        </Explained>
        {table("sensation")}
      </Tabs.Content>
      <Tabs.Content value="looseness">
        {found.looseness && <LoosenessTab looseness={found.looseness} labral={found.labral} />}
      </Tabs.Content>
      <Tabs.Content value="nerve">
        {found.regrowth.map((r) => (
          <RegrowthChart key={r.side} regrowth={r} />
        ))}
        <p className="text-[16px]">
          The distance of the tapping point from a landmark is recorded on the couch:{" "}
          <Link className="underline" to={`/cases/${view.code}/couch?test=${NERVE_TEST}`}>
            tapping along the nerve
          </Link>
          .
        </p>
      </Tabs.Content>
      <Tabs.Content value="visits">
        <VisitsTab />
      </Tabs.Content>
    </Tabs.Root>
  );
}

const TAB_NAMES = { strength: "Strength", grip: "Grip and pinch", range: "Range", sensation: "Sensation" };

function Explained(props: { children: ReactNode }) {
  return <p className="mt-0 mb-3 max-w-[980px] text-[16px] text-soft">{props.children}</p>;
}
