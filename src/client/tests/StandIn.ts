/** What a test answers to one call of the client. */
type Answer = (call: {
  method: string;
  path: string;
  query: URLSearchParams;
  body: never;
}) => unknown | Promise<unknown>;

/** Stands in for the server: answers every call with what the test says, and keeps what was asked. */
export class StandIn {
  static #now: StandIn | undefined;

  readonly calls: { method: string; path: string; query: URLSearchParams; body: unknown; token: string | null }[] = [];

  constructor(readonly serve: Answer) {
    StandIn.#now = this;
  }

  /** Bodies of the calls of one kind, in their order. */
  sent<T>(method: string, path: string): T[] {
    return this.calls.filter((c) => c.method === method && c.path === path).map((c) => c.body as T);
  }

  static async answer(request: Request): Promise<Response> {
    const server = StandIn.#now;
    if (!server) throw new TypeError("Nobody serves.");
    const sent = await request.text();
    const body = request.headers.get("Content-Type")?.includes("json") && sent ? JSON.parse(sent) : sent || undefined;
    const { pathname: path, searchParams: query } = new URL(request.url);
    const call = { method: request.method, path, query, body };
    server.calls.push({ ...call, token: request.headers.get("X-Heron-Token") });
    // Whoever gave the call up is not answered, as with a real one.
    const givenUp = new Promise<never>((_, reject) => {
      request.signal.addEventListener("abort", () => reject(request.signal.reason));
    });
    const said = await Promise.race([server.serve(call as never), givenUp]);
    return said instanceof Response ? said : Response.json(said);
  }
}

/** An answer that refuses, as problem details. */
export const refused = (status: number, extra: Record<string, unknown> = {}) =>
  Response.json({ title: "Refused", detail: "It cannot be done so.", ...extra }, { status });

/** A promise and the means to keep it. */
export function promised<T = void>() {
  let keep: (value: T) => void = () => {};
  const promise = new Promise<T>((resolve) => {
    keep = resolve;
  });
  return { promise, keep };
}
