import { useQuery } from "@tanstack/react-query";
import { useRef } from "react";
import { Link, useParams } from "react-router";
import { page } from "../api/client";
import { ContentNote } from "../frame/ContentNote";
import { ErrorNote } from "../pieces/ErrorNote";

/** The case on paper, drawn by the same pen as its reports. */
export function PrintScreen() {
  const { code = "" } = useParams();
  const paper = useQuery({
    queryKey: ["paper", code],
    queryFn: () => page(`/api/cases/${code}/paper`),
    staleTime: 0,
  });
  const sheet = useRef<HTMLIFrameElement>(null);
  return (
    <div data-theme="light" className="flex h-dvh flex-col bg-paper text-ink">
      <ContentNote />
      <nav aria-label="Paper" className="flex items-center gap-3 border-b-2 border-ink px-5 py-2">
        <Link to={`/cases/${code}/weigh`} className="action inline-flex items-center" data-quiet="true">
          Back to the case
        </Link>
        <button
          type="button"
          className="action"
          disabled={!paper.data}
          onClick={() => sheet.current?.contentWindow?.print()}
        >
          Print
        </button>
      </nav>
      {paper.error && <ErrorNote error={paper.error} />}
      {paper.data && (
        <iframe
          ref={sheet}
          title={`Case ${code} on paper`}
          srcDoc={paper.data}
          sandbox="allow-same-origin allow-modals"
          className="mx-auto my-4 w-full max-w-[820px] flex-1 border-[1.5px] border-line bg-white"
        />
      )}
    </div>
  );
}
