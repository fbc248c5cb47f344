import { useQuery } from "@tanstack/react-query";
import { useRef, useState } from "react";
import { Link, useParams } from "react-router";
import { page } from "../api/client";
import { ContentNote } from "../frame/ContentNote";
import { ErrorNote } from "../pieces/ErrorNote";
import { PageHeading } from "../pieces/PageHeading";

/** The case on paper, drawn by the same pen as its reports. */
export function PrintScreen() {
  const { code = "" } = useParams();
  const paper = useQuery({
    queryKey: ["paper", code],
    queryFn: () => page(`/api/cases/${code}/paper`),
    staleTime: 0,
  });
  const sheet = useRef<HTMLIFrameElement>(null);
  const [height, setHeight] = useState(1100);
  return (
    <div data-theme="light" className="min-h-dvh bg-paper text-ink">
      <ContentNote />
      <header className="flex items-center gap-3 border-b-2 border-ink px-5 py-2">
        <PageHeading title="On paper" className="m-0 mr-3 text-[20px] font-bold">
          Case {code} on paper
        </PageHeading>
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
      </header>
      {paper.error && <ErrorNote error={paper.error} />}
      {paper.data && (
        <main className="mx-auto max-w-[860px] p-4">
          {/* As high as what is on it, so that the page scrolls and the sheet needs no way in by keys. */}
          <iframe
            ref={sheet}
            title={`Case ${code} on paper`}
            srcDoc={paper.data}
            sandbox="allow-same-origin allow-modals"
            tabIndex={-1}
            height={height}
            onLoad={(e) =>
              setHeight((e.currentTarget.contentDocument?.documentElement.scrollHeight ?? 0) + 24)
            }
            className="block w-full border-[1.5px] border-line bg-white p-4"
          />
        </main>
      )}
    </div>
  );
}
