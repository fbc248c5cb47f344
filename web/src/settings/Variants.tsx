import { useState } from "react";
import { useCatalogue } from "../api/queries";
import type { DepartmentSettings } from "../api/types";
import { About } from "./About";
import { ABOUT } from "./about";

const AS_DESCRIBED = "";

/** How the department does each test that schools do differently. The choice shows on the test and in the report. */
export function Variants(props: {
  settings: DepartmentSettings;
  onSave: (change: Partial<DepartmentSettings>) => void;
}) {
  const catalogue = useCatalogue();
  const [search, setSearch] = useState("");
  const chosen = props.settings.variants;
  const words = search.trim().toLowerCase();
  const differing = catalogue.data?.tests.filter((t) => t.variants.length > 0) ?? [];
  const shown = differing.filter((t) =>
    words === ""
      ? chosen[t.id] !== undefined
      : [t.name, t.region].some((n) => n.toLowerCase().includes(words)),
  );
  const choose = (test: string, variant: string) => {
    const { [test]: _, ...others } = chosen;
    props.onSave({ variants: variant === AS_DESCRIBED ? others : { ...others, [test]: variant } });
  };
  return (
    <section className="flex flex-col gap-2">
      <h2 className="m-0 text-[20px] font-bold">How tests are done here</h2>
      <p className="m-0 text-[16px] text-soft">
        {differing.length} tests are done differently by different schools; {Object.keys(chosen).length} are
        done otherwise than described. {ABOUT.variants}
      </p>
      <label className="flex flex-col gap-1">
        Find a test
        <input
          className="field"
          value={search}
          placeholder="part of its name, or a region"
          onChange={(e) => setSearch(e.target.value)}
        />
      </label>
      <ul className="m-0 flex list-none flex-col gap-2 p-0">
        {shown.map((t) => (
          <li key={t.id} className="grid grid-cols-[1fr_300px] items-center gap-x-4 max-md:grid-cols-1">
            <label htmlFor={`variant-${t.id}`}>{t.name}</label>
            <select
              id={`variant-${t.id}`}
              className="field"
              value={chosen[t.id] ?? AS_DESCRIBED}
              onChange={(e) => choose(t.id, e.target.value)}
            >
              <option value={AS_DESCRIBED}>As described</option>
              {t.variants.map((v) => (
                <option key={v.name} value={v.name}>
                  {v.name}
                </option>
              ))}
            </select>
            <p className="col-span-full m-0 text-[15px] text-soft">
              {t.variants.map((v) => `${v.name}: ${v.note}`).join(" ")}
            </p>
            <span className="col-span-full">
              <About name={`variants.${t.id}`} brief />
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
