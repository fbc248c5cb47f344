import type { Catalogue } from "../../api/types";

type TestSet = Catalogue["sets"][number];

/** Tests that are done as one, put in with one tap; those for what the patient comes with stand first. */
export function AddSet(props: {
  catalogue: Catalogue;
  complaints: readonly string[];
  /** The sets that are in the order already. */
  put: string[];
  onAdd: (set: TestSet) => void;
}) {
  const fitting = props.catalogue.sets.filter((s) => s.complaints.some((c) => props.complaints.includes(c)));
  const others = props.catalogue.sets.filter((s) => !fitting.includes(s));
  const row = (s: TestSet) => <SetRow key={s.id} {...props} set={s} />;
  return (
    <section aria-labelledby="add-a-set" className="flex flex-col gap-1">
      <h3 id="add-a-set" className="m-0 text-[16px] font-normal">
        Add a set
      </h3>
      <ul className="m-0 list-none p-0">{fitting.map(row)}</ul>
      {others.length > 0 && (
        <details>
          <summary className="min-h-8 content-center text-[15px] text-soft">Other sets</summary>
          <ul className="m-0 list-none p-0">{others.map(row)}</ul>
        </details>
      )}
    </section>
  );
}

function SetRow(props: { catalogue: Catalogue; set: TestSet; put: string[]; onAdd: (set: TestSet) => void }) {
  const { set } = props;
  const minutes = set.tests.reduce(
    (sum, id) => sum + (props.catalogue.tests.find((t) => t.id === id)?.minutes ?? 0),
    0,
  );
  const about = `${set.tests.length}, about ${Math.round(minutes)} min`;
  return (
    <li>
      {props.put.includes(set.id) ? (
        <span className="flex min-h-11 items-center px-2 text-[16px] text-soft">
          {set.name}: in the order
        </span>
      ) : (
        <button
          type="button"
          className="min-h-11 w-full rounded px-2 text-left text-[16px] leading-tight hover:bg-teal-wash"
          onClick={() => props.onAdd(set)}
        >
          {set.name}, <span className="text-soft">{about}</span>
          {set.note && <span className="block text-[14px] text-soft">{set.note}</span>}
        </button>
      )}
    </li>
  );
}
