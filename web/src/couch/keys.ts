/** What a key asks for on the couch screen. */
export type Command =
  | {
      kind:
        | "next"
        | "previous"
        | "side"
        | "cannotTell"
        | "notDone"
        | "undo"
        | "weigh"
        | "help"
        | "goNext"
        | "otherSideNormal";
    }
  | { kind: "pad"; index: number };

const KEYS: Record<string, Command["kind"]> = {
  ArrowDown: "next",
  PageDown: "next",
  ArrowUp: "previous",
  PageUp: "previous",
  u: "side",
  ".": "cannotTell",
  x: "notDone",
  z: "undo",
  w: "weigh",
  "?": "help",
  g: "goNext",
  n: "otherSideNormal",
};

export const KEY_LIST: [string, string][] = [
  ["Down, Page down", "next test"],
  ["Up, Page up", "previous test"],
  ["1 to 9", "the pads in order, on the marked side"],
  ["U", "change side"],
  ["N", "other side: nothing found"],
  [".", "can't tell"],
  ["X", "not done"],
  ["Z", "take the last tap back"],
  ["G", "go to the suggested test"],
  ["W", "weigh"],
  ["?", "this list"],
];

/** The command of a key, if it has one here; keys with Ctrl, Alt or Meta belong to the browser. */
export function commandOf(event: {
  key: string;
  ctrlKey: boolean;
  altKey: boolean;
  metaKey: boolean;
}): Command | undefined {
  if (event.ctrlKey || event.altKey || event.metaKey) {
    return undefined;
  }
  if (/^[1-9]$/.test(event.key)) {
    return { kind: "pad", index: Number(event.key) - 1 };
  }
  const kind = KEYS[event.key.length === 1 ? event.key.toLowerCase() : event.key];
  return kind && kind !== "pad" ? { kind } : undefined;
}
