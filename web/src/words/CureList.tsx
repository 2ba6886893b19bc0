import { Measures } from "../ui/Measures";

interface Props {
  label: string;
  cures: { way: string; text: string; outcome: string }[];
  onTake: (way: string) => void;
}

/** Ways out that were tried, each with what it comes to. */
export function CureList({ label, cures, onTake }: Props) {
  if (cures.length === 0) {
    return null;
  }
  return (
    <section aria-label={label} className="mt-4">
      <h3 className="text-[15px]">{label}</h3>
      <ul className="mt-1.5 flex flex-col gap-1.5">
        {cures.map((cure) => (
          <li key={cure.way}>
            <button
              type="button"
              onClick={() => onTake(cure.way)}
              className="flex w-full items-baseline justify-between gap-3 border border-quiet/60 bg-sheet px-2.5 py-1.5 text-left text-[13px] font-semibold hover:border-ink"
            >
              <span>
                <Measures text={cure.text} />
              </span>
              <span className="shrink-0 whitespace-nowrap text-fits">
                <Measures text={cure.outcome} />
              </span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
