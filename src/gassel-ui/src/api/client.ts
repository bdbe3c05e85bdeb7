import createClient from "openapi-fetch";
import type { paths } from "./schema";

export const api = createClient<paths>({ baseUrl: "/" });

/** Questions that save nothing and go out with each keystroke. */
const ASKED_WHILE_TYPING = /^\/api\/(plan|trials\/layout|yard\/set-out|yard\/preparation|calculators\/.+)$/;

/** A phone at the edge of the network gets no answer rather than a slow one. Files take longer. */
const PATIENCE_MS = 10_000;

const TOKEN_HEADER = "X-Gassel-Token";

let token: string | null = null;

/** The token of the present session goes along with every change; null where nobody is signed in. */
export function sendToken(present: string | null): void {
  token = present;
}

/** Name and value of the header that a change needs; null where nobody is signed in. */
export const tokenHeader = (): [string, string] | null => (token === null ? null : [TOKEN_HEADER, token]);

api.use({
  onRequest({ request }) {
    // what is asked while somebody types is no error where it is not finished
    if (ASKED_WHILE_TYPING.test(new URL(request.url).pathname))
      request.headers.set("Prefer", "handling=lenient");
    if (request.method === "GET") return new Request(request, { signal: AbortSignal.timeout(PATIENCE_MS) });
    if (token !== null) request.headers.set(TOKEN_HEADER, token);
    return request;
  },
});

/** What the server says when it does not accept something. */
export interface Problem {
  status: number;
  title: string;
  detail: string;
  field?: string;
  conflicts?: { words: string }[];
  /** Entries that would have to be taken back together. */
  chain?: { id: string; doneOn: string; words: string }[];
  /** What is recorded of a batch that cannot be computed. */
  log?: { id: string; doneOn: string; who: string; words: string }[];
}

/** A request that was answered with a problem, or not at all. */
export class Refused extends Error {
  readonly problem: Problem;

  constructor(problem: Problem) {
    super(problem.detail);
    this.problem = problem;
  }
}

const silent: Problem = {
  status: 0,
  title: "No answer",
  detail:
    "Gassel does not answer. Is the program running, and this device on its network? Nothing was saved.",
};

/** The data of an answer, or the problem as an error. */
export async function answered<T>(
  request: Promise<{ data?: T; error?: unknown; response: Response }>,
): Promise<T> {
  let answer;
  try {
    answer = await request;
  } catch {
    throw new Refused(silent);
  }
  const isProblem =
    answer.response.headers.get("content-type")?.startsWith("application/problem+json") === true;
  if (answer.response.ok && answer.data !== undefined && !isProblem) return answer.data;
  const problem = (answer.error ?? answer.data) as Partial<Problem> | undefined;
  throw new Refused({
    ...problem,
    status: isProblem ? (problem?.status ?? answer.response.status) : answer.response.status,
    title: problem?.title ?? "Not accepted",
    detail: problem?.detail ?? "The server gave no reason.",
  });
}
