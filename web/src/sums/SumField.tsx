import { useId } from "react";
import type { Field } from "./definitions";
import { LINES } from "./question";

interface Props {
  field: Field;
  value: string;
  invalid: string | undefined;
  onChange: (value: string) => void;
}

const LOOK =
  "mt-0.5 w-full border border-quiet bg-sheet px-2 py-1.5 font-semibold aria-invalid:border-2 aria-invalid:border-signal";

/** One thing that a sum asks for. What is wrong with it stands below it. */
export function SumField({ field, value, invalid, onChange }: Props) {
  const id = useId();
  if (field.kind === "flag") {
    return (
      <label className="col-span-2 flex items-center gap-2 py-1">
        <input
          type="checkbox"
          checked={value === "true"}
          onChange={(event) => onChange(String(event.target.checked))}
          className="h-4 w-4 accent-fold"
        />
        {field.label}
      </label>
    );
  }
  const lines = LINES.includes(field.kind) || field.tall === true;
  const long = lines || field.kind === "text" || field.kind === "letters";
  const shared = {
    id,
    value,
    "aria-invalid": invalid !== undefined,
    "aria-describedby": invalid ? `${id}-wrong` : undefined,
    className: LOOK,
  };
  return (
    <div className={long || field.kind === "choice" ? "col-span-2" : ""}>
      <label htmlFor={id} className="text-[13px] text-quiet">
        {field.label}
        {field.empty && <span> (empty: {field.empty})</span>}
      </label>
      {field.kind === "choice" ? (
        <select {...shared} onChange={(event) => onChange(event.target.value)}>
          {field.choices?.map((choice) => (
            <option key={choice}>{choice}</option>
          ))}
        </select>
      ) : lines ? (
        <textarea {...shared} rows={4} onChange={(event) => onChange(event.target.value)} />
      ) : (
        <input
          {...shared}
          inputMode={field.kind === "count" || field.kind === "number" ? "decimal" : "text"}
          onChange={(event) => onChange(event.target.value)}
        />
      )}
      {invalid && (
        <p id={`${id}-wrong`} role="alert" className="mt-1 text-[13px] text-signal-text">
          {invalid}
        </p>
      )}
    </div>
  );
}
