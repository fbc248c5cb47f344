import { QueryClient, QueryObserver } from "@tanstack/react-query";
import { expect, it } from "vitest";
import { changed, changedInCase } from "./stale";

function kept(keys: string[][]) {
  const client = new QueryClient();
  for (const key of keys) {
    client.setQueryData(key, "as it was");
  }
  return client;
}

const stale = (client: QueryClient, key: string[]) => client.getQueryState(key)?.isInvalidated;

it("makes what follows from the settings stale, and nothing else", () => {
  const following = [
    ["cases"],
    ["case", "HB-001"],
    ["weighed", "HB-001"],
    ["measures", "HB-001"],
    ["visits", "HB-001"],
  ];
  const others = [["people"], ["evidence"], ["catalogue"], ["session"], ["history"]];
  const client = kept([...following, ...others]);
  changed(client, "settings");
  expect(following.map((key) => stale(client, key))).toEqual(following.map(() => true));
  expect(others.map((key) => stale(client, key))).toEqual(others.map(() => false));
});

it("shows nothing kept of a changed case again, and leaves other cases alone", async () => {
  const client = kept([
    ["weighed", "HB-001", "now"],
    ["weighed", "HB-002", "now"],
    ["visits", "HB-001"],
  ]);
  await changedInCase(client, "HB-001", "examination");
  expect(client.getQueryData(["weighed", "HB-001", "now"])).toBeUndefined();
  expect(stale(client, ["weighed", "HB-002", "now"])).toBe(false);
  expect(client.getQueryData(["visits", "HB-001"])).toBe("as it was");
});

it("does not take an answer that was on its way for the new one", async () => {
  const client = new QueryClient();
  const answers: ((answer: string) => void)[] = [];
  const inSight = new QueryObserver(client, {
    queryKey: ["weighed", "HB-001"],
    queryFn: ({ signal }) =>
      new Promise<string>((resolve, reject) => {
        answers.push(resolve);
        signal.addEventListener("abort", () => reject(new Error("no longer wanted")));
      }),
  });
  const leave = inSight.subscribe(() => undefined);
  const changing = changedInCase(client, "HB-001", "examination");
  answers[0]?.("before the change");
  await changing;
  await expect.poll(() => answers.length).toBe(2);
  answers[1]?.("after the change");
  await expect.poll(() => client.getQueryData(["weighed", "HB-001"])).toBe("after the change");
  leave();
});
