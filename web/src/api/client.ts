/** A refusal by the server, as RFC 9457 problem details. */
export class Problem extends Error {
  readonly status: number;
  readonly fields: { field: string; message: string }[];
  /** Something doubtful: sent again as meant, it is saved. */
  readonly question: boolean;

  constructor(
    status: number,
    detail: string,
    fields: { field: string; message: string }[],
    question = false,
  ) {
    super(detail);
    this.status = status;
    this.fields = fields;
    this.question = question;
  }
}

export const SIGNED_OUT = 401;
export const LOCKED = 423;

/** Told to the window when an answer says that the session is not what it was. */
export const SESSION_CHANGED = "lexicor:session";

/** Shows the server that a change comes from its own page. */
function pageToken(): string {
  return /(?:^|; )XSRF-TOKEN=([^;]*)/.exec(document.cookie)?.[1] ?? "";
}

/** Calls the API with JSON; a refusal or a lost connection is thrown as a message one can show. */
export async function call<T>(path: string, method = "GET", body?: unknown): Promise<T> {
  return send<T>(path, method, body === undefined ? undefined : JSON.stringify(body), "application/json");
}

/** Sends a file as it is. */
export async function upload<T>(path: string, file: Blob): Promise<T> {
  return send<T>(path, "POST", file, "application/octet-stream");
}

async function send<T>(path: string, method: string, body: BodyInit | undefined, type: string): Promise<T> {
  let response: Response;
  try {
    response = await fetch(path, {
      method,
      headers: {
        ...(body === undefined ? {} : { "content-type": type }),
        ...(method === "GET" ? {} : { "x-xsrf-token": pageToken() }),
      },
      body,
    });
  } catch {
    throw new Problem(0, "Lexicor cannot be reached. Is it still running?", []);
  }
  if (!response.ok) {
    if (response.status === SIGNED_OUT || response.status === LOCKED) {
      window.dispatchEvent(new Event(SESSION_CHANGED));
    }
    const problem = await response.json().catch(() => ({}));
    throw new Problem(
      response.status,
      problem.detail ?? `The server answered ${response.status}.`,
      problem.errors ?? [],
      problem.question === true,
    );
  }
  const text = await response.text();
  return (text === "" ? undefined : JSON.parse(text)) as T;
}
