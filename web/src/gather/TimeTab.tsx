import type { Album, Chapter, Line } from "../api/types";
import { useStep } from "../api/useStep";
import { useHand } from "../bench/hand";
import { Cameras } from "./Cameras";
import { all } from "./contact";
import { Undated } from "./Undated";

interface Props {
  album: Album;
  line: Line;
}

/** Chapters and their borders, the clocks of the cameras, and the photos without a date. */
export function TimeTab({ album, line }: Props) {
  const step = useStep(album.id);
  const dated = line.chapters.filter((chapter) => all(chapter).some((photo) => photo.taken));
  const count = dated.length;
  return (
    <>
      <section aria-label="Chapters">
        <h2 className="border-b-2 border-ink pb-1 text-[17px]">
          {count === 1 ? "1 chapter" : `${count} chapters`}
        </h2>
        <div className="mt-2 flex flex-wrap items-center gap-x-3 gap-y-1 text-[13px]">
          <button
            type="button"
            disabled={count < 2}
            className="underline underline-offset-2 disabled:opacity-45"
            onClick={() => step("/api/albums/{id}/chapters", { count: count - 1 })}
          >
            one fewer
          </button>
          <button
            type="button"
            className="underline underline-offset-2"
            onClick={() => step("/api/albums/{id}/chapters", { count: count + 1 })}
          >
            one more
          </button>
          <button
            type="button"
            className="underline underline-offset-2"
            onClick={() => step("/api/albums/{id}/chapters", {})}
          >
            Automatic, by gaps
          </button>
        </div>
        <p className="mt-1 text-[12px] text-quiet">
          They are cut at the largest gaps in time; cutting anew gives up borders that you set.
        </p>
        <ol className="mt-1">
          {line.chapters.map((chapter, i) => (
            <ChapterLine
              key={chapter.id}
              album={album}
              chapter={chapter}
              before={line.chapters[i - 1]}
            />
          ))}
        </ol>
      </section>
      <Cameras album={album} line={line} />
      <Undated album={album} line={line} />
    </>
  );
}

interface ChapterProps {
  album: Album;
  chapter: Chapter;
  before: Chapter | undefined;
}

/** A chapter and the border before it, to be moved a photo at a time. */
function ChapterLine({ album, chapter, before }: ChapterProps) {
  const step = useStep(album.id);
  const standAt = useHand((hand) => hand.standAt);
  const photos = all(chapter);
  const first = photos[0];
  const earlier = before && all(before).at(-1);
  const isOnly = before && all(before).length < 2;
  const later = photos[1];

  function move(to: string) {
    standAt(to);
    void step("/api/albums/{id}/move-border", { from: chapter.id, to });
  }

  return (
    <li className="border-b border-hair py-1.5 text-[13px]">
      <p className="flex items-baseline gap-2">
        <span className="min-w-0 flex-1 truncate font-semibold">{chapter.title}</span>
        <span className="text-quiet">{chapter.photos.length}</span>
      </p>
      <p className="flex flex-wrap gap-x-3 text-[12px] text-quiet">
        <span>begins {first?.taken?.text ?? "without a date"}</span>
        {earlier && !isOnly && (
          <button
            type="button"
            aria-label={`Begin ${chapter.title} one photo earlier`}
            className="text-ink underline underline-offset-2"
            onClick={() => move(earlier.id)}
          >
            earlier
          </button>
        )}
        {before && later && (
          <button
            type="button"
            aria-label={`Begin ${chapter.title} one photo later`}
            className="text-ink underline underline-offset-2"
            onClick={() => move(later.id)}
          >
            later
          </button>
        )}
        {before && (
          <button
            type="button"
            aria-label={`Join ${chapter.title} to the one before`}
            className="text-ink underline underline-offset-2"
            onClick={() => step("/api/albums/{id}/border", { photo: chapter.id, begins: false })}
          >
            join
          </button>
        )}
      </p>
    </li>
  );
}
