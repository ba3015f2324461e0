import { act, fireEvent, screen } from "@testing-library/react";
import { expect, it } from "vitest";
import { answer, api } from "../../src/api/client";
import { useAttempt, useNotice } from "../../src/ui/notices";
import { refused, StandIn } from "../StandIn";
import { show, told } from "../shown";

function Page({
  deed,
  undo,
  says = () => "Done.",
}: {
  deed: () => Promise<void>;
  undo?: () => Promise<void>;
  says?: () => string;
}) {
  const attempt = useAttempt();
  const notify = useNotice();
  return (
    <button
      type="button"
      onClick={() =>
        attempt(async () => {
          await deed();
          notify(says(), undo);
        })
      }
    >
      Do it
    </button>
  );
}

const click = (name: string) => act(async () => void fireEvent.click(screen.getByRole("button", { name })));
const leave = async () => void (await answer(api.DELETE("/api/session")));

it("says what was done", async () => {
  show(<Page deed={async () => {}} />);
  await click("Do it");
  expect(screen.getByText("Done.")).toBeTruthy();
  expect(screen.queryByRole("button", { name: "Undo" })).toBeNull();
});

it("says why where the server refuses, and not that it was done", async () => {
  new StandIn(() => refused(409));
  show(<Page deed={leave} />);
  await click("Do it");
  await told("It cannot be done so.");
  expect(screen.queryByText("Done.")).toBeNull();
});

it("says so where nobody serves", async () => {
  new StandIn(() => {
    throw new TypeError("no route to host");
  });
  show(<Page deed={leave} />);
  await click("Do it");
  await told(/^The server cannot be reached\..*Check the connection/);
});

it("says why where taking it back is refused", async () => {
  new StandIn(() => refused(409));
  show(<Page deed={async () => {}} undo={leave} />);
  await click("Do it");
  await click("Undo");
  await told("It cannot be done so.");
});

it("keeps the three newest", async () => {
  let n = 0;
  show(<Page deed={async () => {}} says={() => `Notice ${++n}.`} />);
  for (const _ of [1, 2, 3, 4]) await click("Do it");
  expect(screen.queryAllByRole("listitem").map((e) => e.textContent)).toEqual(["Notice 2.", "Notice 3.", "Notice 4."]);
});
