import type { Album, Entry } from "../api/types";
import { OwnField } from "../bench/OwnField";
import { PatternThumb } from "../bench/PatternThumb";
import { BREATHING } from "../bench/placingChoices";
import { Choose } from "../ui/Choose";
import { Measures } from "../ui/Measures";
import { isMostLeaves, pocketed, usePlanRequest } from "./planRequest";

interface Props {
  album: Album;
  entries: Entry[];
  kinds: string[];
}

/** Which kinds of leaves may be used, how many there are, and how full they are to be. */
export function PlanRequestForm({ album, entries, kinds }: Props) {
  const request = usePlanRequest();
  const wrong = !isMostLeaves(request.mostLeaves);
  return (
    <aside
      aria-label="What is wanted"
      className="slim-scroll w-full shrink-0 bg-sheet px-4 pt-4 pb-6 text-[13.5px] lg:w-[286px] lg:overflow-y-auto"
    >
      <h2 className="text-[17px]">What is wanted</h2>
      <p className="mt-2 flex items-baseline justify-between">
        <span>Breathing room</span>
        <Choose
          label="Breathing room"
          options={BREATHING}
          value={request.breathing}
          onChoose={(breathing) => request.say({ breathing })}
        />
      </p>
      <label className="mt-1.5 flex items-baseline justify-between gap-3">
        <span>Maximum leaves</span>
        <input
          type="text"
          inputMode="numeric"
          value={request.mostLeaves}
          placeholder="any"
          aria-invalid={wrong}
          aria-describedby={wrong ? "most-wrong" : undefined}
          onChange={(event) => request.say({ mostLeaves: event.target.value })}
          className="w-14 border border-hair bg-transparent px-2 py-0.5 text-right"
        />
      </label>
      {wrong && (
        <p id="most-wrong" className="mt-1.5 text-[12.5px] text-signal-text">
          A whole number from 1 to 200, or leave it empty.
        </p>
      )}
      <Check
        name="Every chapter begins on a fresh page"
        checked={request.freshPages}
        onChange={(freshPages) => request.say({ freshPages })}
      />
      <Check
        name={`Undecided photos too (${album.counts.undecided})`}
        checked={request.undecided}
        onChange={(undecided) => request.say({ undecided })}
      />
      <Check
        name="Start over (keeps locked and finished leaves)"
        checked={request.anew}
        onChange={(anew) => request.say({ anew })}
      />
      <Check
        name="Count on sleeves over the pages, as many as you own"
        checked={request.sleeves}
        onChange={(sleeves) => request.say({ sleeves })}
      />
      <div className="mt-4 flex items-baseline justify-between border-b-2 border-ink pb-1">
        <h3 className="text-[15px]">Kinds of leaves</h3>
        <span className="text-[12px] text-quiet">how many you own</span>
      </div>
      <ul className="md:max-lg:columns-2 md:max-lg:gap-8">
        {pocketed(entries).map((entry) => (
          <li key={entry.key} className="flex items-center gap-2.5 border-b border-hair py-1.5">
            <label className="flex min-w-0 flex-1 cursor-pointer items-center gap-2.5">
              <input
                type="checkbox"
                className="accent-fold"
                checked={kinds.includes(entry.key)}
                onChange={(event) =>
                  request.say({
                    kinds: event.target.checked
                      ? [...kinds, entry.key]
                      : kinds.filter((key) => key !== entry.key),
                  })
                }
              />
              <span className="flex w-9 shrink-0 justify-center">
                <PatternThumb entry={entry} inch={3} />
              </span>
              <span className="text-[12.5px] leading-tight">
                <Measures text={entry.name} />
              </span>
            </label>
            <OwnField entry={entry} />
          </li>
        ))}
      </ul>
    </aside>
  );
}

function Check({
  name,
  checked,
  onChange,
}: {
  name: string;
  checked: boolean;
  onChange: (checked: boolean) => void;
}) {
  return (
    <label className="mt-1.5 flex cursor-pointer items-start gap-2 leading-snug">
      <input
        type="checkbox"
        className="mt-[3px] accent-fold"
        checked={checked}
        onChange={(event) => onChange(event.target.checked)}
      />
      {name}
    </label>
  );
}
