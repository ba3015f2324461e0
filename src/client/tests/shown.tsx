import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { render, screen, waitFor } from "@testing-library/react";
import type { ReactNode } from "react";
import { MemoryRouter } from "react-router";
import { expect } from "vitest";
import { Notices } from "../src/ui/notices";

/** Shows a part of a page with all that stands around one: queries, an address, notices. */
export function show(part: ReactNode, at = "/") {
  const queries = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  return render(
    <QueryClientProvider client={queries}>
      <MemoryRouter initialEntries={[at]}>
        <Notices>{part}</Notices>
      </MemoryRouter>
    </QueryClientProvider>,
  );
}

/** Waits until a notice says so; it stands there to be seen, and once more to be heard. */
export const told = (text: string | RegExp) => waitFor(() => expect(screen.queryAllByText(text)).not.toEqual([]));
