import { isOn } from "../../api/examination";
import type { Board, Leaves, Pad } from "../../api/types";

export const NOTHING = "nothing";

/** What can be said of a side in place of what was found. */
export const MARKS = [
  ["mark.cannotTell", "Can't tell", "."],
  ["mark.notDone", "Not done", "X"],
] as const;

/** Each part of the drawn hand is one pad, so that picture and keys are one. */
export const isTingling = (pad: Pad) => pad.group === "finger";

/** One fact that can be tapped on either side. */
export interface Item {
  id: string;
  label: string;
  hint: string;
  keyName: string;
  chip: boolean;
  isOn: (leaves: Leaves) => boolean;
  pad: Pad;
}

/** Facts under one heading; signs have none. */
export interface Block {
  heading: string;
  items: Item[];
}

/** What there is to tap at a place, block by block: signs, then where it hurts and ways round the test. Fingers are drawn. */
export function blocksOf(board: Board, padKeys: readonly string[]): Block[] {
  const pads = board.pads as Pad[];
  const items = (group: Pad["group"], hint?: string) =>
    pads
      .filter((p) => p.group === group)
      .map((pad) => ({
        id: pad.id,
        label: pad.label,
        hint: hint ?? pad.hint,
        keyName: padKeys[pads.indexOf(pad)]?.toUpperCase() ?? "",
        chip: group !== "sign",
        isOn: (leaves: Leaves) => isOn(pad, leaves),
        pad,
      }));
  const sites = items("site");
  // A way round the test says what it is, so that it can stand beside what is something else.
  const cheats = items("cheat", "cheat");
  return [
    { heading: "", items: items("sign") },
    { heading: sites.length > 0 ? "Where" : "Cheats", items: [...sites, ...cheats] },
  ].filter((b) => b.items.length > 0);
}

/** About how many letters go on a line of a pad, by how many pads stand side by side. */
const LETTERS: Record<number, number> = { 3: 20, 4: 15, 5: 9 };
const LINE_PX = 18;
const LEAST_PX = 53;

/** How many lines a text takes, word by word. */
function lines(text: string, letters: number): number {
  let count = 0;
  let room = 0;
  for (const word of text.split(" ").filter((w) => w !== "")) {
    if (word.length > room) {
      count += 1;
      room = letters;
    }
    room -= word.length + 1;
  }
  return count;
}

/** About how high the blocks are with so many pads side by side; a row is as high as its longest words. */
function height(blocks: readonly Block[], pairs: number): number {
  const letters = LETTERS[pairs] ?? 15;
  let sum = 0;
  for (const { items } of blocks) {
    for (let i = 0; i < items.length; i += pairs) {
      const most = Math.max(
        ...items
          .slice(i, i + pairs)
          .map((item) => lines(item.label, letters) + 0.8 * lines(item.hint, letters)),
      );
      sum += Math.max(LEAST_PX, most * LINE_PX + 8);
    }
  }
  return sum;
}

/** How many facts stand side by side: few are large, and many are as low together as they can be. */
export function pairsFor(blocks: readonly Block[]): number {
  const facts = blocks.reduce((sum, b) => sum + b.items.length, 0);
  if (facts <= 6) {
    return 3;
  }
  return height(blocks, 5) < height(blocks, 4) ? 5 : 4;
}

export interface Place {
  row: number;
  column: number;
}

/** A heading with the rows that it is of, in grid lines. */
export interface Heading {
  heading: string;
  row: number;
  rows: number;
}

/** Where each fact and each heading stands: blocks begin a row. Row 1 is for the names of the sides. */
export function laidOut(
  blocks: readonly Block[],
  pairs: number,
): { places: Map<string, Place>; headings: Heading[] } {
  const places = new Map<string, Place>();
  const headings: Heading[] = [];
  let row = 2;
  for (const { heading, items } of blocks) {
    const rows = Math.ceil(items.length / pairs);
    if (heading) {
      headings.push({ heading, row, rows });
    }
    items.forEach((item, i) => {
      places.set(item.id, { row: row + Math.floor(i / pairs), column: i % pairs });
    });
    row += rows;
  }
  return { places, headings };
}
