const ALIVE = "lexicor.alive";
const LOCKED = "lexicor.locked";
const NOTED_EVERY_MS = 500;

let noted = 0;

/** When somebody last used Lexicor in this browser, in whichever tab. */
export function lastAlive(): number {
  return Number(localStorage.getItem(ALIVE) ?? 0);
}

/** Notes that somebody uses it, for all tabs. */
export function alive(now = Date.now()) {
  if (now - noted >= NOTED_EVERY_MS) {
    noted = now;
    localStorage.setItem(ALIVE, String(now));
  }
}

/** Whether nobody has for so long that the screen has to be locked. */
export function isIdle(lockMinutes: number, now = Date.now()): boolean {
  return lastAlive() > 0 && now - lastAlive() > lockMinutes * 60_000;
}

/** Tells the other tabs that the screen was locked. */
export function tellLocked() {
  localStorage.setItem(LOCKED, String(Date.now()));
}

/** Hears of it from another tab. */
export function onLockedElsewhere(then: () => void): () => void {
  const listen = (event: StorageEvent) => event.key === LOCKED && then();
  window.addEventListener("storage", listen);
  return () => window.removeEventListener("storage", listen);
}
