import { useQuery } from "@tanstack/react-query";
import { call } from "../../api/client";
import type { Changes, ContentForms, Side, Tried } from "../../api/types";
import { useSettled } from "../../pieces/useSettled";
import { inAddress } from "../queries";
import type { Fields } from "./values";

/** What is wrong with a field. */
export interface FormSaid {
  path: string;
  label: string;
  message: string;
}

export interface TrialTap {
  at: string;
  side: Side;
  changes: Changes;
}

/** The forms of all kinds of entries, with what there is to choose. */
export function useForms() {
  return useQuery({ queryKey: ["forms"], queryFn: () => call<ContentForms>("/api/evidence/forms") });
}

/** What the entry would be as it stands in the form, once the typing has paused; nothing is stored. */
export function useTrial(kind: string, id: string, fields: Fields, taps: TrialTap[], wanted: boolean) {
  const settled = useSettled(fields);
  return useQuery({
    queryKey: ["trial", kind, id, settled, taps],
    queryFn: () =>
      call<Tried>(`/api/evidence/trials/${kind}/${inAddress(id)}`, "POST", { fields: settled, taps }),
    enabled: wanted && id !== "",
    placeholderData: (previous) => previous,
    staleTime: 0,
    retry: false,
  });
}
