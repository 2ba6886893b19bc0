import { UnderOrOver } from "./bands";
import type { Kind } from "./kind";

export const gutterBand: Kind<"gutter-band"> = {
  size: () => "Each half",
  stays: true,
  given: ["x"],
  measures: [],
  choices: (made, save) => (
    <UnderOrOver under={made.under ?? false} onChange={(under) => save({ ...made, under })} />
  ),
};
