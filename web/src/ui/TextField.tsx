import { useId } from "react";

interface Props {
  label: string;
  value: string;
  onChange: (value: string) => void;
  /** What is wrong with it, as the server says. */
  wrong?: string | undefined;
  /** Whether it takes the whole row of its form. */
  wide?: boolean;
  placeholder?: string;
}

/** A field with its name above and what is wrong with it below. */
export function TextField({ label, value, onChange, wrong, wide, placeholder }: Props) {
  const id = useId();
  return (
    <div className={wide ? "col-span-full" : ""}>
      <label htmlFor={id} className="block text-[13px] leading-tight text-quiet">
        {label}
      </label>
      <input
        id={id}
        value={value}
        placeholder={placeholder}
        aria-invalid={wrong !== undefined}
        aria-describedby={wrong ? `${id}-wrong` : undefined}
        onChange={(event) => onChange(event.target.value)}
        className="mt-0.5 w-full min-w-0 border border-quiet bg-sheet px-2 py-1 font-semibold aria-invalid:border-2 aria-invalid:border-signal"
      />
      {wrong && (
        <p id={`${id}-wrong`} role="alert" className="mt-1 text-[13px] text-signal-text">
          {wrong}
        </p>
      )}
    </div>
  );
}

interface ChoiceProps<T extends string> {
  label: string;
  value: T;
  onChange: (value: T) => void;
  choices: [T, string][];
  wide?: boolean;
}

/** A choice among a few. */
export function ChoiceField<T extends string>({
  label,
  value,
  onChange,
  choices,
  wide,
}: ChoiceProps<T>) {
  const id = useId();
  return (
    <div className={wide ? "col-span-full" : ""}>
      <label htmlFor={id} className="block text-[13px] leading-tight text-quiet">
        {label}
      </label>
      <select
        id={id}
        value={value}
        onChange={(event) => {
          const chosen = choices.find(([key]) => key === event.target.value);
          if (chosen) {
            onChange(chosen[0]);
          }
        }}
        className="mt-0.5 w-full min-w-0 border border-quiet bg-sheet px-1.5 py-[5px] font-semibold"
      >
        {choices.map(([key, words]) => (
          <option key={key} value={key}>
            {words}
          </option>
        ))}
      </select>
    </div>
  );
}
