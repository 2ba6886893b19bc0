import type { Album, MadeForm, MoverForm, MoverState } from "../api/types";
import { useStep } from "../api/useStep";
import { ChoiceField, TextField } from "../ui/TextField";
import { kindOf } from "./kinds";
import { EDGES, GRIPS, MeasuresForm } from "./MeasuresForm";
import { useMeasures } from "./useMeasures";

type Lying = "w" | "h" | "x" | "y";

/** The few measures of a mover, as they are written. */
export function MoverMeasures({ album, mover }: { album: Album; mover: MoverState }) {
  const step = useStep(album.id);
  const { form, setForm, save, changed, wrong, wrongElse } = useMeasures<MoverForm>(
    mover.form,
    (next, refused) =>
      step("/api/albums/{id}/movers/change", { flap: mover.id, form: next }, refused),
  );
  const kind = kindOf(form.made);
  const size = kind.size(mover.kind);
  const edge = kind.edge?.(mover.kind);
  const all: [Lying, string][] = [
    ["w", `${size}, width`],
    ["h", `${size}, height`],
    ["x", "From the left"],
    ["y", "From the top"],
  ];
  const lying = all.filter(([field]) => !kind.given?.includes(field));
  const fields = [...lying, ...kind.measures].map(([field]) => field);
  return (
    <MeasuresForm
      label={`Measures of ${mover.name}`}
      changed={changed}
      wrong={wrongElse(fields)}
      onSave={() => void save(form)}
    >
      {edge && (
        <ChoiceField
          label={edge}
          value={form.edge}
          onChange={(next) => save({ ...form, edge: next })}
          choices={EDGES}
        />
      )}
      {kind.choices?.(form.made, (made) => void save({ ...form, made }))}
      {!kind.stays && (
        <ChoiceField
          label="Grip"
          value={form.grip ?? "none"}
          onChange={(grip) => save({ ...form, grip })}
          choices={GRIPS}
        />
      )}
      {lying.map(([field, label]) => (
        <TextField
          key={field}
          label={label}
          value={form[field]}
          wrong={wrong(field)}
          onChange={(value) => setForm({ ...form, [field]: value })}
        />
      ))}
      {kind.measures.map(([field, label]) => (
        <TextField
          key={field}
          label={label}
          value={textOf(form.made, field)}
          wrong={wrong(field)}
          onChange={(value) => setForm({ ...form, made: { ...form.made, [field]: value } })}
        />
      ))}
    </MeasuresForm>
  );
}

function textOf(made: MadeForm, field: string): string {
  const value = new Map(Object.entries(made)).get(field);
  return typeof value === "string" ? value : "";
}
