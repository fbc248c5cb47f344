import type { ReactNode } from "react";
import { Link } from "react-router";
import { ThemeButton } from "./ThemeButton";

export function TopBar(props: { children?: ReactNode; steps?: ReactNode }) {
  return (
    <header className="flex h-14 items-center gap-4 border-b-2 border-ink px-5">
      <Link to="/cases" className="flex min-h-12 items-center text-[20px] font-bold tracking-wide">
        Lexicor
      </Link>
      {props.children}
      <div className="ml-auto flex items-center gap-1">
        {props.steps}
        <ThemeButton />
      </div>
    </header>
  );
}
