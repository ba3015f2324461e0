import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { fireEvent, render, screen, waitFor, within } from "@testing-library/react";
import { MemoryRouter } from "react-router";
import { afterEach, describe, expect, it } from "vitest";
import { App } from "../../src/app/App";
import { refused, StandIn } from "../StandIn";
import { told } from "../shown";

type Person = { name: string; role: string; studentId?: string };

const ines: Person = { name: "Ines", role: "head" };

function app(at: string, session: object, serve?: (method: string, path: string) => unknown) {
  const server = new StandIn(({ method, path }) => {
    const answered = serve?.(method, path);
    if (answered) return answered;
    if (path === "/api/session")
      return { needsFounding: false, demo: false, school: { name: "Reed Bank" }, token: "t", ...session };
    if (path === "/api/school/lists") return { ranks: [], classes: [] };
    if (path === "/api/students") return { students: [], total: 0, pageSize: 50 };
    return [];
  });
  render(
    <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
      <MemoryRouter initialEntries={[at]}>
        <App />
      </MemoryRouter>
    </QueryClientProvider>,
  );
  return server;
}

const links = async () =>
  within(await screen.findByRole("navigation", { name: "Main" }))
    .getAllByRole("link")
    .map((l) => l.textContent);

describe("who comes in", () => {
  it("founds the school where there is none", async () => {
    app("/", { needsFounding: true });
    await screen.findByRole("heading", { name: "Found your school" });
  });

  it("signs in", async () => {
    app("/forms", {});
    await screen.findByRole("heading", { name: "Sign in" });
    expect(screen.queryByText(/demo school/)).toBeNull();
  });

  it("is told where the server cannot be reached", async () => {
    app("/", {}, () => {
      throw new TypeError("network");
    });
    expect((await screen.findByRole("alert")).textContent).toMatch(/The server cannot be reached.*Try again/);
  });

  it("begins at the forms", async () => {
    app("/", { person: ines });
    await screen.findByRole("heading", { name: "Forms" });
    screen.getByText("Reed Bank");
  });
});

describe("where one can go", () => {
  it.each([
    [ines, ["Forms", "Applications", "Who knows what", "Students", "Terms", "School"]],
    [{ name: "Odo", role: "instructor" }, ["Forms", "Applications", "Who knows what", "Students", "Terms"]],
    [{ name: "Pia", role: "student", studentId: "p" }, ["Forms", "Applications", "My record", "Terms"]],
  ])("is what concerns them: $role", async (person, expected) => {
    app("/forms", { person });
    expect(await links()).toEqual(expected);
    expect(screen.getByRole("link", { name: "Forms" }).getAttribute("aria-current")).toBe("page");
  });

  it.each([
    ["student", "/students", "There is nothing at this address"],
    ["student", "/knowledge", "There is nothing at this address"],
    ["instructor", "/school", "There is nothing at this address"],
    ["instructor", "/students", "Students"],
    ["head", "/no/such", "There is nothing at this address"],
  ])("%s at %s", async (role, at, heading) => {
    app(at, { person: { name: "P", role } });
    await screen.findByRole("heading", { name: heading });
  });
});

describe("the menu of who is signed in", () => {
  afterEach(() => {
    delete document.documentElement.dataset.theme;
  });
  const open = async (name: RegExp) => {
    fireEvent.keyDown(await screen.findByRole("button", { name }), { key: "Enter" });
    await screen.findByRole("menu");
  };

  it("makes it light or dark, kept in this browser", async () => {
    app("/forms", { person: ines });
    await open(/Ines\s*· head instructor/);
    expect(screen.getByRole("menuitemradio", { name: /As the device/ }).getAttribute("aria-checked")).toBe("true");
    fireEvent.click(screen.getByRole("menuitemradio", { name: /Dark/ }));
    await waitFor(() => expect(document.documentElement.dataset.theme).toBe("dark"));
    expect(localStorage.getItem("heron.theme")).toBe("dark");
    await open(/Ines/);
    fireEvent.click(screen.getByRole("menuitemradio", { name: /As the device/ }));
    await waitFor(() => expect(document.documentElement.dataset.theme).toBeUndefined());
  });

  it("says why nobody was signed out", async () => {
    app("/forms", { person: ines }, (method) => method === "DELETE" && refused(503));
    await open(/Ines/);
    fireEvent.click(screen.getByRole("menuitem", { name: "Sign out" }));
    await told("It cannot be done so.");
    screen.getByRole("heading", { name: "Forms" });
  });
});
