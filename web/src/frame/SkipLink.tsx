import { useLocation } from "react-router";

/** The first stop by keyboard: past the bar and the lists to where the work is. */
export function SkipLink() {
  const onCouch = useLocation().pathname.endsWith("/couch");
  return (
    <button
      type="button"
      className="fixed -top-20 left-2 z-20 rounded bg-ink px-4 py-3 font-bold text-on-dark focus:top-1"
      onClick={() => {
        const work =
          document.querySelector<HTMLElement>("[data-work]") ?? document.querySelector<HTMLElement>("main");
        if (work) {
          work.tabIndex = -1;
          work.focus();
        }
      }}
    >
      {onCouch ? "To the current test" : "To the content"}
    </button>
  );
}
