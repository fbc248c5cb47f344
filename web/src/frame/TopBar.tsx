import type { ReactNode } from "react";
import { Link } from "react-router";
import { AccountMenu } from "../session/AccountMenu";
import { ContentNote } from "./ContentNote";
import { RefusedNote } from "./RefusedNote";
import { Rooms } from "./Rooms";
import { ThemeButton } from "./ThemeButton";
import { UnkeptNote } from "./UnkeptNote";

export function TopBar(props: { children?: ReactNode; steps?: ReactNode }) {
  return (
    <>
      <header className="flex min-h-14 flex-wrap items-center gap-x-4 xl:flex-nowrap border-b-2 border-ink px-5 max-md:px-3">
        <Link to="/cases" className="flex min-h-12 items-center text-[20px] font-bold tracking-wide">
          Lexicor
        </Link>
        {props.children}
        <div className="ml-auto flex flex-none items-center gap-1 max-xl:flex-initial max-xl:flex-wrap max-md:ml-0">
          <RefusedNote />
          {props.steps ?? <Rooms />}
          <ThemeButton />
          <AccountMenu />
        </div>
      </header>
      <UnkeptNote />
      <ContentNote />
    </>
  );
}
