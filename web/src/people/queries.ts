import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { call } from "../api/client";
import { changed } from "../api/stale";
import type { Account } from "../api/types";

export function usePeople() {
  return useQuery({ queryKey: ["people"], queryFn: () => call<Account[]>("/api/people"), staleTime: 0 });
}

export function useColleagues() {
  return useQuery({
    queryKey: ["colleagues"],
    queryFn: () => call<{ names: string[] }>("/api/colleagues"),
  });
}

export function useNewPerson() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (person: { name: string; role: string; password: string }) =>
      call<Account>("/api/people", "POST", person),
    onSuccess: () => changed(client, "people"),
  });
}

export function useChangePerson() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (change: {
      id: number;
      version: number;
      role: string;
      active: boolean;
      password?: string;
      dropSecondFactor?: boolean;
    }) => call<Account>(`/api/people/${change.id}`, "PUT", { ...change, id: undefined }),
    onSettled: () => changed(client, "people"),
  });
}
