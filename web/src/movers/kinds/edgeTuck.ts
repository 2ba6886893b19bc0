import { type Kind, opensOver } from "./kind";

export const edgeTuck: Kind<"edge-tuck"> = {
  size: () => "What lies in front",
  edge: opensOver,
  measures: [
    ["cardW", "Card, width"],
    ["cardH", "Card, height"],
    ["depth", "Tucked by"],
  ],
};
