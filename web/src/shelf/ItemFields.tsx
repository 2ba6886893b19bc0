import { type FormEvent, useState } from "react";
import { Link } from "react-router";
import { answered, api, Refusal } from "../api/client";
import { useMetric } from "../api/queries";
import type { Entry, ItemDraft, WrittenItem } from "../api/types";
import { useCatalogueSaved } from "../api/useCatalogueSaved";
import { Button } from "../ui/Button";
import { ChoiceField, TextField } from "../ui/TextField";

interface Props {
  kind: string;
  /** The entry that is changed; none for a new one. */
  entry?: Entry;
  onDone: () => void;
}

const SIZED = ["format", "leaf", "sleeve", "card", "print", "sheet"];

/** What an entry of the catalogue is, in a form of its kind. */
export function ItemFields({ kind, entry, onDone }: Props) {
  const metric = useMetric();
  const [form, setForm] = useState<ItemDraft>(
    entry?.form ?? { kind, hinge: "short", perPack: kind === "sleeve" ? 6 : undefined },
  );
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const saved = useCatalogueSaved();

  async function save(event: FormEvent) {
    event.preventDefault();
    setRefusal(null);
    // The fields shown are those of the kind; the server says which of them are missing.
    const body = (kind === "sleeve" ? form : { ...form, hinge: undefined }) as WrittenItem;
    try {
      const catalogue = await answered(
        entry
          ? api.POST("/api/catalogue/{key}", { params: { path: { key: entry.key } }, body })
          : api.POST("/api/catalogue", { body }),
      );
      saved(catalogue);
      onDone();
    } catch (problem) {
      setRefusal(problem instanceof Refusal ? problem : new Refusal({}, 0));
    }
  }

  function text(
    field:
      | "name"
      | "w"
      | "h"
      | "thickness"
      | "strip"
      | "keepFree"
      | "height"
      | "widths"
      | "letters"
      | "colour",
    label: string,
  ) {
    return (
      <TextField
        label={label}
        wide={field === "name" || field === "widths" || field === "letters"}
        value={form[field] ?? ""}
        wrong={refusal?.field === field ? refusal.message : undefined}
        onChange={(value) => setForm({ ...form, [field]: value })}
      />
    );
  }

  const known = [
    "name",
    "w",
    "h",
    "thickness",
    "strip",
    "keepFree",
    "perPack",
    "hinge",
    "height",
    "widths",
    "letters",
    "colour",
  ];
  return (
    <form
      onSubmit={save}
      aria-label={entry ? entry.name : "New entry"}
      className="grid max-w-[560px] grid-cols-2 gap-x-4 gap-y-3"
    >
      {text("name", "Name")}
      {SIZED.includes(kind) && (
        <>
          {text("w", kind === "sleeve" ? "Insert, width" : "Width")}
          {text("h", kind === "sleeve" ? "Insert, height" : "Height")}
        </>
      )}
      {(kind === "card" || kind === "material") && text("thickness", "Thickness")}
      {kind === "sheet" && text("strip", "Printed strip to cut off (empty: none)")}
      {kind === "sheet" && (
        <label className="flex items-end gap-2 pb-1.5">
          <input
            type="checkbox"
            checked={form.directional === true}
            onChange={(event) => setForm({ ...form, directional: event.target.checked })}
            className="h-4 w-4 accent-fold"
          />
          has a right way up
        </label>
      )}
      {kind === "leaf" &&
        !form.pockets &&
        text("keepFree", "Free at punched holes (empty: no holes)")}
      {kind === "leaf" && !form.pockets && (
        <ChoiceField
          label="Bound"
          value={form.binding ?? "rings"}
          onChange={(binding) => setForm({ ...form, binding })}
          choices={[
            ["rings", "on rings"],
            ["fold", "by a fold, like a notebook"],
          ]}
        />
      )}
      {kind === "leaf" && form.pockets && (
        <label className="col-span-2 flex items-center gap-2">
          <input
            type="checkbox"
            checked={form.shared !== false}
            onChange={(event) => setForm({ ...form, shared: event.target.checked })}
            className="h-4 w-4 accent-fold"
          />
          front and back share their pockets
        </label>
      )}
      {kind === "letters" && (
        <>
          {text("height", "How high they are")}
          {text("colour", "Colour, as #10262c")}
          {text(
            "widths",
            "Widths you measured: A 7/8, W 1 1/4; words in one piece too (the others are estimated)",
          )}
          {text("letters", "Every letter in the box: AABEEE (empty: not counted)")}
        </>
      )}
      {kind === "sleeve" && (
        <>
          <ChoiceField
            label="Hinged on"
            value={form.hinge ?? "short"}
            onChange={(hinge) => setForm({ ...form, hinge })}
            choices={[
              ["short", "its short edge"],
              ["long", "its long edge"],
              ["any", "any edge (squares)"],
            ]}
          />
          <TextField
            label="A pack holds"
            value={form.perPack === undefined ? "" : String(form.perPack)}
            wrong={
              refusal?.field === "perPack" || refusal?.field === "hinge"
                ? refusal.message
                : undefined
            }
            onChange={(value) => {
              const digits = value.replace(/\D/g, "").slice(0, 5);
              setForm({ ...form, perPack: digits === "" ? undefined : Number(digits) });
            }}
          />
        </>
      )}
      {refusal && !known.includes(refusal.field ?? "") && (
        <p role="alert" className="col-span-2 text-signal-text">
          {refusal.message}
        </p>
      )}
      {kind === "leaf" && !entry && (
        <p className="col-span-2 text-[13px] text-quiet">
          This adds a page without pockets. Pockets are ruled in the{" "}
          <Link to="/shelf/builder" className="underline underline-offset-2">
            pattern builder
          </Link>
          .
        </p>
      )}
      <div className="col-span-2 flex items-center gap-4">
        <Button strong type="submit">
          {entry ? "Save" : "Add it"}
        </Button>
        <span className="text-[13px] text-quiet">
          {metric ? "Lengths as 108 or 4 1/4 in." : "Lengths as 4 1/4, 4.25 or 108 mm."}
        </span>
      </div>
    </form>
  );
}
