import { useState } from "react";
import type { Catalogue } from "../../api/types";

const SHOWN = 8;

/** The other name that was searched for, where it was one. */
function alias(aliases: string[], words: string): string | undefined {
  return aliases.find((a) => a.toLowerCase().includes(words));
}

/** Any test of the catalogue by a part of its name, its other names or its region. */
export function AddTest(props: { catalogue: Catalogue; plan: string[]; onAdd: (test: string) => void }) {
  const [search, setSearch] = useState("");
  const words = search.trim().toLowerCase();
  const found = props.catalogue.tests.filter((t) =>
    [t.name, t.region, ...t.aliases].some((name) => name.toLowerCase().includes(words)),
  );
  return (
    <section className="flex flex-col gap-1">
      <label className="flex flex-col gap-1">
        Add a test
        <input
          className="field"
          value={search}
          placeholder="part of its name, or a region"
          onChange={(e) => setSearch(e.target.value)}
        />
      </label>
      {words !== "" && (
        <ul className="m-0 flex list-none flex-col p-0" aria-live="polite">
          {found.slice(0, SHOWN).map((t) => (
            <li key={t.id}>
              {props.plan.includes(t.id) ? (
                <span className="flex min-h-11 items-center gap-2 px-2 text-[16px] text-soft">
                  {t.name}: already in the list
                </span>
              ) : (
                <button
                  type="button"
                  className="min-h-11 w-full rounded px-2 text-left text-[16px] hover:bg-teal-wash"
                  onClick={() => props.onAdd(t.id)}
                >
                  Add {t.name} <span className="text-soft">{alias(t.aliases, words) ?? t.region}</span>
                </button>
              )}
            </li>
          ))}
          {found.length > SHOWN && (
            <li className="px-2 text-[15px] text-soft">and {found.length - SHOWN} more</li>
          )}
          {found.length === 0 && <li className="px-2 text-[15px] text-soft">No match.</li>}
        </ul>
      )}
    </section>
  );
}
