import { type Kind, opensOver } from "./kind";

export const pullOut: Kind<"pull-out"> = {
  size: () => "Pocket",
  edge: opensOver,
  measures: [
    ["cardW", "Card, width"],
    ["cardH", "Card, height"],
  ],
};
