import "fake-indexeddb/auto";
import { cleanup, configure } from "@testing-library/react";
import { afterEach } from "vitest";
import { StandIn } from "./StandIn";

// The client takes its fetch when it is loaded; whoever serves then answers.
globalThis.fetch = (request) => StandIn.answer(request as Request);

// Waiting ends when what is waited for is there; how long a busy machine takes for it is no test.
configure({ asyncUtilTimeout: 10_000 });

// jsdom lays nothing out: there is nowhere to scroll to.
Element.prototype.scrollIntoView = () => {};

afterEach(() => {
  cleanup();
  localStorage.clear();
});
