import { QueryClient, QueryObserver } from "@tanstack/react-query";
import { expect, it } from "vitest";
import { showExamination } from "./queries";
import type { Examination } from "./types";

it("never shows a first weighing that was asked for before the last tap", async () => {
  const client = new QueryClient();
  const answers: ((weighed: string) => void)[] = [];
  const observer = new QueryObserver(client, {
    queryKey: ["weighed", "HB-001"],
    queryFn: () => new Promise<string>((resolve) => answers.push(resolve)),
  });
  const unsubscribe = observer.subscribe(() => {});
  await showExamination(client, "HB-001", {} as Examination);
  answers[0]?.("before the tap");
  await new Promise((resolve) => setTimeout(resolve, 5));
  answers[1]?.("after the tap");
  await expect.poll(() => observer.getCurrentResult().data).toBe("after the tap");
  unsubscribe();
});
