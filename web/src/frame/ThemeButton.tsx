import { useState } from "react";
import { chooseTheme, storedTheme } from "./theme";

export function ThemeButton() {
  const [theme, setTheme] = useState(storedTheme);
  const other = theme === "dark" ? "light" : "dark";
  return (
    <button
      type="button"
      className="min-h-12 min-w-12 rounded px-2 text-soft"
      aria-label={`Use the ${other} theme`}
      onClick={() => {
        chooseTheme(other);
        setTheme(other);
      }}
    >
      <svg width="22" height="22" viewBox="0 0 22 22" aria-hidden="true">
        <circle cx="11" cy="11" r="8" fill="none" stroke="currentColor" strokeWidth="2" />
        <path d="M11 3a8 8 0 0 1 0 16z" fill="currentColor" />
      </svg>
    </button>
  );
}
