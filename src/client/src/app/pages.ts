import { type ComponentType, createElement, lazy } from "react";

const sources = {
  forms: () => import("../features/forms/FormsPage"),
  form: () => import("../features/forms/FormPage"),
  walk: () => import("../features/walkthrough/WalkPage"),
  floor: () => import("../features/floor/FloorPage"),
  sheet: () => import("../features/forms/SheetPage"),
  history: () => import("../features/forms/HistoryPage"),
  compare: () => import("../features/forms/ComparePage"),
  applications: () => import("../features/applications/ApplicationsPage"),
  application: () => import("../features/applications/ApplicationPage"),
  grid: () => import("../features/knowledge/GridPage"),
  student: () => import("../features/knowledge/StudentPage"),
  people: () => import("../features/people/PeoplePage"),
  school: () => import("../features/people/SchoolPage"),
  terms: () => import("../features/terms/TermsPage"),
};

type PageName = keyof typeof sources;

const loaded = new Map<PageName, ComponentType>();

function page(name: PageName): ComponentType {
  const Later = lazy(sources[name]);
  return () => createElement(loaded.get(name) ?? Later);
}

/** The pages, each loaded when it is first gone to. */
export const pages = Object.fromEntries(
  (Object.keys(sources) as PageName[]).map((name) => [name, page(name)] as const),
) as Record<PageName, ComponentType>;

const addresses: readonly (readonly [RegExp, keyof typeof pages])[] = [
  [/^\/forms\/[^/]+\/walk$/, "walk"],
  [/^\/forms\/[^/]+\/floor$/, "floor"],
  [/^\/forms\/[^/]+\/sheet$/, "sheet"],
  [/^\/forms\/[^/]+\/history$/, "history"],
  [/^\/forms\/[^/]+$/, "form"],
  [/^\/(forms)?$/, "forms"],
  [/^\/knowledge$/, "grid"],
];

/**
 * Begins to load the page at an address, so that it is there when the session is known. A page that comes later makes
 * React show its waiting state for three tenths of a second at least.
 */
export async function loadPageAt(address: string) {
  const name = addresses.find(([pattern]) => pattern.test(address))?.[1];
  if (!name) return;
  try {
    loaded.set(name, (await sources[name]()).default);
  } catch {
    // It is tried once more when it is drawn, and what is wrong is said there.
  }
}
