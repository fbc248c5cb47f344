import { useState } from "react";
import { CAUTION } from "../pieces/caution";

const KEY = "lexicor.caution-read";

/** Said on first use, until it has been read. */
export function Caution() {
  const [read, setRead] = useState(() => localStorage.getItem(KEY) === "yes");
  if (read) {
    return null;
  }
  return (
    <aside className="flex items-center gap-4 rounded border-2 border-amber bg-amber-wash px-4 py-2 text-[16px]">
      <p className="m-0">
        {CAUTION} Its figures come from published studies that have not yet been checked against their
        sources; every row says so.
      </p>
      <button
        type="button"
        className="choice ml-auto shrink-0"
        onClick={() => {
          localStorage.setItem(KEY, "yes");
          setRead(true);
        }}
      >
        I have read this
      </button>
    </aside>
  );
}
