import { Link } from "react-router";
import type { Album, TitleOfAlbum, WordsOfAlbum } from "../api/types";
import { useStep } from "../api/useStep";
import { useStepForm } from "../api/useStepForm";
import { FormFoot } from "../ui/FormFoot";
import { ChoiceField, TextField } from "../ui/TextField";

interface Props {
  album: Album;
  words: WordsOfAlbum;
  /** The one that is changed; none for a new one. */
  title?: TitleOfAlbum;
  onDone: () => void;
}

/** What a title says, of which letters, on what run. */
export function TitleForm({ album, words, title, onDone }: Props) {
  const step = useStep(album.id);
  const { form, set, wrong, otherwise, send } = useStepForm(
    {
      key: title?.key,
      text: title?.text ?? "",
      set: title?.set ?? words.sets[0]?.key ?? "",
      second: title?.second ?? "",
      run: title?.run.exact ?? "8 in",
      spacing: title?.spacing.exact ?? "1/16 in",
      stacked: title?.stacked ?? false,
      fromEnd: title?.fromEnd ?? false,
      about: title?.about ?? "",
      chapter: title?.chapter ?? words.chapter?.id ?? "",
    },
    ["text", "run", "spacing"],
  );
  const save = send(async (onRefusal) => {
    const done = await step("/api/albums/{id}/titles/save", form, onRefusal);
    if (done) {
      onDone();
    }
    return done;
  });

  if (words.sets.length === 0) {
    return (
      <p>
        There is no letter set on the shelf yet.{" "}
        <Link to="/shelf/catalogue" className="underline underline-offset-2">
          Add the one you have
        </Link>
        : its height, a few measured letters, and which letters are in the box.
      </p>
    );
  }
  const photos = words.chapter?.rows.flatMap((row) => row.photos) ?? [];
  return (
    <form onSubmit={save} className="grid grid-cols-2 gap-x-4 gap-y-3" aria-label="Title">
      <TextField
        label="What it says"
        wide
        value={form.text}
        wrong={wrong("text")}
        onChange={(text) => set({ text })}
      />
      <ChoiceField
        label="Letters"
        value={form.set}
        onChange={(key) => set({ set: key })}
        choices={words.sets.map((each) => [each.key, each.name])}
      />
      <ChoiceField
        label="What is missing, from"
        value={form.second}
        onChange={(second) => set({ second })}
        choices={[
          ["", "no other set"],
          ...words.sets
            .filter((each) => each.key !== form.set)
            .map((each): [string, string] => [each.key, each.name]),
        ]}
      />
      <TextField
        label="How long its run is"
        value={form.run}
        wrong={wrong("run")}
        onChange={(run) => set({ run })}
      />
      <TextField
        label="Between letters (below 0: they overlap)"
        value={form.spacing}
        wrong={wrong("spacing")}
        onChange={(spacing) => set({ spacing })}
      />
      <ChoiceField
        label="It runs"
        value={form.stacked ? "down" : "along"}
        onChange={(way) => set({ stacked: way === "down" })}
        choices={[
          ["along", "along a line"],
          ["down", "down, letter below letter"],
        ]}
      />
      <ChoiceField
        label="Set from"
        value={form.fromEnd ? "end" : "beginning"}
        onChange={(way) => set({ fromEnd: way === "end" })}
        choices={[
          ["beginning", "its first letter"],
          ["end", "its last, backwards"],
        ]}
      />
      <ChoiceField
        label="It lies on or beside"
        wide
        value={form.about}
        onChange={(about) => set({ about })}
        choices={[
          ["", "the page"],
          ...photos
            .filter((photo, i) => photos.findIndex((each) => each.id === photo.id) === i)
            .map((photo): [string, string] => [
              photo.id,
              photo.where ? `${photo.name}, leaf ${photo.where}` : photo.name,
            ]),
        ]}
      />
      <FormFoot wrong={otherwise} name={title ? "Save" : "Measure it"} />
    </form>
  );
}
