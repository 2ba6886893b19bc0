import { type Kind, opensOver } from "./kind";

export const chain: Kind<"chain"> = {
  size: () => "Insert",
  edge: opensOver,
  measures: [["count", "Sleeves"]],
};
