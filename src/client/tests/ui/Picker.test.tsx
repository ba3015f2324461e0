import { fireEvent, render, screen } from "@testing-library/react";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { Picker } from "../../src/ui/Picker";

const options = [
  { id: "low-block", name: "low block", words: "gedan barai down block", group: "receiving" },
  { id: "rising-block", name: "rising block", words: "age uke high block", group: "receiving" },
  { id: "punch", name: "punch", words: "tsuki jireugi", group: "striking" },
];

const onPick = vi.fn();
const outer = vi.fn();
const box = () => screen.getByRole<HTMLInputElement>("combobox", { name: "Which term" });
const names = () => screen.queryAllByRole("option").map((o) => o.firstChild?.textContent);
const chosen = () => screen.getAllByRole("option").find((o) => o.getAttribute("aria-selected") === "true")?.id;
const type = (value: string) => fireEvent.change(box(), { target: { value } });
const press = (key: string) => fireEvent.keyDown(box(), { key });

beforeEach(() => {
  onPick.mockReset();
  outer.mockReset();
  render(
    // biome-ignore lint/a11y/noStaticElementInteractions: stands for the sheet around it, which Escape closes
    <div onKeyDown={outer}>
      <Picker label="Which term" value="punch" options={options} onPick={onPick} />
    </div>,
  );
});

it("shows what is chosen, and no list until it is asked for", () => {
  expect(box().value).toBe("punch");
  expect(names()).toEqual([]);
});

describe("what is typed", () => {
  it("finds by the name and by other words, in whatever case", () => {
    type("Block");
    expect(names()).toEqual(["–", "low block", "rising block"]);
    type("tsuki");
    expect(names()).toEqual(["–", "punch"]);
  });

  it("chooses the first that is found with Enter", () => {
    type("block");
    press("Enter");
    expect(onPick).toHaveBeenCalledExactlyOnceWith("low-block");
    expect(names()).toEqual([]);
  });

  it("stays to be mended where it finds nothing", () => {
    type("blorck");
    press("Enter");
    expect(onPick).not.toHaveBeenCalled();
    expect(box().value).toBe("blorck");
  });
});

describe("keys", () => {
  it("go down and up the list, not past its ends, and the box says which is meant", () => {
    press("ArrowDown");
    for (const _ of [1, 2, 3, 4, 5]) press("ArrowDown");
    expect(box().getAttribute("aria-activedescendant")).toBe(chosen());
    press("Enter");
    expect(onPick).toHaveBeenCalledExactlyOnceWith("punch");
    press("ArrowDown");
    press("ArrowUp");
    press("Enter");
    expect(onPick).toHaveBeenLastCalledWith(null);
  });

  it("leave it as it was with Escape, which closes nothing else", () => {
    type("low");
    press("Escape");
    expect(box().value).toBe("punch");
    expect(onPick).not.toHaveBeenCalled();
    expect(outer.mock.calls.filter(([e]) => e.key === "Escape")).toEqual([]);
    press("Escape");
    expect(outer.mock.calls.filter(([e]) => e.key === "Escape")).toHaveLength(1);
  });
});

it("takes a click on one of the list", () => {
  fireEvent.click(box());
  fireEvent.mouseDown(screen.getByRole("option", { name: /rising/ }));
  expect(onPick).toHaveBeenCalledExactlyOnceWith("rising-block");
});
