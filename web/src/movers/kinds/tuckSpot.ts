import { type Kind, opensOver } from "./kind";

export const tuckSpot: Kind<"tuck-spot"> = {
  size: () => "Photo in front",
  edge: opensOver,
  measures: [
    ["cardW", "Card, width"],
    ["cardH", "Card, height"],
    ["visible", "Shows"],
  ],
};
