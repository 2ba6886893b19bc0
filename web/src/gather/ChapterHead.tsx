import { type FormEvent, useState } from "react";
import type { Album, Chapter, ChapterBudget } from "../api/types";
import { useStep } from "../api/useStep";

interface Props {
  album: Album;
  chapter: Chapter;
  first: boolean;
  budget: ChapterBudget | undefined;
}

/** The heading of a chapter: its name to be changed, and what its budget comes to. */
export function ChapterHead({ album, chapter, first, budget }: Props) {
  const [naming, setNaming] = useState(false);
  const step = useStep(album.id);

  async function save(event: FormEvent<HTMLFormElement>) {
    event.preventDefault();
    const name = String(new FormData(event.currentTarget).get("name") ?? "");
    setNaming(false);
    await step("/api/albums/{id}/chapter-name", { photo: chapter.id, name });
  }

  return (
    <div className="flex h-[46px] flex-wrap content-end items-end gap-x-4 border-b-2 border-ink pb-1">
      {naming ? (
        <form onSubmit={save} className="min-w-0 flex-1">
          <input
            // biome-ignore lint/a11y/noAutofocus: the field was asked for by the button before it
            autoFocus
            name="name"
            aria-label="Name of the chapter"
            maxLength={80}
            defaultValue={chapter.named ? chapter.title : ""}
            placeholder={chapter.title}
            onBlur={(event) => event.currentTarget.form?.requestSubmit()}
            onKeyDown={(event) => event.key === "Escape" && setNaming(false)}
            className="w-full max-w-[24rem] border border-quiet bg-sheet px-1.5 py-0.5 text-[16px] font-semibold"
          />
        </form>
      ) : (
        <h2 className="min-w-0 flex-1 truncate text-[17px] leading-tight">
          <button
            type="button"
            title="Name this chapter"
            onClick={() => setNaming(true)}
            className="max-w-full truncate decoration-dotted underline-offset-4 hover:underline"
          >
            {chapter.title}
          </button>
        </h2>
      )}
      {budget && (
        <p
          className="text-[13px] leading-tight max-lg:order-last max-lg:w-full max-lg:truncate lg:shrink-0"
          data-budget={budget.state}
        >
          <span className="max-lg:hidden">
            {budget.kept} kept, {budget.places} {budget.places === 1 ? "place" : "places"}:{" "}
          </span>
          <strong className={budget.state === "over" ? "text-signal-text" : ""}>
            {budget.text}
          </strong>
        </p>
      )}
      {!first && (
        <button
          type="button"
          className="shrink-0 text-[13px] leading-tight underline underline-offset-2"
          onClick={() => step("/api/albums/{id}/border", { photo: chapter.id, begins: false })}
        >
          merge with previous
        </button>
      )}
    </div>
  );
}
