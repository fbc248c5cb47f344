import { Tabs } from "radix-ui";

/** The tabs of a screen as a row of words; the one in sight is underlined. */
export function TabBar(props: { label: string; tabs: readonly (readonly [id: string, name: string])[] }) {
  return (
    <Tabs.List aria-label={props.label} className="flex flex-wrap border-b-[1.5px] border-line print:hidden">
      {props.tabs.map(([id, name]) => (
        <Tabs.Trigger
          key={id}
          value={id}
          className="-mb-[1.5px] min-h-12 border-b-[3px] border-transparent px-2.5 text-[16px] text-soft data-[state=active]:border-teal data-[state=active]:font-bold data-[state=active]:text-ink"
        >
          {name}
        </Tabs.Trigger>
      ))}
    </Tabs.List>
  );
}
