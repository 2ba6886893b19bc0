import { useId } from "react";
import type { Album, Ephemera } from "../api/types";
import { useStep } from "../api/useStep";
import { useStepForm } from "../api/useStepForm";
import { FormFoot } from "../ui/FormFoot";
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
  const { form, set, wrong, otherwise, send } = useStepForm(
    {
      ephemera: ephemera?.key,
      kind: ephemera?.kind === "keepsake" ? ("keepsake" as const) : ("card" as const),
      name: ephemera?.name ?? "",
      w: ephemera?.size.w.exact ?? "3 in",
      h: ephemera?.size.h.exact ?? "4 in",
      thickness: ephemera?.thickness.exact ?? ".012 in",
      original: ephemera?.original ?? false,
      words: "",
    },
    ["name", "w", "h", "thickness"],
  );
  const save = send(async (onRefusal) => {
    const done = await step("/api/albums/{id}/ephemera/save", form, onRefusal);
    if (done) {
      onDone();
    }
    return done;
  });

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
              checked={form.kind === each}
              onChange={() => set({ kind: each })}
              className="accent-fold"
            />
            {each === "card" ? "a card with words" : "a keepsake: coin, ticket, brochure"}
          </label>
        ))}
      </fieldset>
      <TextField
        label="What you call it"
        value={form.name}
        onChange={(name) => set({ name })}
        wrong={wrong("name")}
        wide
      />
      <TextField label="Width" value={form.w} onChange={(w) => set({ w })} wrong={wrong("w")} />
      <TextField label="Height" value={form.h} onChange={(h) => set({ h })} wrong={wrong("h")} />
      <TextField
        label="Thickness"
        value={form.thickness}
        onChange={(thickness) => set({ thickness })}
        wrong={wrong("thickness")}
      />
      <label className="flex items-end gap-2 pb-2">
        <input
          type="checkbox"
          checked={form.original}
          onChange={(event) => set({ original: event.target.checked })}
          className="h-4 w-4 accent-fold"
        />
        an original, never glued or cut
      </label>
      {form.kind === "card" && !ephemera && (
        <label htmlFor={`${id}words`} className="col-span-2 text-[13px] text-quiet">
          What is written on it
          <textarea
            id={`${id}words`}
            rows={4}
            value={form.words}
            onChange={(event) => set({ words: event.target.value })}
            className="mt-0.5 w-full border border-quiet bg-sheet px-2 py-1.5 text-[14px] text-ink"
          />
        </label>
      )}
      <FormFoot wrong={otherwise} name={ephemera ? "Save" : "Add it"} />
    </form>
  );
}
