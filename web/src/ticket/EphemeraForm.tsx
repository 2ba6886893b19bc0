import { type FormEvent, useId, useState } from "react";
import type { Refusal } from "../api/client";
import type { Album, Ephemera } from "../api/types";
import { useStep } from "../api/useStep";
import { Button } from "../ui/Button";
import { TextField } from "../ui/TextField";

interface Props {
  album: Album;
  /** The one that is changed; none for a new one. */
  ephemera?: Ephemera;
  onDone: () => void;
}

/** What a card or keepsake is: its size, its thickness, what is written on it. */
export function EphemeraForm({ album, ephemera, onDone }: Props) {
  const step = useStep(album.id);
  const id = useId();
  const [kind, setKind] = useState(ephemera?.kind ?? "card");
  const [name, setName] = useState(ephemera?.name ?? "");
  const [w, setW] = useState(ephemera?.size.w.exact ?? "3 in");
  const [h, setH] = useState(ephemera?.size.h.exact ?? "4 in");
  const [thickness, setThickness] = useState(ephemera?.thickness.exact ?? ".012 in");
  const [original, setOriginal] = useState(ephemera?.original ?? false);
  const [words, setWords] = useState(ephemera?.words ?? "");
  const [refusal, setRefusal] = useState<Refusal | null>(null);

  async function save(event: FormEvent) {
    event.preventDefault();
    setRefusal(null);
    const done = await step(
      "/api/albums/{id}/ephemera/save",
      { ephemera: ephemera?.key, kind, name, w, h, thickness, original, words },
      setRefusal,
    );
    if (done) {
      onDone();
    }
  }

  function wrong(field: string) {
    return refusal?.field === field ? refusal.message : undefined;
  }

  return (
    <form
      onSubmit={save}
      className="grid grid-cols-2 gap-x-4 gap-y-3"
      aria-label="Card or keepsake"
    >
      <fieldset className="col-span-2 flex gap-5">
        <legend className="sr-only">What it is</legend>
        {(["card", "keepsake"] as const).map((each) => (
          <label key={each} className="flex items-center gap-2">
            <input
              type="radio"
              name={`${id}kind`}
              checked={kind === each}
              onChange={() => setKind(each)}
              className="accent-fold"
            />
            {each === "card" ? "a card with words" : "a keepsake: coin, ticket, brochure"}
          </label>
        ))}
      </fieldset>
      <TextField
        label="What you call it"
        value={name}
        onChange={setName}
        wrong={wrong("name")}
        wide
      />
      <TextField label="Width" value={w} onChange={setW} wrong={wrong("w")} />
      <TextField label="Height" value={h} onChange={setH} wrong={wrong("h")} />
      <TextField
        label="Thickness"
        value={thickness}
        onChange={setThickness}
        wrong={wrong("thickness")}
      />
      <label className="flex items-end gap-2 pb-2">
        <input
          type="checkbox"
          checked={original}
          onChange={(event) => setOriginal(event.target.checked)}
          className="h-4 w-4 accent-fold"
        />
        an original, never glued or cut
      </label>
      {kind === "card" && (
        <label htmlFor={`${id}words`} className="col-span-2 text-[13px] text-quiet">
          What is written on it
          <textarea
            id={`${id}words`}
            rows={4}
            value={words}
            onChange={(event) => setWords(event.target.value)}
            className="mt-0.5 w-full border border-quiet bg-sheet px-2 py-1.5 text-[14px] text-ink"
          />
        </label>
      )}
      {refusal && !["name", "w", "h", "thickness"].includes(refusal.field ?? "") && (
        <p role="alert" className="col-span-2 text-signal-text">
          {refusal.message}
        </p>
      )}
      <div className="col-span-2 mt-1">
        <Button strong type="submit">
          {ephemera ? "Save" : "Add it"}
        </Button>
      </div>
    </form>
  );
}
