import { Tabs } from "radix-ui";
import { useNavigate, useParams } from "react-router";
import { TopBar } from "../../frame/TopBar";
import { PageHeading } from "../../pieces/PageHeading";
import { TabBar } from "../../pieces/TabBar";
import { AccuracyTab } from "./AccuracyTab";
import { AgreementTab } from "./AgreementTab";
import { ForesightTab } from "./ForesightTab";
import { MeetingTab } from "./MeetingTab";
import { RatesTab } from "./RatesTab";
import { WaitingTab } from "./WaitingTab";

const TABS = [
  ["meeting", "For the meeting"],
  ["accuracy", "Our own accuracy"],
  ["rates", "Base rates"],
  ["right", "Were we right"],
  ["agreement", "Agreement"],
  ["waiting", "Waiting for an answer"],
] as const;

const CONTENT = {
  meeting: MeetingTab,
  accuracy: AccuracyTab,
  rates: RatesTab,
  right: ForesightTab,
  agreement: AgreementTab,
  waiting: WaitingTab,
};

/** What a department learns from its own cases. */
export function OutcomesRoom() {
  const { tab = "" } = useParams();
  const navigate = useNavigate();
  const chosen = TABS.find(([id]) => id === tab)?.[0] ?? "meeting";
  const Content = CONTENT[chosen];
  return (
    <>
      <TopBar />
      <main className="mx-auto flex max-w-[1240px] flex-col gap-3 px-5 py-4">
        <PageHeading title="Outcomes" className="m-0 text-[28px] leading-tight font-bold" />
        <Tabs.Root
          value={chosen}
          onValueChange={(next) => navigate(`/outcomes/${next}`, { replace: true })}
          className="flex flex-col gap-3"
        >
          <TabBar label="Outcomes" tabs={TABS} />
          <Tabs.Content value={chosen} className="flex flex-col gap-4">
            <Content />
          </Tabs.Content>
        </Tabs.Root>
      </main>
    </>
  );
}
