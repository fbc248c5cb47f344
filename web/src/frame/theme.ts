const KEY = "lexicor.theme";

export type Theme = "light" | "dark";

/** The theme chosen here before, else the one that the system asks for. */
export function storedTheme(): Theme {
  const stored = localStorage.getItem(KEY);
  if (stored === "light" || stored === "dark") {
    return stored;
  }
  return window.matchMedia("(prefers-color-scheme: dark)").matches ? "dark" : "light";
}

export function applyTheme(theme: Theme) {
  document.documentElement.dataset.theme = theme;
}

export function chooseTheme(theme: Theme) {
  localStorage.setItem(KEY, theme);
  applyTheme(theme);
}
