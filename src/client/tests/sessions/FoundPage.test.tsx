import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it } from "vitest";
import { FoundPage } from "../../src/features/sessions/FoundPage";
import { refused, StandIn } from "../StandIn";
import { show } from "../shown";

const fields = {
  "Name of the school": "Reed Bank",
  "Your name": "Ines",
  "Your email address": "ines@reed.test",
  "A password of at least ten characters": "low tide heron",
};
const fill = () => {
  for (const [label, value] of Object.entries(fields))
    fireEvent.change(screen.getByLabelText(label), { target: { value } });
};
const found = () => fireEvent.click(screen.getByRole("button", { name: "Found the school" }));

it("founds the school with its head instructor", async () => {
  const server = new StandIn(() => ({}));
  show(<FoundPage />);
  fill();
  found();
  await waitFor(() =>
    expect(server.sent("POST", "/api/school/found")).toEqual([
      { school: "Reed Bank", name: "Ines", email: "ines@reed.test", password: "low tide heron" },
    ]),
  );
});

it.each([
  ["beside its field", { status: 400, errors: { password: ["Ten characters at least."] } }, "Ten characters at least."],
  ["where somebody was quicker", { status: 409 }, "It cannot be done so."],
])("says what is wrong %s, and keeps what was typed", async (_, { status, ...extra }, words) => {
  new StandIn(() => refused(status, extra));
  show(<FoundPage />);
  fill();
  found();
  await screen.findByText(words);
  expect(screen.getAllByText(words)).toHaveLength(1);
  for (const [label, value] of Object.entries(fields))
    expect(screen.getByLabelText<HTMLInputElement>(label).value).toBe(value);
});

it("says so where nobody answers", async () => {
  new StandIn(() => {
    throw new TypeError("network");
  });
  show(<FoundPage />);
  found();
  expect((await screen.findByRole("alert")).textContent).toMatch(/^The server cannot be reached/);
});
