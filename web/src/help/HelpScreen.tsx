import { useQuery } from "@tanstack/react-query";
import { type MouseEvent, useEffect, useRef } from "react";
import { Link, useNavigate, useParams } from "react-router";
import { ErrorNote } from "../pieces/ErrorNote";
import { PageHeading } from "../pieces/PageHeading";

interface Page {
  html: string;
  headings: { to: string; name: string }[];
}

const PAGES = import.meta.glob<Page>("../../../docs/*.md", { query: "?html", import: "default" });

const NAMES: [string, string][] = [
  ["guide", "Using Lexicor"],
  ["method", "The arithmetic"],
  ["honesty", "How right it is"],
  ["packs", "The content"],
  ["exchange", "Cases in and out"],
  ["devices", "Devices"],
  ["running", "Running it"],
];

/** The guide and what stands beside it, shipped with the application; nothing of any case. */
export function HelpScreen() {
  const { page = "guide" } = useParams();
  const navigate = useNavigate();
  const text = useRef<HTMLElement>(null);
  const { data, error } = useQuery({
    queryKey: ["help", page],
    queryFn: async () => {
      const load = PAGES[`../../../docs/${page}.md`];
      if (!load) {
        throw new Error(`There is no page “${page}” in the help.`);
      }
      return load();
    },
    staleTime: Number.POSITIVE_INFINITY,
    retry: false,
  });
  useEffect(() => {
    if (data) {
      window.scrollTo(0, 0);
    }
  }, [data]);
  // A way within the help is a way of the page, not of the browser.
  const follow = (event: MouseEvent) => {
    const to = (event.target as HTMLElement).closest("a")?.getAttribute("href");
    if (to?.startsWith("/help/")) {
      event.preventDefault();
      navigate(to);
    }
  };
  const show = (id: string) => text.current?.querySelector<HTMLElement>(`#${id}`)?.focus();
  return (
    <>
      <header className="flex min-h-14 flex-wrap items-center gap-x-5 border-b-2 border-ink px-5">
        <Link to="/cases" className="flex min-h-12 items-center text-[20px] font-bold tracking-wide">
          Lexicor
        </Link>
        <button type="button" className="min-h-12 underline" onClick={() => navigate(-1)}>
          Back to where you were
        </button>
      </header>
      <main className="mx-auto grid max-w-[1180px] grid-cols-[240px_minmax(0,1fr)] gap-8 px-5 py-4 max-md:grid-cols-1">
        <nav aria-label="Help" className="text-[16px]">
          <PageHeading title="Help" className="m-0 text-[28px] font-bold" />
          <ul className="m-0 list-none p-0">
            {NAMES.map(([id, name]) => (
              <li key={id}>
                <Link
                  to={`/help/${id}`}
                  aria-current={id === page ? "page" : undefined}
                  className="flex min-h-8 items-center underline aria-[current=page]:font-bold aria-[current=page]:no-underline"
                >
                  {name}
                </Link>
                {id === page && (
                  <ul className="m-0 mb-1 list-none border-l-2 border-line pl-3">
                    {data?.headings.map((h) => (
                      <li key={h.to}>
                        <button type="button" className="min-h-7 text-left" onClick={() => show(h.to)}>
                          {h.name}
                        </button>
                      </li>
                    ))}
                  </ul>
                )}
              </li>
            ))}
          </ul>
        </nav>
        <div>
          <ErrorNote error={error} />
          {/* biome-ignore lint/a11y/useKeyWithClickEvents: the links in it take the keys */}
          <article
            ref={text}
            className="help max-w-[72ch]"
            onClick={follow}
            // biome-ignore lint/security/noDangerouslySetInnerHtml: made of the application's own documents when it is built
            dangerouslySetInnerHTML={{ __html: data?.html ?? "" }}
          />
        </div>
      </main>
    </>
  );
}
