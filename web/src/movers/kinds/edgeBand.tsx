import { UnderOrOver } from "./bands";
import type { Kind } from "./kind";

export const edgeBand: Kind<"edge-band"> = {
  size: () => "Strip",
  stays: true,
  given: ["x", "y", "h"],
  measures: [["depth", "Stuck to the leaf"]],
  choices: (made, save) => (
    <UnderOrOver under={made.under ?? false} onChange={(under) => save({ ...made, under })} />
  ),
};
