import { ChoiceField } from "../../ui/TextField";
import { type Kind, opensOver } from "./kind";

export const waterfall: Kind<"waterfall"> = {
  size: () => "Each",
  edge: opensOver,
  measures: [
    ["count", "How many"],
    ["step", "Set off by"],
  ],
  choices: (made, save) => (
    <ChoiceField
      label="Of"
      value={made.sleeves ? "sleeves" : "cards"}
      onChange={(next) => save({ ...made, sleeves: next === "sleeves" })}
      choices={[
        ["cards", "cut cards"],
        ["sleeves", "clear sleeves"],
      ]}
    />
  ),
};
