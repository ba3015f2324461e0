import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it, vi } from "vitest";
import { TeachWord } from "../../src/features/terms/TeachWord";
import { refused, StandIn } from "../StandIn";
import { show } from "../shown";

const terms = [
  {
    id: "low-block",
    name: "low block",
    names: { ja: "gedan barai" },
    aliases: ["down block"],
    family: "receiving",
    kind: "technique",
  },
  { id: "punch", name: "punch", names: { ja: "tsuki" }, aliases: [], family: "striking", kind: "technique" },
];

function teach(serve: (body: unknown) => unknown) {
  const server = new StandIn(({ method, body }) => (method === "GET" ? terms : serve(body)));
  const calls = { onClose: vi.fn(), onTaught: vi.fn() };
  show(<TeachWord word="sweepy" {...calls} />);
  return { server, ...calls };
}

const pick = async (typed: string) => {
  const box = await screen.findByRole("combobox");
  fireEvent.change(box, { target: { value: typed } });
  fireEvent.keyDown(box, { key: "Enter" });
};
const button = () => screen.getByRole<HTMLButtonElement>("button", { name: "Understand it so" });

it("teaches the word for the term that is chosen by any of its names", async () => {
  const { server, onTaught } = teach(() => ({}));
  await pick("gedan");
  fireEvent.click(button());
  await waitFor(() => expect(onTaught).toHaveBeenCalledTimes(1));
  expect(server.sent("POST", "/api/terms/teach")).toEqual([{ word: "sweepy", means: "low-block" }]);
});

it("teaches nothing before a term is chosen", async () => {
  teach(() => ({}));
  await screen.findByRole("combobox");
  expect(button().disabled).toBe(true);
});

it("says why where the word means something already, and keeps the choice", async () => {
  const { onTaught } = teach(() => refused(400, { errors: { word: ['"sweepy" means sweep already.'] } }));
  await pick("tsuki");
  fireEvent.click(button());
  await screen.findByText(/means sweep already/);
  expect(onTaught).not.toHaveBeenCalled();
  expect(screen.getByRole<HTMLInputElement>("combobox").value).toBe("punch");
});
