import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { BrowserRouter } from "react-router";
import { Problem } from "./api/client";
import { App } from "./app/App";
import "./app/index.css";
import { loadPageAt } from "./app/pages";
import { loadSession } from "./app/session";

const queries = new QueryClient({
  defaultOptions: {
    queries: {
      staleTime: 15_000,
      // A refusal stays a refusal; a lost connection or a resting database heals by itself.
      retry: (count, error) =>
        error instanceof Problem && (error.status === 0 || error.status === 503) ? count < 20 : false,
      retryDelay: (count) => Math.min(500 * 2 ** count, 5000),
    },
  },
});

// The page and the session come at the same time; where one is slow, the waiting state is shown all the same.
const soon = new Promise((resolve) => setTimeout(resolve, 1500));
const session = queries.prefetchQuery({
  queryKey: ["session"],
  queryFn: loadSession,
  staleTime: Number.POSITIVE_INFINITY,
});
await Promise.race([soon, Promise.all([loadPageAt(location.pathname), session])]);

createRoot(document.getElementById("root") as HTMLElement).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      <BrowserRouter>
        <App />
      </BrowserRouter>
    </QueryClientProvider>
  </StrictMode>,
);
