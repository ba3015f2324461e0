import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it } from "vitest";
import { SignInPage } from "../../src/features/sessions/SignInPage";
import { refused, StandIn } from "../StandIn";
import { show } from "../shown";

const fill = (label: string, value: string) => fireEvent.change(screen.getByLabelText(label), { target: { value } });
const enter = () => fireEvent.click(screen.getByRole("button", { name: "Sign in" }));

it("sends what was filled in", async () => {
  const server = new StandIn(() => ({}));
  show(<SignInPage demo={false} />);
  fill("Email address", "ines@example.org");
  fill("Password", "a long one");
  enter();
  await waitFor(() =>
    expect(server.sent("POST", "/api/session")).toEqual([{ email: "ines@example.org", password: "a long one" }]),
  );
  expect(screen.queryByText(/demo school/)).toBeNull();
});

it("says at the field what is wrong with it, and keeps what was typed", async () => {
  new StandIn(() => refused(400, { errors: { email: ["Write a whole address."] } }));
  show(<SignInPage demo={false} />);
  fill("Email address", "ines");
  enter();
  const wrong = await screen.findByText("Write a whole address.");
  const field = screen.getByLabelText<HTMLInputElement>("Email address");
  expect(field.getAttribute("aria-describedby")).toBe(wrong.id);
  expect(field.getAttribute("aria-invalid")).toBe("true");
  expect(field.value).toBe("ines");
  expect(screen.getByLabelText("Password").getAttribute("aria-invalid")).toBeNull();
});

it("says it aloud where the two do not belong together", async () => {
  new StandIn(() => refused(401));
  show(<SignInPage demo={false} />);
  enter();
  expect((await screen.findByRole("alert")).textContent).toBe("It cannot be done so.");
});

it.each([
  ["Head instructor", "head"],
  ["Instructor writes", "instructor"],
  ["Student", "student"],
])("lets one look around the demo school: %s", async (name, as) => {
  const server = new StandIn(() => ({}));
  show(<SignInPage demo />);
  fireEvent.click(screen.getByRole("button", { name: new RegExp(`^${name}`) }));
  await waitFor(() => expect(server.sent("POST", "/api/demo/enter")).toEqual([{ as }]));
});
