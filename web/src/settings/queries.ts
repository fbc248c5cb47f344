import { useMutation, useQueryClient } from "@tanstack/react-query";
import { call } from "../api/client";
import { changed } from "../api/stale";
import type { DepartmentSettings } from "../api/types";

/** Saves the department's settings; every standing follows from them, so all of it is asked for anew. */
export function useSaveSettings() {
  const client = useQueryClient();
  return useMutation({
    scope: { id: "settings" },
    mutationFn: ({ sure, ...change }: Partial<DepartmentSettings> & { sure?: boolean }) =>
      call<DepartmentSettings>(`/api/settings?sure=${sure === true}`, "PUT", {
        ...client.getQueryData<DepartmentSettings>(["settings"]),
        ...change,
      }),
    onSuccess: (saved) => {
      client.setQueryData(["settings"], saved);
      client.invalidateQueries({ queryKey: ["since"] });
      changed(client, "settings");
    },
    onError: () => changed(client, "settings-refused"),
  });
}
