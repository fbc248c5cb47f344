import { PageHeading } from "../pieces/PageHeading";
import { SecondFactorSetup } from "./SecondFactorSetup";
import { useSessionAct } from "./useSession";

/** Before anything else: the department wants a second factor. */
export function SecondFactorWanted() {
  const act = useSessionAct();
  return (
    <main className="mx-auto flex max-w-[560px] flex-col gap-4 px-5 py-10">
      <PageHeading title="A second factor first" className="m-0 text-[30px] font-bold" />
      <p className="m-0">The department wants one from everybody in your role before the work begins.</p>
      <SecondFactorSetup />
      <button
        type="button"
        className="self-start underline"
        onClick={() => act.mutate({ path: "", method: "DELETE" })}
      >
        Sign out
      </button>
    </main>
  );
}
