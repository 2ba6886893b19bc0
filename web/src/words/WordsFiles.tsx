import { useRef, useState } from "react";
import type { Album, WordsOfAlbum } from "../api/types";
import { useStep } from "../api/useStep";
import { useStepForm } from "../api/useStepForm";
import { Button } from "../ui/Button";
import { Sheet } from "../ui/Sheet";
import { PrintCards } from "./PrintCards";

/** Words in and out, and onto paper. */
export function WordsFiles({ album, words }: { album: Album; words: WordsOfAlbum }) {
  const chapter = words.chapter?.id || undefined;
  const [open, setOpen] = useState<"in" | "print" | null>(null);
  const base = `/api/albums/${album.id}/words`;
  return (
    <>
      <p className="flex flex-wrap items-center gap-x-4 gap-y-1 text-[13px]">
        <button
          type="button"
          className="font-semibold underline underline-offset-2"
          onClick={() => setOpen("print")}
        >
          print the cards
        </button>
        <button
          type="button"
          className="underline underline-offset-2"
          onClick={() => setOpen("in")}
        >
          bring words in
        </button>
        <span>
          take them away:{" "}
          <a className="underline underline-offset-2" href={`${base}.md`} download>
            Markdown
          </a>
          ,{" "}
          <a className="underline underline-offset-2" href={`${base}.csv`} download>
            CSV
          </a>
          ; to show, without what is private:{" "}
          <a className="underline underline-offset-2" href={`${base}.md?show=true`} download>
            Markdown
          </a>
        </span>
      </p>
      <Sheet
        open={open === "in"}
        onOpenChange={(more) => setOpen(more ? "in" : null)}
        title="Bring words in"
      >
        <BringIn album={album} chapter={chapter} onDone={() => setOpen(null)} />
      </Sheet>
      <Sheet
        open={open === "print"}
        onOpenChange={(more) => setOpen(more ? "print" : null)}
        title="Print the cards"
      >
        <PrintCards album={album} words={words} />
      </Sheet>
    </>
  );
}

function BringIn({
  album,
  chapter,
  onDone,
}: {
  album: Album;
  chapter: string | undefined;
  onDone: () => void;
}) {
  const step = useStep(album.id);
  const file = useRef<HTMLInputElement>(null);
  const { form, set, otherwise, send } = useStepForm({ text: "" }, []);
  const save = send(async (onRefusal) => {
    const done = await step("/api/albums/{id}/words/bring-in", { ...form, chapter }, onRefusal);
    if (done) {
      onDone();
    }
    return done;
  });

  return (
    <form onSubmit={save} aria-label="Words to bring in">
      <p className="mb-2 text-[13px] text-quiet">
        Paste plain text or Markdown, or open a file. A blank line begins a card, a heading (#)
        names a chapter, ### heads a card. They go into the places that are kept for words.
      </p>
      <textarea
        aria-label="Words"
        rows={10}
        value={form.text}
        spellCheck
        onChange={(event) => set({ text: event.target.value })}
        className="w-full border border-quiet bg-sheet px-2 py-1.5 text-[14px]"
      />
      {otherwise && (
        <p role="alert" className="mt-1 text-signal-text">
          {otherwise}
        </p>
      )}
      <div className="mt-3 flex items-center gap-4">
        <Button strong type="submit" disabled={form.text.trim() === ""}>
          Make cards of it
        </Button>
        <button
          type="button"
          className="underline underline-offset-2"
          onClick={() => file.current?.click()}
        >
          open a file
        </button>
        <input
          ref={file}
          type="file"
          accept=".txt,.md,text/plain,text/markdown"
          aria-label="File with words"
          className="sr-only"
          tabIndex={-1}
          onChange={async (event) => {
            const chosen = event.target.files?.[0];
            if (chosen) {
              set({ text: await chosen.text() });
            }
          }}
        />
      </div>
    </form>
  );
}
