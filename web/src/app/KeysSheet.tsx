import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { answered, api } from "../api/client";
import { useAbout } from "../api/queries";
import { Key } from "../ui/Key";
import { Sheet } from "../ui/Sheet";
import { useTheme } from "../ui/theme";

type KeyMeaning = [keys: string[], meaning: string];

const KEYS: [where: string, keys: KeyMeaning[]][] = [
  [
    "Everywhere",
    [
      [["Z"], "undo"],
      [["Y"], "redo"],
      [["="], "sums, without an album"],
      [["S"], "the shelf: catalogue, house rules, units, sharing"],
      [["?"], "this sheet"],
    ],
  ],
  [
    "Gather, on the contact sheet",
    [
      [["←", "→", "↑", "↓"], "go to the next photo; with Shift, mark several"],
      [["K"], "keep; on a closed stack its best, and drop the others"],
      [["M"], "maybe: it goes in where there is room"],
      [["X"], "out"],
      [["U"], "decide later"],
      [["2"], "keep the best two of a stack, drop its others"],
      [["Space"], "open a stack, or close it"],
      [["G"], "stack the marked photos"],
      [["V"], "the marked photos are upright and wide versions of one"],
      [["A"], "stands alone: out of its stack or versions"],
      [["C"], "compare the stack or the marked photos"],
      [["Enter"], "look at every pixel"],
      [["H"], "hero"],
      [["P"], "private"],
      [["F"], "fine behind a flap"],
      [["B"], "take the proposed keep box"],
      [["T"], "write the caption"],
      [["N"], "a chapter begins here"],
      [["J"], "join this chapter to the one before"],
    ],
  ],
  [
    "Place, on the spread",
    [
      [["←", "→", "↑", "↓"], "go to the next pocket"],
      [["Enter"], "take the photo in hand; once more puts it down"],
      [["Esc"], "put it back where it was"],
      [["L"], "lock or unlock"],
      [["R"], "quarter turn"],
      [["K"], "keep box: arrows move it, Shift and arrows size it"],
      [["Del"], "take out of the pocket"],
      [["X"], "drop the photo: it leaves the line"],
      [["P"], "place again, as it is chosen below the spread"],
      [["W"], "keep an empty pocket for words"],
      [["T"], "keep an empty pocket for a title"],
      [["E"], "leave a pocket empty on purpose"],
      [["C"], "it is cut: placing again leaves it"],
      [["G"], "it is stuck: it stays where it is"],
      [["["], "turn back a page"],
      [["]"], "turn on a page"],
    ],
  ],
  [
    "On the fore-edge",
    [
      [["Alt", "↑", "↓"], "move the leaf"],
      [["T"], "turn the leaf over"],
      [["D"], "duplicate the leaf"],
    ],
  ],
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
      {KEYS.map(([where, keys]) => (
        <section key={where} aria-label={where} className="mb-5">
          <h3 className="mb-1.5 border-b border-hair pb-0.5 text-[15px]">{where}</h3>
          <dl className="grid grid-cols-[auto_1fr] gap-x-5 gap-y-1.5 sm:grid-cols-[auto_1fr_auto_1fr]">
            {keys.map(([names, meaning]) => (
              <div key={meaning} className="contents">
                <dt className="flex items-start gap-1">
                  {names.map((key) => (
                    <Key key={key}>{key}</Key>
                  ))}
                </dt>
                <dd className="leading-snug">{meaning}</dd>
              </div>
            ))}
          </dl>
        </section>
      ))}
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
      <Licences />
    </Sheet>
  );
}

/** What it is built on, and under which licences; fetched when it is asked for. */
function Licences() {
  const [open, setOpen] = useState(false);
  const licences = useQuery({
    queryKey: ["licences"],
    enabled: open,
    staleTime: Number.POSITIVE_INFINITY,
    queryFn: () => answered(api.GET("/api/about/licences")),
  });
  return (
    <details className="mt-3" onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="cursor-pointer font-semibold">Licences</summary>
      {licences.isError && <p role="alert">{licences.error.message}</p>}
      {licences.data?.licences.map((each) => (
        <section key={each.of} aria-label={each.of} className="mt-3">
          <h3 className="text-[15px]">{each.of}</h3>
          <pre className="slim-scroll mt-1 max-h-[220px] overflow-auto bg-mat p-3 text-[12px] leading-snug whitespace-pre-wrap">
            {each.text}
          </pre>
        </section>
      ))}
    </details>
  );
}
