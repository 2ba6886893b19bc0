import { type Kind, opensOver } from "./kind";

export const booklet: Kind<"booklet"> = {
  size: () => "Insert",
  edge: opensOver,
  measures: [["count", "Sleeves"]],
};
