import type { Kind } from "./kind";

export const edgeBand: Kind<"edge-band"> = {
  size: () => "Strip",
  stays: true,
  given: ["x", "y", "h"],
  measures: [["depth", "Stuck to the leaf"]],
};
