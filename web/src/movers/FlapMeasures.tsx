import type { Album, Flap, FlapForm } from "../api/types";
import { useStep } from "../api/useStep";
import { ChoiceField, TextField } from "../ui/TextField";
import { EDGES, GRIPS, MeasuresForm } from "./MeasuresForm";
import { useMeasures } from "./useMeasures";

interface Props {
  album: Album;
  id: string;
  /** The name of the flap. */
  name: string;
  given: FlapForm;
  /** The other flaps of its page. */
  others: Flap[];
  onInside: boolean;
}

function numberOf(flap: string) {
  return flap.slice(flap.lastIndexOf("-m") + 2);
}

/** The few measures of a flap, as they are written. */
export function FlapMeasures({ album, id, name, given, others, onInside }: Props) {
  const step = useStep(album.id);
  const { form, setForm, save, changed, wrong, wrongElse } = useMeasures<FlapForm>(
    given,
    (next, refused) => step("/api/albums/{id}/flaps/change", { flap: id, form: next }, refused),
  );
  const text = (field: "x" | "y" | "w" | "h" | "strip", label: string) => (
    <TextField
      label={label}
      value={form[field]}
      wrong={wrong(field)}
      onChange={(value) => setForm({ ...form, [field]: value })}
    />
  );
  return (
    <MeasuresForm
      label={`Measures of ${name.toLowerCase()}`}
      changed={changed}
      wrong={wrongElse(["x", "y", "w", "h", "strip"])}
      onSave={() => void save(form)}
    >
      <ChoiceField
        label="Hinged at the"
        value={form.hinge}
        onChange={(hinge) => save({ ...form, hinge })}
        choices={EDGES}
      />
      <ChoiceField
        label="Held"
        value={form.mount}
        onChange={(mount) => save({ ...form, mount })}
        choices={[
          ["protector", "on the film"],
          ["page", "through a slit"],
          ...(form.mount === "fold"
            ? ([["fold", "bound in"]] as [FlapForm["mount"], string][])
            : []),
        ]}
      />
      <ChoiceField
        label="Grip"
        value={form.grip ?? "none"}
        onChange={(grip) => save({ ...form, grip })}
        choices={GRIPS}
      />
      {!onInside && others.length > 0 && (
        <ChoiceField
          label="Lies on"
          wide
          value={form.fixedTo ? `stuck ${form.fixedTo}` : form.on ? `over ${form.on}` : ""}
          onChange={(value) => {
            const [how, other] = value.split(" ");
            const { on: _on, fixedTo: _fixedTo, ...rest } = form;
            void save(
              how === "over" && other
                ? { ...rest, on: other }
                : how === "stuck" && other
                  ? { ...rest, fixedTo: other }
                  : rest,
            );
          }}
          choices={[
            ["", "the page"],
            ...others.flatMap((each): [string, string][] => [
              [`over ${numberOf(each.id)}`, `over ${each.label.toLowerCase()}`],
              [`stuck ${numberOf(each.id)}`, `stuck to ${each.label.toLowerCase()}`],
            ]),
          ]}
        />
      )}
      {text("w", "Insert, width")}
      {text("h", "Insert, height")}
      {text("x", "From the left")}
      {text("y", "From the top")}
      {text("strip", "Adhesive strip")}
    </MeasuresForm>
  );
}
