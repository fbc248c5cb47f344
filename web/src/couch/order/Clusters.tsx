import { DropdownMenu } from "radix-ui";
import type { Cluster } from "../../api/types";
import { MENU_ITEM, Menu } from "../../pieces/Menu";

/** How far a cluster has come, in words that can be said aloud. */
export function countWords(c: Cluster): string {
  if (c.progress) {
    return c.progress;
  }
  if (c.needed && c.positives > c.needed) {
    return `${c.positives} positive, ${c.needed} wanted, decided`;
  }
  const count = c.needed ? `${c.positives} of ${c.needed} wanted` : `${c.positives} of ${c.members}`;
  return c.done === c.members || c.decided
    ? `${count} positive, decided`
    : `${count} positive, ${c.members - c.done} open`;
}

/** Clusters that are under way, with their counts; any of the candidates' can be done on its own. */
export function Clusters(props: {
  clusters: Cluster[];
  alone: string | undefined;
  onAlone: (cluster: string | undefined) => void;
}) {
  const { clusters, alone } = props;
  const chosen = clusters.find((c) => c.id === alone);
  const underWay = clusters.filter((c) => c.done > 0 && c.done < c.members && !c.decided);
  if (chosen) {
    return (
      <section
        aria-label="Cluster"
        className="border-b-[1.5px] border-line px-4 py-1.5 text-[14px] leading-tight"
      >
        <b className="text-[15px]">{chosen.name}</b>
        <span aria-live="polite" className="block text-[16px]">
          {countWords(chosen)}
        </span>
        <button type="button" className="min-h-8 underline" onClick={() => props.onAlone(undefined)}>
          Back to the whole order
        </button>
      </section>
    );
  }
  const open = clusters.filter((c) => c.done < c.members);
  if (open.length === 0) {
    return null;
  }
  return (
    <section
      aria-label="Clusters"
      className="border-b-[1.5px] border-line px-3 py-1.5 text-[14px] leading-tight"
    >
      {underWay.map((c) => (
        <button
          key={c.id}
          type="button"
          className="block min-h-8 w-full px-1 py-1 text-left"
          onClick={() => props.onAlone(c.id)}
        >
          <span className="underline">{c.name}</span>: <b>{countWords(c)}</b>
        </button>
      ))}
      <Menu label="One cluster" align="start" small>
        {open.map((c) => (
          <DropdownMenu.Item key={c.id} className={MENU_ITEM} onSelect={() => props.onAlone(c.id)}>
            {c.name}, {countWords(c)}
          </DropdownMenu.Item>
        ))}
      </Menu>
    </section>
  );
}
