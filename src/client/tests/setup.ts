import "fake-indexeddb/auto";
import { cleanup } from "@testing-library/react";
import { afterEach } from "vitest";
import { StandIn } from "./StandIn";

// The client takes its fetch when it is loaded; whoever serves then answers.
globalThis.fetch = (request) => StandIn.answer(request as Request);

afterEach(() => {
  cleanup();
  localStorage.clear();
});
