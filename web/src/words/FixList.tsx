import { Measures } from "../ui/Measures";

interface Props {
  label: string;
  fixes: { way: string; text: string; outcome: string }[];
  onTake: (way: string) => void;
}

/** Ways out that were tried, each with what it comes to. */
export function FixList({ label, fixes, onTake }: Props) {
  if (fixes.length === 0) {
    return null;
  }
  return (
    <section aria-label={label} className="mt-4">
      <h3 className="text-[15px]">{label}</h3>
      <ul className="mt-1.5 flex flex-col gap-1.5">
        {fixes.map((fix) => (
          <li key={fix.way}>
            <button
              type="button"
              onClick={() => onTake(fix.way)}
              className="flex w-full items-baseline justify-between gap-3 border border-quiet/60 bg-sheet px-2.5 py-1.5 text-left text-[13px] font-semibold hover:border-ink"
            >
              <span>
                <Measures text={fix.text} />
              </span>
              <span className="shrink-0 whitespace-nowrap text-fits">
                <Measures text={fix.outcome} />
              </span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
