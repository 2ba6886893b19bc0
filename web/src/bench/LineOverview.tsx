import type { Chapter, Line } from "../api/types";
import { useHand } from "./hand";

/** The chapters of the line side by side, each as wide as it is long; below it hangs the sheet. */
export function LineOverview({ line }: { line: Line }) {
  const { cursor, standAt } = useHand();
  const chapters = line.chapters.filter((chapter) => chapter.photos.length > 0);
  if (chapters.length === 0) {
    return null;
  }
  return (
    <nav
      aria-label="Chapters"
      className="flex h-11 items-stretch gap-[3px] border-b border-hair px-5"
    >
      {chapters.map((chapter) => (
        <Stretch
          key={chapter.id}
          chapter={chapter}
          at={chapter.photos.findIndex((photo) => photo.id === cursor)}
          onLook={() => standAt(chapter.photos[0]?.id ?? null)}
        />
      ))}
    </nav>
  );
}

interface StretchProps {
  chapter: Chapter;
  /** Which of its photos is looked at, or -1. */
  at: number;
  onLook: () => void;
}

function Stretch({ chapter, at, onLook }: StretchProps) {
  const count = chapter.photos.length;
  const kept = chapter.photos.filter((photo) => photo.choice === "keep").length;
  return (
    <button
      type="button"
      onClick={onLook}
      title={`${chapter.title}: ${kept} of ${count} kept`}
      aria-label={`${chapter.title}, ${kept} of ${count} kept`}
      aria-current={at >= 0 ? "true" : undefined}
      className="relative min-w-[3px] pt-1.5 text-left"
      style={{ flex: `${count} 1 0` }}
    >
      <span
        className={`block truncate text-[13px] leading-tight ${at >= 0 ? "font-semibold" : "text-quiet"}`}
      >
        {chapter.title} {count}
      </span>
      <span className="absolute right-0 bottom-2 left-0 block h-[5px] bg-hair">
        <span className="block h-full bg-fits" style={{ width: `${(100 * kept) / count}%` }} />
        {at >= 0 && (
          <span
            className="absolute -top-[3px] h-[11px] w-[3px] bg-signal"
            style={{ left: `calc(${(100 * (at + 0.5)) / count}% - 1px)` }}
          />
        )}
      </span>
    </button>
  );
}
