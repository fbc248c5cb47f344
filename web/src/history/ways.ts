/** What the changes can be asked by, as the address and the API name it. */
export const ASKED = ["q", "kind", "who", "from", "to", "test", "criterion", "condition", "entry"] as const;

/** Where what was changed is shown as it is now; nothing where there is no such page. */
export function wayTo(about: Record<string, string>): string | undefined {
  if (about.criterion && about.condition) {
    return `/evidence/pair?${new URLSearchParams({ criterion: about.criterion, condition: about.condition })}`;
  }
  const [kind, ...id] = (about.entry ?? "").split(" ");
  return kind ? `/evidence?${new URLSearchParams({ tab: "content", kind, entry: id.join(" ") })}` : undefined;
}
