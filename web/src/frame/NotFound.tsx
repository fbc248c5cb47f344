import { Link } from "react-router";
import { PageHeading } from "../pieces/PageHeading";
import { TopBar } from "./TopBar";

export function NotFound() {
  return (
    <>
      <TopBar />
      <main className="p-6">
        <PageHeading title="There is no such page" className="text-[28px] font-bold" />
        <Link to="/cases" className="underline">
          To the cases
        </Link>
      </main>
    </>
  );
}
