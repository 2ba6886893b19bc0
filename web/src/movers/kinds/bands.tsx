import { ChoiceField } from "../../ui/TextField";

/** Whether a band is the ground on which photos lie, or lies over them. */
export function UnderOrOver({
  under,
  onChange,
}: {
  under: boolean;
  onChange: (under: boolean) => void;
}) {
  return (
    <ChoiceField
      label="Lies"
      value={under ? "under" : "over"}
      onChange={(next) => onChange(next === "under")}
      choices={[
        ["under", "under the photos"],
        ["over", "over the photos"],
      ]}
    />
  );
}
