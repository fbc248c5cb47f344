/** What a key asks for on the couch screen. */
export type CommandKind =
  | "next"
  | "previous"
  | "side"
  | "otherSideNormal"
  | "timer"
  | "cannotTell"
  | "notDone"
  | "undo"
  | "goNext"
  | "behind"
  | "plan"
  | "ladder"
  | "place"
  | "stage"
  | "number"
  | "confirm"
  | "steps"
  | "history"
  | "weigh"
  | "help";

export type Command = { kind: CommandKind } | { kind: "pad"; index: number };

interface Binding {
  kind: CommandKind;
  /** The first is the one that can be changed; the others are what a pedal sends, and stay. */
  keys: [string, ...string[]];
  what: string;
}

export const BINDINGS: Binding[] = [
  { kind: "next", keys: ["ArrowDown", "PageDown"], what: "next test" },
  { kind: "previous", keys: ["ArrowUp", "PageUp"], what: "previous test" },
  { kind: "side", keys: ["u"], what: "change side" },
  {
    kind: "otherSideNormal",
    keys: ["n"],
    what: "other side: nothing found; of a whole stage: the rest is normal",
  },
  { kind: "timer", keys: [" "], what: "start and stop the timer" },
  { kind: "cannotTell", keys: ["."], what: "can't tell" },
  { kind: "notDone", keys: ["x"], what: "not done" },
  { kind: "undo", keys: ["z"], what: "take the last tap back" },
  { kind: "goNext", keys: ["g"], what: "go to the suggested test" },
  { kind: "behind", keys: ["b"], what: "from behind: remind to speak up" },
  { kind: "plan", keys: ["p"], what: "change the running order" },
  { kind: "ladder", keys: ["l"], what: "start the ladder that fits, or its next step" },
  { kind: "place", keys: ["o"], what: "next place" },
  { kind: "stage", keys: ["s"], what: "the stage on one screen, or test by test" },
  { kind: "number", keys: ["d"], what: "type a number, Enter when done" },
  { kind: "confirm", keys: ["c"], what: "count it as negative all the same" },
  { kind: "steps", keys: ["h"], what: "how to do it: fold or open" },
  { kind: "history", keys: ["t"], what: "all taps" },
  { kind: "weigh", keys: ["w"], what: "weigh" },
  { kind: "help", keys: ["?"], what: "this list" },
];

/** The keys that somebody chose in place of the first ones. */
export type ChosenKeys = Partial<Record<CommandKind, string>> & {
  /** The keys of the pads, one after another. */
  pads?: string;
  /** Whether single keys do nothing at all. */
  off?: boolean;
};

/** What pads answer to in their order, unless somebody chose otherwise. */
const PAD_KEYS = [..."1234567890aefijkmqrvy,-;/"];

/** The keys of the pads that no command has taken. */
export function padKeys(chosen: ChosenKeys): string[] {
  const taken = new Set(BINDINGS.flatMap((b) => keysOf(b, chosen)));
  return [...(chosen.pads ?? PAD_KEYS)].filter((key) => !taken.has(key));
}

/** Why these cannot be the keys of the pads, if they cannot. */
export function padKeysProblem(keys: string, chosen: ChosenKeys): string | undefined {
  const twice = [...keys].find((key, i) => keys.indexOf(key) < i);
  if (twice) {
    return `${keyName(twice)} stands twice.`;
  }
  const taken = [...keys].map((key) => takenProblem(key, chosen)).find((p) => p !== undefined);
  if (taken) {
    return taken;
  }
  return keys === "" ? "The pads need keys; single keys can be switched off below." : undefined;
}

const STORED = "lexicor.keys";

export function chosenKeys(): ChosenKeys {
  try {
    return JSON.parse(localStorage.getItem(STORED) ?? "{}") as ChosenKeys;
  } catch {
    return {};
  }
}

export function keepKeys(chosen: ChosenKeys) {
  localStorage.setItem(STORED, JSON.stringify(chosen));
}

export function keysOf(binding: Binding, chosen: ChosenKeys): string[] {
  const [first, ...pedal] = binding.keys;
  return [chosen[binding.kind] ?? first, ...pedal];
}

/** Why a key cannot be used for the command, if it cannot. */
export function keyProblem(kind: CommandKind, key: string, chosen: ChosenKeys): string | undefined {
  if (["Tab", "Enter", "Escape", "Shift", "Control", "Alt", "Meta"].includes(key)) {
    return `${keyName(key)} belongs to the browser.`;
  }
  return takenProblem(plain(key), chosen, kind);
}

/** That a command has the key, if one other than this has. */
function takenProblem(key: string, chosen: ChosenKeys, but?: CommandKind): string | undefined {
  const taken = BINDINGS.find((b) => b.kind !== but && keysOf(b, chosen).includes(key));
  return taken && `${keyName(key)} is taken: ${taken.what}.`;
}

const NAMES: Record<string, string> = {
  " ": "Space",
  ArrowDown: "Down",
  ArrowUp: "Up",
  ArrowLeft: "Left",
  ArrowRight: "Right",
  PageDown: "Page down",
  PageUp: "Page up",
};

export function keyName(key: string): string {
  return NAMES[key] ?? (key.length === 1 ? key.toUpperCase() : key);
}

export function plain(key: string): string {
  return key.length === 1 ? key.toLowerCase() : key;
}

/** The command of a key, if it has one here; keys with Ctrl, Alt or Meta belong to the browser. */
export function commandOf(
  event: { key: string; ctrlKey: boolean; altKey: boolean; metaKey: boolean },
  chosen: ChosenKeys,
): Command | undefined {
  if (event.ctrlKey || event.altKey || event.metaKey) {
    return undefined;
  }
  const key = plain(event.key);
  const found = BINDINGS.find((b) => keysOf(b, chosen).includes(key));
  if (found) {
    // What a pedal sends is no letter that somebody may say or type by mistake.
    return chosen.off && key.length === 1 ? undefined : { kind: found.kind };
  }
  const index = chosen.off ? -1 : padKeys(chosen).indexOf(key);
  return index < 0 ? undefined : { kind: "pad", index };
}
