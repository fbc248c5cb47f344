const KEY = "lexicor.device";

/** A random name of this browser, the same for all its tabs. */
export function deviceName(): string {
  const known = localStorage.getItem(KEY);
  if (known) {
    return known;
  }
  const made = crypto.randomUUID();
  localStorage.setItem(KEY, made);
  return made;
}
