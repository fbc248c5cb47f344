import { useAsked } from "../api/caseQueries";
import type { CaseView, Catalogue } from "../api/types";
import { inOrder } from "../ask/asked";

/** The questions of the complaint in the order that they are asked in, with what was answered, or room for it. */
export function Asking(props: { view: Pick<CaseView, "code" | "version" | "intake">; catalogue: Catalogue }) {
  const { view, catalogue } = props;
  const found = useAsked(view.code, view.version);
  if (!found.data) {
    return null;
  }
  const given = view.intake.answers;
  return (
    <section aria-label="Ask">
      <h2 className="mt-3 mb-1 border-b-2 border-ink text-[20px] font-bold">Ask</h2>
      <ul className="m-0 list-none columns-2 p-0 text-[14px] leading-tight max-md:columns-1">
        {inOrder(found.data, given).map(({ id }) => (
          <li key={id} className="flex break-inside-avoid gap-3 py-0.5">
            <span className="flex-1">{catalogue.history.find((h) => h.id === id)?.ask ?? id}</span>
            <b>{given[id] === undefined ? "Yes / No" : given[id] ? "Yes" : "No"}</b>
          </li>
        ))}
      </ul>
    </section>
  );
}
