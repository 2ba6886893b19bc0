import { type Kind, opensOver } from "./kind";

export const waterfall: Kind<"waterfall"> = {
  size: () => "Card",
  edge: opensOver,
  measures: [
    ["count", "Cards"],
    ["step", "Set off by"],
  ],
};
