/** A refusal by the server, as RFC 9457 problem details. */
export class Problem extends Error {
  readonly status: number;
  readonly fields: { field: string; message: string }[];

  constructor(status: number, detail: string, fields: { field: string; message: string }[]) {
    super(detail);
    this.status = status;
    this.fields = fields;
  }
}

/** Calls the API with JSON; a refusal or a lost connection is thrown as a message one can show. */
export async function call<T>(path: string, method = "GET", body?: unknown): Promise<T> {
  let response: Response;
  try {
    response = await fetch(path, {
      method,
      headers: body === undefined ? {} : { "content-type": "application/json" },
      body: body === undefined ? undefined : JSON.stringify(body),
    });
  } catch {
    throw new Problem(0, "Lexicor cannot be reached. Is it still running?", []);
  }
  if (!response.ok) {
    const problem = await response.json().catch(() => ({}));
    throw new Problem(
      response.status,
      problem.detail ?? `The server answered ${response.status}.`,
      problem.errors ?? [],
    );
  }
  return (await response.json()) as T;
}
