import { useStep } from "../api/queries";
import type { Album, Chapter, Line, Photo } from "../api/types";
import { pictureUrl } from "../ui/Picture";

const HEIGHT = 92;

interface Props {
  album: Album;
  line: Line;
}

/** All photos of the line, chapter by chapter, large enough to see repeats and set them aside. */
export function LineWall({ album, line }: Props) {
  return (
    <div className="mt-8 flex flex-col gap-7">
      {line.chapters.map((chapter) => (
        <ChapterWall key={chapter.id} album={album} chapter={chapter} />
      ))}
    </div>
  );
}

function ChapterWall({ album, chapter }: { album: Album; chapter: Chapter }) {
  const repeats = chapter.photos.filter((photo, i) => isRepeat(chapter.photos, photo, i)).length;
  return (
    <section
      aria-label={chapter.title}
      className="[contain-intrinsic-size:auto_200px] [content-visibility:auto]"
    >
      <h2 className="border-b-2 border-ink pb-1 text-[17px]">
        {chapter.title} <span className="font-normal text-quiet">{chapter.photos.length}</span>
        {repeats > 0 && (
          <span className="ml-3 text-[13px] font-normal [font-stretch:100%] text-quiet">
            {repeats === 1 ? "1 looks" : `${repeats} look`} like the one before
          </span>
        )}
      </h2>
      <ul className="mt-3 flex flex-wrap gap-x-4 gap-y-3">
        {chapter.photos.map((photo, i) => (
          <OnTheWall
            key={photo.id}
            album={album}
            photo={photo}
            repeat={isRepeat(chapter.photos, photo, i)}
          />
        ))}
      </ul>
    </section>
  );
}

function isRepeat(photos: Photo[], photo: Photo, i: number) {
  return photo.lookalike !== undefined && photos[i - 1]?.lookalike === photo.lookalike;
}

function OnTheWall({ album, photo, repeat }: { album: Album; photo: Photo; repeat: boolean }) {
  const step = useStep(album.id);
  const width = Math.min(190, Math.max(56, (HEIGHT * photo.pixels.w) / photo.pixels.h));
  const remarks = [photo.blurred && "blurred", repeat && "repeat"].filter(Boolean).join(", ");
  return (
    <li className="text-[12px] leading-tight" style={{ width }}>
      <img
        src={pictureUrl(photo.id, "small")}
        alt={photo.name}
        loading="lazy"
        decoding="async"
        className="block w-full object-cover"
        style={{ height: HEIGHT }}
      />
      <p className="mt-1 truncate text-quiet">
        {remarks ? <strong className="text-ink">{remarks}</strong> : (photo.takenText ?? "no date")}
      </p>
      <button
        type="button"
        aria-label={`Set ${photo.name} aside`}
        className="underline underline-offset-2"
        onClick={() => step("/api/albums/{id}/aside", { photo: photo.id, aside: true })}
      >
        set aside
      </button>
    </li>
  );
}
