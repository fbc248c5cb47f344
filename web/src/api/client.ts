/** A refusal by the server, as RFC 9457 problem details. */
export class Problem extends Error {
  readonly status: number;
  readonly fields: { field: string; message: string }[];
  /** Something doubtful: sent again as meant, it is saved. */
  readonly question: boolean;
  /** A code of the second factor is wanted besides. */
  readonly secondFactor: boolean;

  constructor(
    status: number,
    detail: string,
    fields: { field: string; message: string }[],
    question = false,
    secondFactor = false,
  ) {
    super(detail);
    this.status = status;
    this.fields = fields;
    this.question = question;
    this.secondFactor = secondFactor;
  }
}

export const SIGNED_OUT = 401;
export const LOCKED = 423;
const NOT_MODIFIED = 304;

/** Told to the window when an answer says that the session is not what it was. */
export const SESSION_CHANGED = "lexicor:session";

/** Shows the server that a change comes from its own page. */
function pageToken(): string {
  return /(?:^|; )(?:__Host-)?XSRF-TOKEN=([^;]*)/.exec(document.cookie)?.[1] ?? "";
}

const meant = new Map<string, number>();

/**
 * From now on requests about the case of that code say which one is meant: should the code come to stand for another case, they
 * are refused. Without an id whatever the code stands for is taken.
 */
export function meanCase(code: string, id: number | undefined) {
  if (id === undefined) {
    meant.delete(code);
  } else {
    meant.set(code, id);
  }
}

function meantBy(path: string): number | undefined {
  return meant.get(/^\/api\/cases\/([^/?]+)/.exec(path)?.[1] ?? "");
}

/** Calls the API with JSON; a refusal or a lost connection is thrown as a message one can show. */
export async function call<T>(
  path: string,
  method = "GET",
  body?: unknown,
  caseId = meantBy(path),
): Promise<T> {
  const text = body === undefined ? undefined : JSON.stringify(body);
  return send<T>(path, method, text, "application/json", caseId);
}

/** Answers that came with a tag, for as long as the page lives and the session stays what it is. */
const answered = new Map<string, { tag: string; answer: unknown }>();
globalThis.addEventListener?.(SESSION_CHANGED, () => answered.clear());

/** How many answers are kept to be asked about: the case in sight, and the one before it. */
const ANSWERS_KEPT = 2;

/** Asks for what is asked for again and again; while nothing changed there, the answer of before is given once more. */
export async function callIfChanged<T>(path: string): Promise<T> {
  const before = answered.get(path);
  let tag: string | null = null;
  const answer = await send<T>(path, "GET", undefined, "", meantBy(path), {
    tag: before?.tag,
    seen: (found) => {
      tag = found;
    },
  });
  if (answer === undefined && before) {
    return before.answer as T;
  }
  answered.delete(path);
  if (tag) {
    answered.set(path, { tag, answer });
    for (const oldest of [...answered.keys()].slice(0, -ANSWERS_KEPT)) {
      answered.delete(oldest);
    }
  }
  return answer;
}

/** Fetches a page that the server wrote, as text. */
export async function page(path: string): Promise<string> {
  return send<string>(path, "GET", undefined, "", meantBy(path), undefined, (text) => text);
}

/** Sends a file as it is. */
export async function upload<T>(path: string, file: Blob): Promise<T> {
  return send<T>(path, "POST", file, "application/octet-stream");
}

/** Whether the address is a simulated patient's: told apart from every case's code. */
export const isSimulated = (code: string) => code.startsWith("~");

/** A simulated patient is examined on the same couch: under its address there is what there is under a case's. */
const addressed = (path: string) => path.replace(/^\/api\/cases\/~/, "/api/practice/patients/");

async function send<T>(
  path: string,
  method: string,
  body: BodyInit | undefined,
  type: string,
  caseId?: number,
  tags?: { tag: string | undefined; seen: (tag: string | null) => void },
  read: (text: string) => unknown = (text) => (text === "" ? undefined : JSON.parse(text)),
): Promise<T> {
  let response: Response;
  try {
    response = await fetch(addressed(path), {
      method,
      headers: {
        ...(body === undefined ? {} : { "content-type": type }),
        ...(method === "GET" ? {} : { "x-xsrf-token": pageToken() }),
        ...(caseId === undefined ? {} : { "x-case": String(caseId) }),
        ...(tags?.tag === undefined ? {} : { "if-none-match": tags.tag }),
      },
      body,
    });
  } catch {
    throw new Problem(0, "Lexicor cannot be reached. Is it still running?", []);
  }
  if (response.status === NOT_MODIFIED) {
    return undefined as T;
  }
  tags?.seen(response.headers.get("etag"));
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
      problem.secondFactor === true,
    );
  }
  return read(await response.text()) as T;
}
