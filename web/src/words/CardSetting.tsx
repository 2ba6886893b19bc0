import { useState } from "react";
import type { Album, CardOfWords, WordsOfAlbum } from "../api/types";
import { useStep } from "../api/useStep";
import { useStepForm } from "../api/useStepForm";
import { FormFoot } from "../ui/FormFoot";
import { ChoiceField, TextField } from "../ui/TextField";

interface Props {
  album: Album;
  words: WordsOfAlbum;
  card: CardOfWords;
  onDone: () => void;
}

const FIELDS = [
  "size.w",
  "size.h",
  "margin",
  "lettersPerInch",
  "pitch",
  "points",
  "firstLine",
  "lineDistance",
];

/** How a card is set: its size, by hand or in type, how large, on which lines. */
export function CardSetting({ album, words, card, onDone }: Props) {
  const step = useStep(album.id);
  const [usual, setUsual] = useState(false);
  const { lettering } = card;
  const hand = lettering.way === "hand" ? lettering : words.usual;
  const type = lettering.way === "type" ? lettering : words.usual;
  const ruling = lettering.way === "type" ? lettering.ruling : undefined;
  const { form, set, wrong, otherwise, send } = useStepForm(
    {
      card: card.key,
      size: { w: card.size.w.exact, h: card.size.h.exact },
      margin: card.margin.exact,
      way: lettering.way,
      lettersPerInch: hand.lettersPerInch,
      pitch: hand.pitch.exact,
      face: type.face,
      points: type.points,
      firstLine: ruling?.first.exact ?? "",
      lineDistance: ruling?.distance.exact ?? "",
    },
    FIELDS,
  );
  const save = send(async (onRefusal) => {
    const set = await step("/api/albums/{id}/words/set", form, onRefusal);
    const done =
      set && usual && form.way === "hand"
        ? await step("/api/albums/{id}/words/usual", { card: card.key }, onRefusal)
        : set;
    if (done) {
      onDone();
    }
    return done;
  });

  return (
    <form onSubmit={save} className="grid grid-cols-2 gap-x-4 gap-y-3" aria-label="How it is set">
      <TextField
        label="Width"
        value={form.size.w}
        wrong={wrong("size.w")}
        onChange={(w) => set({ size: { ...form.size, w } })}
      />
      <TextField
        label="Height"
        value={form.size.h}
        wrong={wrong("size.h")}
        onChange={(h) => set({ size: { ...form.size, h } })}
      />
      <TextField
        label="Margin"
        value={form.margin}
        wrong={wrong("margin")}
        onChange={(margin) => set({ margin })}
      />
      <ChoiceField
        label="Written"
        value={form.way}
        onChange={(way) => set({ way })}
        choices={[
          ["hand", "by hand"],
          ["type", "in type, printed"],
        ]}
      />
      {form.way === "hand" ? (
        <>
          <TextField
            label="My handwriting: letters an inch"
            value={form.lettersPerInch}
            wrong={wrong("lettersPerInch")}
            onChange={(lettersPerInch) => set({ lettersPerInch })}
          />
          <TextField
            label="Lines apart"
            value={form.pitch}
            wrong={wrong("pitch")}
            onChange={(pitch) => set({ pitch })}
          />
          <label className="col-span-2 flex items-center gap-2">
            <input
              type="checkbox"
              checked={usual}
              onChange={(event) => setUsual(event.target.checked)}
              className="h-4 w-4 accent-fold"
            />
            that is my hand: write new cards so, too (as a house rule, which Undo leaves as it is)
          </label>
          <p className="col-span-2 text-[13px] text-quiet">
            Write a line as you always do, count its letters with the gaps, and divide by its
            inches.
          </p>
        </>
      ) : (
        <>
          <ChoiceField
            label="Typeface"
            value={form.face}
            onChange={(face) => set({ face })}
            choices={words.faces.map((face) => [face.key, face.name])}
          />
          <TextField
            label="Size in points"
            value={form.points}
            wrong={wrong("points")}
            onChange={(points) => set({ points })}
          />
          <TextField
            label="On a ruled card: its first line, from the top"
            value={form.firstLine}
            wrong={wrong("firstLine")}
            onChange={(firstLine) => set({ firstLine })}
          />
          <TextField
            label="and how far its lines are apart"
            value={form.lineDistance}
            wrong={wrong("lineDistance")}
            onChange={(lineDistance) => set({ lineDistance })}
          />
        </>
      )}
      <FormFoot wrong={otherwise} name="Set it so" />
    </form>
  );
}
