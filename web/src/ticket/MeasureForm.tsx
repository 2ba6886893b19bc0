import { type FormEvent, useId, useState } from "react";
import type { Refusal } from "../api/client";

interface Props {
  /** What is measured, in words. */
  legend: string;
  w: string;
  h: string;
  /** What leaving both fields empty means. */
  empty: string;
  /** Saves what was written; the refusal comes back to the field that it names. */
  onSave: (w: string, h: string, onRefusal: (refusal: Refusal) => void) => Promise<boolean>;
  onClose: () => void;
}

/** A width and a height, as makers write them. */
export function MeasureForm({ legend, w, h, empty, onSave, onClose }: Props) {
  const [width, setWidth] = useState(w);
  const [height, setHeight] = useState(h);
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const id = useId();

  async function save(event: FormEvent) {
    event.preventDefault();
    setRefusal(null);
    if (await onSave(width, height, setRefusal)) {
      onClose();
    }
  }

  const wrong = refusal?.field?.endsWith(".h") ? "h" : "w";
  return (
    <form onSubmit={save} className="border-t border-hair py-2" aria-label={legend}>
      <p className="mb-1.5 text-quiet">{legend}</p>
      <div className="flex items-center gap-1.5">
        <Field
          id={`${id}w`}
          label="width"
          value={width}
          onChange={setWidth}
          invalid={refusal !== null && wrong === "w"}
        />
        <span className="text-quiet">×</span>
        <Field
          id={`${id}h`}
          label="height"
          value={height}
          onChange={setHeight}
          invalid={refusal !== null && wrong === "h"}
        />
      </div>
      {refusal && (
        <p role="alert" className="mt-1.5 text-signal-text">
          {refusal.message}
        </p>
      )}
      <p className="mt-1.5 text-quiet">{empty}</p>
      <div className="mt-1.5 flex gap-4 font-semibold">
        <button type="submit" className="underline underline-offset-2">
          Save
        </button>
        <button type="button" className="underline underline-offset-2" onClick={onClose}>
          Leave as it was
        </button>
      </div>
    </form>
  );
}

interface FieldProps {
  id: string;
  label: string;
  value: string;
  onChange: (value: string) => void;
  invalid: boolean;
}

function Field({ id, label, value, onChange, invalid }: FieldProps) {
  return (
    <>
      <label htmlFor={id} className="sr-only">
        {label}
      </label>
      <input
        id={id}
        value={value}
        placeholder={label === "width" ? "3 1/32" : "4 1/16"}
        aria-invalid={invalid}
        onChange={(event) => onChange(event.target.value)}
        className="w-full min-w-0 border border-quiet bg-transparent px-1.5 py-1 font-semibold aria-invalid:border-2 aria-invalid:border-signal"
      />
    </>
  );
}
