import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { render } from "@testing-library/react";
import type { ReactNode } from "react";
import { MemoryRouter } from "react-router";
import { vi } from "vitest";
import type { Session } from "../api/types";
import { ActQueue, type QueueOptions } from "../queue/ActQueue";
import { type ActStore, pageStore } from "../queue/store";
import { QueueContext } from "../queue/useQueue";

export interface Asked {
  path: string;
  method: string;
  body: unknown;
}

type Answer = { status?: number; body?: unknown };

/** A server in the page's place: answers by method and path, and remembers what it was asked. */
export function serverOf(answers: Record<string, (asked: Asked) => Answer>) {
  const asked: Asked[] = [];
  vi.stubGlobal(
    "fetch",
    vi.fn(async (path: string, init: RequestInit = {}) => {
      const one = {
        path,
        method: init.method ?? "GET",
        body: typeof init.body === "string" ? JSON.parse(init.body) : init.body,
      };
      asked.push(one);
      const answer = answers[`${one.method} ${path}`]?.(one);
      if (!answer) {
        throw new TypeError(`nobody answers ${one.method} ${path}`);
      }
      const { status = 200, body } = answer;
      return new Response(status === 204 ? null : JSON.stringify(body ?? null), { status });
    }),
  );
  return asked;
}

export const SESSION: Session = {
  state: "signed-in",
  name: "tern",
  role: "lead",
  hasPin: false,
  lockMinutes: 10,
  secondFactor: false,
  contentUnfit: false,
  version: "1.0.0",
  demo: [],
};

/** Draws a part of the page with what is around it everywhere. */
export function page(
  part: ReactNode,
  options: { session?: Partial<Session>; store?: ActStore; queue?: Partial<QueueOptions>; at?: string } = {},
) {
  const client = new QueryClient({
    defaultOptions: {
      queries: { retry: false, networkMode: "always" },
      mutations: { networkMode: "always" },
    },
  });
  client.setQueryDefaults(["session"], { staleTime: Number.POSITIVE_INFINITY });
  client.setQueryData(["session"], { ...SESSION, ...options.session });
  const queue = new ActQueue(options.store ?? pageStore(), {
    send: async () => {
      throw new Error("nobody is asked");
    },
    onAnswer: async () => undefined,
    canRetry: () => true,
    wait: () => undefined,
    ...options.queue,
  });
  const drawn = render(
    <QueryClientProvider client={client}>
      <QueueContext value={queue}>
        <MemoryRouter initialEntries={[options.at ?? "/"]}>{part}</MemoryRouter>
      </QueueContext>
    </QueryClientProvider>,
  );
  return { client, queue, ...drawn };
}
