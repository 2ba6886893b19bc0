import type { Photo } from "../api/types";
import { pictureUrl } from "../ui/Picture";
import { has, hasFile, printOf, takenText } from "../ui/photo";
import { weaknessOf } from "../ui/weakness";
import { PICTURE_HEIGHT, type Tile } from "./contact";

/** From here on the word and the time stand side by side. */
const WIDE_ENOUGH = 106;

interface Props {
  tile: Tile;
  current: boolean;
  marked: boolean;
  onStand: (more: boolean) => void;
  onSpread: () => void;
}

/** A photo of the contact sheet, with what was decided of it as a band and in words. */
export function ContactTile({ tile, current, marked, onStand, onSpread }: Props) {
  const { photo, width, stack, closed, reason } = tile;
  return (
    <li
      data-tile={photo.id}
      data-choice={photo.choice}
      data-current={current || undefined}
      className="relative text-[12px] leading-tight"
      style={{ width }}
    >
      {closed && (
        <>
          <span className="absolute top-[-5px] right-[-5px] left-[5px] h-10 border border-quiet/50 bg-sheet" />
          <span
            className="absolute right-[-5px] w-4 border border-quiet/50 bg-sheet"
            style={{ top: -5, height: PICTURE_HEIGHT }}
          />
        </>
      )}
      <button
        type="button"
        tabIndex={-1}
        aria-label={`${photo.name}${current ? ", looked at" : ""}`}
        aria-pressed={marked || undefined}
        onClick={(event) => onStand(event.shiftKey || event.ctrlKey || event.metaKey)}
        onDoubleClick={() => stack && onSpread()}
        className={`relative block w-full overflow-hidden bg-sheet ${current ? "outline-3 outline-signal" : marked ? "outline-3 outline-fold" : ""}`}
        style={{ height: PICTURE_HEIGHT }}
      >
        <img
          src={pictureUrl(photo.id, "small")}
          alt=""
          decoding="async"
          draggable={false}
          className={`h-full w-full object-cover ${photo.choice === "out" ? "opacity-30 grayscale" : ""}`}
        />
        {!hasFile(photo) && (
          <span className="absolute inset-0 flex items-center p-3 text-left text-[12px] leading-tight font-semibold text-[#10262c] [overflow-wrap:anywhere]">
            <span className="line-clamp-4">{photo.name}</span>
          </span>
        )}
        {photo.choice === "out" && (
          <svg
            aria-hidden="true"
            className="absolute inset-0 h-full w-full"
            preserveAspectRatio="none"
            viewBox="0 0 10 10"
          >
            <path
              d="M0 10 L10 0"
              stroke="var(--ink)"
              strokeWidth="1.5"
              vectorEffect="non-scaling-stroke"
            />
          </svg>
        )}
      </button>
      <Band choice={photo.choice} />
      <p className="mt-[3px] flex gap-x-1.5 whitespace-nowrap">
        {word(photo) && <strong className="shrink-0">{word(photo)}</strong>}
        {(width >= WIDE_ENOUGH || word(photo) === "") && (
          <span className="truncate text-quiet">{takenText(photo)}</span>
        )}
      </p>
      {stack ? (
        <button
          type="button"
          tabIndex={-1}
          aria-expanded={!closed}
          onClick={onSpread}
          className="max-w-full truncate text-fold underline underline-offset-2"
        >
          {closed ? `${stack.length} alike` : (reason ?? "one of the stack")}
        </button>
      ) : (
        <p className="truncate text-quiet">{remarks(photo)}</p>
      )}
    </li>
  );
}

/** Kept: whole; maybe: in pieces; undecided: a hairline; out: nothing. */
function Band({ choice }: { choice: string }) {
  const look =
    choice === "keep"
      ? "border-t-4 border-solid border-fits"
      : choice === "maybe"
        ? "border-t-4 border-dashed border-fits"
        : choice === "open"
          ? "border-t border-solid border-quiet/60"
          : "";
  return <span aria-hidden="true" className={`mt-[3px] block h-1 ${look}`} />;
}

function word(photo: Photo) {
  if (photo.choice === "keep") {
    return has(photo, "hero") ? "hero" : "kept";
  }
  if (photo.choice === "open") {
    return has(photo, "hero") ? "hero" : "";
  }
  return photo.choice;
}

function remarks(photo: Photo) {
  return [
    has(photo, "secret") && "private",
    weaknessOf(photo),
    photo.light && photo.weakness !== "dark" && `very ${photo.light}`,
    photo.alternates && "two versions",
    printOf(photo) && "on the table",
    has(photo, "flap") && "behind a flap",
    photo.showing === "closed" && "meant for when all is closed",
    photo.showing === "opened" && "meant for when it is opened",
    photo.stars && photo.stars > 0 && `${photo.stars} of 5 stars`,
    photo.caption,
  ]
    .filter(Boolean)
    .join(", ");
}
