import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { answered, api } from "../api/client";
import { useAbout } from "../api/queries";
import { Key } from "../ui/Key";
import { KEYS, useLetters, type Where } from "../ui/keys";
import { Sheet } from "../ui/Sheet";
import { useTheme } from "../ui/theme";

const PLACES: [where: Where, words: string][] = [
  ["everywhere", "Everywhere"],
  ["gather", "Gather, on the contact sheet"],
  ["place", "Place, on the spread"],
  ["leaves", "On the fore-edge"],
];

interface Props {
  open: boolean;
  onOpenChange: (open: boolean) => void;
}

/** The keys, light and dark, and what runs here. */
export function KeysSheet({ open, onOpenChange }: Props) {
  const about = useAbout(open);
  const { choice, choose } = useTheme();
  const letters = useLetters();
  return (
    <Sheet open={open} onOpenChange={onOpenChange} title="Keys, appearance, about">
      {PLACES.map(([where, words]) => (
        <section key={where} aria-label={words} className="mb-5">
          <h3 className="mb-1.5 border-b border-hair pb-0.5 text-[15px]">{words}</h3>
          <dl className="grid grid-cols-[auto_1fr] gap-x-5 gap-y-1.5 sm:grid-cols-[auto_1fr_auto_1fr]">
            {KEYS.filter((row) => row.where.includes(where)).map(({ keys, shown, meaning }) => (
              <div key={meaning} className="contents">
                <dt className="flex items-start gap-1">
                  {(shown ?? keys).map((key) => (
                    <Key key={key}>{key.length === 1 ? key.toUpperCase() : key}</Key>
                  ))}
                </dt>
                <dd className="leading-snug">{meaning}</dd>
              </div>
            ))}
          </dl>
        </section>
      ))}
      <label className="mb-5 flex items-baseline gap-2">
        <input
          type="checkbox"
          checked={letters.on}
          onChange={(event) => letters.turn(event.target.checked)}
          className="accent-fold"
        />
        <span>
          Single letters act
          <span className="block text-[13px] text-quiet">
            Switch them off if they get in the way of speech input; arrows, Enter and Esc stay.
          </span>
        </span>
      </label>
      <fieldset className="mb-6 flex gap-5 border-t border-hair pt-4">
        <legend className="sr-only">Appearance</legend>
        {(["system", "light", "dark"] as const).map((each) => (
          <label key={each} className="flex items-center gap-2">
            <input
              type="radio"
              name="theme"
              checked={choice === each}
              onChange={() => choose(each)}
              className="accent-fold"
            />
            {each === "system" ? "like the system" : each}
          </label>
        ))}
      </fieldset>
      <p className="border-t border-hair pt-4 text-quiet">
        {about.data && (
          <>
            Drum Nest {about.data.version}. Pictures are read by {about.data.pictures}. Faces are
            found by {about.data.faces}. Everything is kept in{" "}
            <span className="[overflow-wrap:anywhere] text-ink">{about.data.data}</span> and never
            leaves this machine.
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
