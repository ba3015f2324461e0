import createClient, { type Middleware } from "openapi-fetch";
import type { components, paths } from "./schema";

/** The shapes of the contract, by name. */
export type Schemas = components["schemas"];

/** An error as the server tells it: RFC 9457 problem details. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    readonly title: string,
    readonly detail: string,
    /** Messages by field. */
    readonly errors: Record<string, string[]>,
    readonly extra: Record<string, unknown>,
  ) {
    super(detail || title);
  }

  /** The whole of it in one sentence or two, but for what stands beside a field already; nothing where all of it does. */
  words(beside: readonly string[] = []): string {
    if (this.status === 0) return `${this.title}. ${this.detail}`;
    const places = Object.entries(this.errors);
    if (places.length === 0) return this.message;
    return places
      .filter(([place]) => !beside.some((b) => place === b || place.startsWith(`${b}.`) || place.startsWith(`${b}[`)))
      .map(([place, messages]) => `${place}: ${messages.join(" ")}`)
      .join(" ");
  }
}

/** Why something was not done, for whoever asked for it, but for what stands beside the fields named. */
export function whyNot(error: unknown, beside: readonly string[] = []): string {
  return error instanceof Problem ? error.words(beside) : `Something went wrong in this page. Try again. (${error})`;
}

/** What is wrong with single fields, by their names. */
export function byField(error: unknown): Record<string, string[]> {
  return error instanceof Problem ? error.errors : {};
}

let token = "";

/** The session's token goes out with every change. */
export function useToken(value: string) {
  token = value;
}

const middleware: Middleware = {
  onRequest({ request }) {
    if (request.method !== "GET") request.headers.set("X-Heron-Token", token);
    return request;
  },
  async onResponse({ response }) {
    if (response.ok) return response;
    const body = (await response
      .clone()
      .json()
      .catch(() => ({}))) as Record<string, unknown>;
    throw new Problem(
      response.status,
      String(body.title ?? `Error ${response.status}`),
      String(body.detail ?? ""),
      (body.errors as Record<string, string[]>) ?? {},
      body,
    );
  },
  onError() {
    return new Problem(
      0,
      "The server cannot be reached",
      "What you typed is kept in this browser. Check the connection.",
      {},
      {},
    );
  },
};

export const api = createClient<paths>({ baseUrl: location.origin });
api.use(middleware);

/** The answer's body; a failed call has already thrown a Problem. */
export async function answer<T>(call: Promise<{ data?: T }>): Promise<T> {
  return (await call).data as T;
}
