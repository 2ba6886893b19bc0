import { type Kind, opensOver } from "./kind";

export const foldOut: Kind<"fold-out"> = {
  size: () => "Flap",
  edge: opensOver,
  measures: [
    ["border", "Border"],
    ["sheetW", "Sheet, width"],
    ["sheetH", "Sheet, height"],
  ],
};
