import { type Kind, opensOver } from "./kind";

export const door: Kind<"door"> = {
  size: (kind) => (kind === "double-door" ? "Doors" : "Door"),
  edge: (kind) => (kind === "double-door" ? undefined : opensOver()),
  measures: [["border", "Border"]],
};
