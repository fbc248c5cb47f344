import type { ReactNode } from "react";
import { Link } from "react-router";
import { AccountMenu } from "../session/AccountMenu";
import { BAR_WAY } from "./bar";
import { ContentNote } from "./ContentNote";
import { RefusedNote } from "./RefusedNote";
import { Rooms } from "./Rooms";
import { SkipLink } from "./SkipLink";
import { ThemeButton } from "./ThemeButton";
import { UnkeptNote } from "./UnkeptNote";

/** The bar of every page: what it is about, the ways on, and whose account it is; on a telephone the ways have a line of their own. */
export function TopBar(props: { children?: ReactNode; steps?: ReactNode }) {
  return (
    <>
      <SkipLink />
      <header className="flex min-h-14 print:hidden flex-wrap items-center gap-x-4 border-b-2 border-ink px-5 max-md:gap-x-2 max-md:px-3 xl:flex-nowrap max-md:[&_.choice]:min-h-10 max-md:[&_.choice]:px-2">
        <Link to="/cases" className="flex min-h-12 items-center text-[20px] font-bold tracking-wide">
          Lexicor
        </Link>
        {props.children}
        <RefusedNote />
        <div className="ml-auto flex-none max-md:order-last max-md:w-full">{props.steps ?? <Rooms />}</div>
        <div className="flex flex-none items-center max-md:ml-auto">
          <Link to="/help" className={BAR_WAY}>
            Help
          </Link>
          <ThemeButton />
          <AccountMenu />
        </div>
      </header>
      <UnkeptNote />
      <ContentNote />
    </>
  );
}
