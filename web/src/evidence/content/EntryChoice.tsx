import { RadioGroup } from "radix-ui";
import { useId } from "react";
import type { EntryList } from "../../api/types";

const FROM: Record<string, string> = { changed: ", changed here", added: ", ours" };

/** Entries to choose from: names are whole, since the end of one is often what tells it from the next. */
export function EntryChoice(props: {
  entries: EntryList["entries"];
  value: string;
  onOpen: (id: string) => void;
}) {
  const heading = useId();
  return (
    <div className="flex flex-col text-[16px]">
      <span id={heading}>Entry</span>
      <RadioGroup.Root
        aria-labelledby={heading}
        className="flex h-[380px] flex-col overflow-y-auto rounded border-[1.5px] border-edge bg-card p-1"
        value={props.value}
        onValueChange={props.onOpen}
      >
        {props.entries.map((e) => (
          <RadioGroup.Item
            key={e.id}
            value={e.id}
            className="border-l-4 border-transparent px-2 py-1 text-left data-[state=checked]:border-teal data-[state=checked]:font-bold"
          >
            {e.name}
            {FROM[e.from] ?? ""}
          </RadioGroup.Item>
        ))}
      </RadioGroup.Root>
    </div>
  );
}
