import "fake-indexeddb/auto";
import { cleanup } from "@testing-library/react";
import { afterEach } from "vitest";
import { StandIn } from "./StandIn";

// The client takes its fetch when it is loaded; whoever serves then answers.
globalThis.fetch = (request) => StandIn.answer(request as Request);

// jsdom lays nothing out: there is nowhere to scroll to.
Element.prototype.scrollIntoView = () => {};

afterEach(() => {
  cleanup();
  localStorage.clear();
});
