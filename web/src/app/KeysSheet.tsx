import { useAbout } from "../api/queries";
import { Key } from "../ui/Key";
import { Sheet } from "../ui/Sheet";
import { useTheme } from "../ui/theme";

const KEYS: [string[], string][] = [
  [["←", "→", "↑", "↓"], "go to the next pocket"],
  [["Enter"], "take the photo in hand; once more puts it down"],
  [["Esc"], "put it back where it was"],
  [["L"], "lock or unlock"],
  [["R"], "quarter turn"],
  [["K"], "keep box: arrows move it, Shift and arrows size it"],
  [["Del"], "take out of the pocket"],
  [["X"], "set aside"],
  [["P"], "place again, in story order"],
  [["Z"], "undo"],
  [["Y"], "redo"],
  [["["], "turn back a page"],
  [["]"], "turn on a page"],
  [["="], "sums, without an album"],
  [["S"], "the shelf: catalogue, house rules, units, sharing"],
  [["?"], "this sheet"],
  [["Alt", "↑", "↓"], "on the fore-edge: move the leaf"],
  [["T"], "on the fore-edge: turn the leaf over"],
  [["D"], "on the fore-edge: duplicate the leaf"],
];

interface Props {
  open: boolean;
  onOpenChange: (open: boolean) => void;
}

/** The keys, light and dark, and what runs here. */
export function KeysSheet({ open, onOpenChange }: Props) {
  const about = useAbout(open);
  const { choice, choose } = useTheme();
  return (
    <Sheet open={open} onOpenChange={onOpenChange} title="Keys, light, about">
      <dl className="mb-6 grid grid-cols-[auto_1fr] gap-x-5 gap-y-1.5 sm:grid-cols-[auto_1fr_auto_1fr]">
        {KEYS.map(([keys, meaning]) => (
          <div key={meaning} className="contents">
            <dt className="flex gap-1">
              {keys.map((key) => (
                <Key key={key}>{key}</Key>
              ))}
            </dt>
            <dd>{meaning}</dd>
          </div>
        ))}
      </dl>
      <fieldset className="mb-6 flex gap-5 border-t border-hair pt-4">
        <legend className="sr-only">Light</legend>
        {(["system", "light", "dark"] as const).map((each) => (
          <label key={each} className="flex items-center gap-2">
            <input
              type="radio"
              name="theme"
              checked={choice === each}
              onChange={() => choose(each)}
              className="accent-fold"
            />
            {each === "system" ? "as this machine" : each}
          </label>
        ))}
      </fieldset>
      <p className="border-t border-hair pt-4 text-quiet">
        {about.data && (
          <>
            Drum Nest {about.data.version}. Pictures are read by {about.data.pictures}. Everything
            is kept in <span className="[overflow-wrap:anywhere] text-ink">{about.data.data}</span>{" "}
            and never leaves this machine.
          </>
        )}
        {about.isError && about.error.message}
      </p>
    </Sheet>
  );
}
