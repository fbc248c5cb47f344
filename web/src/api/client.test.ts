import { afterEach, expect, it, vi } from "vitest";
import { call, callIfChanged, meanCase, Problem } from "./client";

afterEach(() => vi.unstubAllGlobals());

/** What was sent, header by header; every request is answered alike. */
function sent(answer: () => Response = () => new Response("{}")) {
  const headers: Record<string, string>[] = [];
  vi.stubGlobal("document", { cookie: "other=1; __Host-XSRF-TOKEN=abc" });
  vi.stubGlobal("window", { dispatchEvent: () => true });
  vi.stubGlobal("fetch", async (_path: string, init: RequestInit) => {
    headers.push(init.headers as Record<string, string>);
    return answer();
  });
  return headers;
}

it("names the case that is meant, in every request about it and in no other", async () => {
  const headers = sent();
  await call("/api/cases/HB-001");
  meanCase("HB-001", 7);
  await call("/api/cases/HB-001/weighed?x=1");
  await call("/api/cases/HB-0011");
  await call("/api/cases/HB-001/taps", "POST", {}, 9);
  meanCase("HB-001", undefined);
  await call("/api/cases/HB-001");
  expect(headers.map((h) => h["x-case"])).toEqual([undefined, "7", undefined, "9", undefined]);
});

it("shows the page's token with changes alone, by whichever name the cookie has", async () => {
  const headers = sent();
  await call("/api/settings");
  await call("/api/settings", "PUT", {});
  expect(headers.map((h) => h["x-xsrf-token"])).toEqual([undefined, "abc"]);
});

it("tells a lost connection, a question and a wanted code apart", async () => {
  sent(
    () => new Response(JSON.stringify({ detail: "A code as well.", secondFactor: true }), { status: 401 }),
  );
  await expect(call("/api/session", "POST", {})).rejects.toMatchObject({ status: 401, secondFactor: true });
  sent(() => new Response(JSON.stringify({ detail: "A name?", question: true }), { status: 422 }));
  await expect(call("/api/cases", "POST", {})).rejects.toMatchObject({ question: true, secondFactor: false });
  vi.stubGlobal("fetch", () => Promise.reject(new TypeError("gone")));
  const lost = await call("/api/cases").catch((e: unknown) => e as Problem);
  expect(lost).toBeInstanceOf(Problem);
  expect((lost as Problem).status).toBe(0);
});

it("asks again for what it has by its tag, and gives the same answer while nothing changed there", async () => {
  const asked: (string | undefined)[] = [];
  let version = 1;
  vi.stubGlobal("document", { cookie: "" });
  vi.stubGlobal("fetch", async (path: string, init: RequestInit) => {
    const tag = `"${path} ${version}"`;
    const has = (init.headers as Record<string, string>)["if-none-match"];
    asked.push(has);
    return has === tag
      ? new Response(null, { status: 304 })
      : new Response(JSON.stringify({ version }), { headers: { etag: tag } });
  });
  const first = await callIfChanged("/api/cases/HB-001");
  expect(await callIfChanged("/api/cases/HB-001")).toBe(first);
  version = 2;
  expect(await callIfChanged("/api/cases/HB-001")).toEqual({ version: 2 });
  expect(asked).toEqual([undefined, '"/api/cases/HB-001 1"', '"/api/cases/HB-001 1"']);
  // Two are kept; the one before them is asked for as if it had never been seen.
  await callIfChanged("/api/cases/HB-002");
  await callIfChanged("/api/cases/HB-003");
  await callIfChanged("/api/cases/HB-001");
  expect(asked.at(-1)).toBeUndefined();
});
