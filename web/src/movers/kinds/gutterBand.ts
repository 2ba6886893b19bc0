import type { Kind } from "./kind";

export const gutterBand: Kind<"gutter-band"> = {
  size: () => "Each half",
  stays: true,
  given: ["x"],
  measures: [],
};
