import { screen } from "@testing-library/react";
import { Route, Routes } from "react-router";
import { expect, it } from "vitest";
import StudentPage from "../../src/features/knowledge/StudentPage";
import { refused, StandIn } from "../StandIn";
import { show } from "../shown";

const sections = ["A", "B"].map((letter, k) => ({
  id: letter,
  letter,
  name: k ? "" : "out",
  firstCount: k * 4 + 1,
  lastCount: k * 4 + 4,
}));
const mark = {
  id: "m",
  formId: "f",
  section: "A",
  step: "byCount",
  markedAt: "2026-10-05T10:00:00Z",
  markedBy: "Ines",
  withdrawn: false,
};

function record(forms: unknown[], history: unknown[] = []) {
  new StandIn(() => ({ student: { name: "Pia", rank: null, trainingClass: "Monday", heightCm: 162 }, forms, history }));
  show(
    <Routes>
      <Route path="/students/:id" element={<StudentPage />} />
    </Routes>,
    "/students/p",
  );
}

const form = { formId: "f", title: "Low Weir", sections, marks: [mark] };
const texts = (role: string) => screen.getAllByRole(role).map((e) => e.textContent);

it("tells what a student knows of every section, and since when", async () => {
  record([form]);
  await screen.findByText("no rank · Monday · 162 cm");
  const [a, b] = texts("listitem");
  expect(a).toMatch(/^Aout 1–4by the count.*by Ines$/);
  expect(b).toMatch(/^Bno name 5–8not shown yet$/);
});

it("tells how it came about, with what was taken back and what is no longer there", async () => {
  record(
    [{ ...form, marks: [] }],
    [mark, { ...mark, id: "n", withdrawn: true }, { ...mark, id: "o", section: "gone" }],
  );
  await screen.findByText("History (3)");
  const [first, second, third] = texts("listitem").slice(2);
  expect(first).toMatch(/Low Weir, A outby the countInes$/);
  expect(second).toMatch(/Ines \(taken back\)$/);
  expect(third).toContain("a section that is no longer there");
});

it.each([
  ["no form is shared", [], "No form is shared with this rank yet."],
  ["a form is in one piece", [{ ...form, sections: [] }], "Not cut into sections yet."],
])("says so where %s", async (_, forms, words) => {
  record(forms);
  await screen.findByText(words);
});

it("says why a record cannot be read", async () => {
  new StandIn(() => refused(404));
  show(<StudentPage />);
  expect((await screen.findByRole("alert")).textContent).toContain("It cannot be done so.");
});
