import { useQuery } from "@tanstack/react-query";
import { createContext, useContext } from "react";
import { call } from "../api/client";
import type { components } from "../api/schema";
import { date } from "../pieces/date";
import { FieldProblem } from "../pieces/FieldProblem";
import { problemAt } from "../pieces/problems";
import { ABOUT } from "./about";

type Since = components["schemas"]["Since"];

/** Since when each setting is as it is, by its name. */
export function useSince() {
  return useQuery({
    queryKey: ["since"],
    queryFn: () => call<Record<string, Since>>("/api/settings/since"),
    staleTime: 0,
  });
}

/** What was refused of a change, for the setting that it was refused of. */
export const RefusedContext = createContext<Error | null>(null);

/** What was refused of a setting; empty where nothing was. */
export function useRefused(name: string): string {
  return problemAt(useContext(RefusedContext), name);
}

/** What a setting changes, for whom, since when and by whom it is as it is; and what was refused of it. */
export function About(props: {
  name: string;
  /** What a stored value is called here. */
  words?: (value: string) => string;
  /** Where several settings share a line of what they change. */
  brief?: boolean;
  /** Whether the field says itself what was refused. */
  told?: boolean;
}) {
  const { name, words = (value) => value } = props;
  const since = useSince().data?.[name];
  const refused = useRefused(name);
  return (
    <>
      {!props.told && <FieldProblem words={refused} />}
      <p className="m-0 max-w-[760px] text-[14px] text-soft">
        {!props.brief && ABOUT[name]}{" "}
        {since
          ? `Since ${date(since.at)}, by ${since.who || "Lexicor"}; ${since.before === "" ? "nothing" : words(since.before)} before${since.why ? ` (${since.why})` : ""}.`
          : "As it came with Lexicor."}
      </p>
    </>
  );
}
