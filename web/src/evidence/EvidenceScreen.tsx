import { Tabs } from "radix-ui";
import { useSearchParams } from "react-router";
import { useCatalogue, useSettings } from "../api/queries";
import type { EvidenceIndex } from "../api/types";
import { TopBar } from "../frame/TopBar";
import { ErrorNote } from "../pieces/ErrorNote";
import { PageHeading } from "../pieces/PageHeading";
import { TabBar } from "../pieces/TabBar";
import { useSession } from "../session/useSession";
import { Browse } from "./Browse";
import { ClusterList } from "./ClusterList";
import { Coverage } from "./Coverage";
import { judgements } from "./checked";
import { ContentTab } from "./content/ContentTab";
import { ExchangeTab } from "./ExchangeTab";
import { useEvidence } from "./queries";
import { ReviewTab } from "./ReviewTab";
import { Workbench } from "./Workbench";

const TABS = [
  ["figures", "Figures"],
  ["coverage", "Where the literature is silent"],
  ["clusters", "Clusters"],
  ["workbench", "Design a count"],
  ["content", "Content"],
  ["exchange", "Import and export"],
  ["review", "Yearly review"],
] as const;

/** Every figure in the open, where there is none, the published clusters, and what a count of one's own would be worth. */
export function EvidenceScreen() {
  const evidence = useEvidence();
  const catalogue = useCatalogue();
  const settings = useSettings();
  const role = useSession().data?.role;
  const isLead = role === "lead";
  // An auditor reads what there is; a count is designed by who treats.
  const hidden = [...(role === "auditor" ? ["workbench"] : []), ...(isLead ? [] : ["review"])];
  const tabs = TABS.filter(([id]) => !hidden.includes(id));
  const [params, setParams] = useSearchParams();
  const tab = tabs.find(([id]) => id === params.get("tab"))?.[0] ?? "figures";
  return (
    <>
      <TopBar />
      <main className="mx-auto flex max-w-[1240px] flex-col gap-3 px-5 py-4">
        <PageHeading title="Evidence" className="m-0 text-[28px] leading-tight font-bold" />
        <p className="m-0 text-[16px] text-soft">
          Compiled from published studies{evidence.data && rowsInWords(evidence.data)}
        </p>
        <ErrorNote error={evidence.error ?? catalogue.error ?? settings.error} />
        {evidence.data && catalogue.data && settings.data && (
          <Tabs.Root
            value={tab}
            onValueChange={(next) => setParams({ tab: next }, { replace: true })}
            className="flex flex-col gap-3"
          >
            <TabBar label="Evidence" tabs={tabs} />
            <Tabs.Content value="figures">
              <Browse index={evidence.data} catalogue={catalogue.data} />
            </Tabs.Content>
            <Tabs.Content value="coverage">
              <Coverage index={evidence.data} catalogue={catalogue.data} />
            </Tabs.Content>
            <Tabs.Content value="clusters">
              <ClusterList clusters={evidence.data.clusters} />
            </Tabs.Content>
            <Tabs.Content value="workbench">
              <Workbench index={evidence.data} settings={settings.data} />
            </Tabs.Content>
            <Tabs.Content value="content">
              <ContentTab isLead={isLead} />
            </Tabs.Content>
            <Tabs.Content value="exchange">
              <ExchangeTab isLead={isLead} />
            </Tabs.Content>
            <Tabs.Content value="review">
              <ReviewTab />
            </Tabs.Content>
          </Tabs.Root>
        )}
      </main>
    </>
  );
}

/** How many rows there are, whose they are, and how far they have been checked against their source. */
function rowsInWords(index: EvidenceIndex): string {
  const sum = (of: "rows" | "ours" | "judgements" | "unchecked" | "disputed") =>
    index.pairs.reduce((n, p) => n + p[of], 0);
  const checked = sum("rows") - sum("unchecked") - sum("disputed");
  const judged = sum("judgements") > 0 ? ` (${judgements(sum("judgements"))})` : "";
  return `: ${sum("rows") - sum("ours")} shipped rows, ${sum("ours")} ours${judged}; ${checked} checked, ${sum("disputed")} disputed.`;
}
