import { ChoiceField } from "../../ui/TextField";
import type { Kind } from "./kind";

export const accordion: Kind<"accordion"> = {
  size: () => "Panel",
  edge: () => "Anchored at the",
  measures: [
    ["count", "Panels"],
    ["border", "Mat"],
    ["sheetW", "Sheet, width"],
    ["sheetH", "Sheet, height"],
    ["overlap", "Least tab"],
  ],
  choices: (made, save) => (
    <>
      <ChoiceField
        label="Pulled out it shows"
        value={made.upper ?? "each"}
        onChange={(upper) => save({ ...made, upper })}
        choices={[
          ["each", "a picture on each panel"],
          ["across", "one picture over all panels"],
        ]}
      />
      <ChoiceField
        label="Pictures are"
        value={made.pictures ?? "stuck"}
        onChange={(pictures) => save({ ...made, pictures })}
        choices={[
          ["stuck", "stuck on"],
          ["printed", "printed on the strips"],
        ]}
      />
    </>
  ),
};
