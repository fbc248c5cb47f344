import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { call } from "../api/client";
import { changed } from "../api/stale";
import type { DeletedCase } from "../api/types";
import { ErrorNote } from "../pieces/ErrorNote";
import { WideTable } from "../pieces/WideTable";

/** Cases that were deleted and are not gone for good yet: a lead can bring one back to whom it belonged. */
export function DeletedCases() {
  const client = useQueryClient();
  const deleted = useQuery({
    queryKey: ["deleted-cases"],
    queryFn: () => call<DeletedCase[]>("/api/deleted-cases"),
    staleTime: 0,
  });
  const bringBack = useMutation({
    mutationFn: (id: number) => call<void>(`/api/deleted-cases/${id}/bring-back`, "POST"),
    onSuccess: () => changed(client, "deleted-cases"),
  });
  const day = (at: string) => new Date(at).toLocaleDateString("en-GB");
  if (!deleted.data?.length) {
    return <ErrorNote error={deleted.error} />;
  }
  return (
    <section className="flex flex-col gap-2">
      <h2 className="m-0 text-[20px] font-bold">Deleted, and not gone yet</h2>
      <ErrorNote error={bringBack.error} onDismiss={bringBack.reset} />
      <WideTable label="Deleted cases" heads={["Case", "Deleted", "Why", "Gone on", "Bring back"]}>
        {deleted.data.map((d) => (
          <tr key={d.id} className="border-b border-line align-top">
            <th scope="row" className="py-1 pr-4 text-left font-semibold">
              {d.code}
            </th>
            <td className="pr-4 whitespace-nowrap">
              {day(d.deletedAt)} by {d.deletedBy}
            </td>
            <td className="pr-4">{d.reason}</td>
            <td className="pr-4 whitespace-nowrap">{day(d.until)}</td>
            <td>
              <button
                type="button"
                className="choice"
                aria-label={`Bring ${d.code} back`}
                disabled={bringBack.isPending}
                onClick={() => bringBack.mutate(d.id)}
              >
                Bring it back
              </button>
            </td>
          </tr>
        ))}
      </WideTable>
    </section>
  );
}
