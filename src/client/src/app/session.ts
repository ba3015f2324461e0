import { useQuery } from "@tanstack/react-query";
import { answer, api, useToken as keepToken, type Schemas } from "../api/client";

export type Session = Schemas["SessionResponse"];

export async function loadSession(): Promise<Session> {
  const session = await answer(api.GET("/api/session"));
  keepToken(session.token);
  return session;
}

/** Who is signed in, and what the school's ways are. */
export function useSession() {
  return useQuery({ queryKey: ["session"], queryFn: loadSession, staleTime: Number.POSITIVE_INFINITY });
}

export function isInstructor(session: Session | undefined) {
  return session?.person?.role === "instructor" || session?.person?.role === "head";
}
