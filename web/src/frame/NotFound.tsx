import { Link } from "react-router";
import { TopBar } from "./TopBar";

export function NotFound() {
  return (
    <>
      <TopBar />
      <main className="p-6">
        <h1 className="text-[28px] font-bold">There is no such page</h1>
        <Link to="/cases" className="underline">
          To the cases
        </Link>
      </main>
    </>
  );
}
