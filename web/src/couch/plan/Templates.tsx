import { type FormEvent, useState } from "react";
import { useDeleteTemplate, useSaveTemplate, useTemplates } from "../../api/caseQueries";
import { ErrorNote } from "../../pieces/ErrorNote";

/** Lists to start from: the department's own, and one for each complaint; and this one to keep. */
export function Templates(props: { plan: string[]; onApply: (tests: string[]) => void }) {
  const templates = useTemplates();
  const save = useSaveTemplate();
  const remove = useDeleteTemplate();
  const [name, setName] = useState("");
  const all = templates.data ?? [];
  const keep = (event: FormEvent) => {
    event.preventDefault();
    save.mutate({ name, tests: props.plan }, { onSuccess: () => setName("") });
  };
  return (
    <section className="flex flex-col gap-2">
      <form className="flex items-end gap-2" onSubmit={keep}>
        <label className="flex flex-1 flex-col gap-1">
          Keep this order as a list
          <input
            className="field"
            value={name}
            maxLength={80}
            placeholder="name of the list"
            onChange={(e) => setName(e.target.value)}
          />
        </label>
        <button type="submit" className="action" data-quiet="true">
          Keep
        </button>
      </form>
      <h3 className="m-0 text-[17px] font-semibold">Lists to start from</h3>
      <ErrorNote error={templates.error ?? save.error ?? remove.error} />
      {[false, true].map((shipped) => (
        <ul key={`${shipped}`} className="m-0 flex list-none flex-col p-0">
          {all
            .filter((t) => t.shipped === shipped)
            .map((t) => (
              <li key={t.name} className="flex items-center">
                <button
                  type="button"
                  className="min-h-11 flex-1 rounded px-2 text-left text-[16px] hover:bg-teal-wash"
                  onClick={() => props.onApply(t.tests)}
                >
                  Use {t.name}{" "}
                  <span className="text-soft">
                    {t.tests.length} tests{t.shipped ? ", shipped" : ""}
                  </span>
                </button>
                {t.id !== undefined && (
                  <button
                    type="button"
                    aria-label={`Delete the list ${t.name}`}
                    className="min-h-11 px-2 text-[15px] underline"
                    onClick={() => t.id !== undefined && remove.mutate(t.id)}
                  >
                    Delete
                  </button>
                )}
              </li>
            ))}
        </ul>
      ))}
    </section>
  );
}
