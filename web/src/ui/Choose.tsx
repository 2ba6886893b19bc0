interface Props<K extends string> {
  label: string;
  /** A word that stands before it, where the choice does not explain itself. */
  word?: string;
  /** What may be chosen, each with its words. */
  options: Record<K, string>;
  value: K;
  onChoose: (value: K) => void;
}

/** One of a few, chosen where a sentence goes on with it. */
export function Choose<K extends string>({ label, word, options, value, onChoose }: Props<K>) {
  const select = (
    <select
      aria-label={label}
      value={value}
      onChange={(event) => onChoose(event.target.value as K)}
      className="min-h-8 max-w-[9.5rem] cursor-pointer border-b border-ink/50 bg-transparent py-1 pr-1 font-semibold hover:border-ink"
    >
      {(Object.keys(options) as K[]).map((key) => (
        <option key={key} value={key} className="bg-sheet text-ink">
          {options[key]}
        </option>
      ))}
    </select>
  );
  return word ? (
    <span className="flex items-center gap-1.5">
      <span aria-hidden="true" className="text-[13px] text-quiet">
        {word}
      </span>
      {select}
    </span>
  ) : (
    select
  );
}
