import { useDraggable, useDroppable } from "@dnd-kit/core";
import { useVirtualizer } from "@tanstack/react-virtual";
import { Popover } from "radix-ui";
import { useMemo, useRef } from "react";
import { useLate } from "../api/queries";
import type { Album, Line, Photo } from "../api/types";
import { useStep } from "../api/useStep";
import { useHand } from "../bench/hand";
import { pegLabels } from "../bench/places";
import { SuggestedMovers } from "../movers/SuggestedMovers";
import { pictureUrl } from "../ui/Picture";
import { takenText } from "../ui/photo";
import { weaknessOf } from "../ui/weakness";
import { WaitingEphemera } from "./WaitingEphemera";

const HEIGHT = 78;
const GAP = 8;

interface Props {
  album: Album;
  line: Line;
}

/** The photos without a place, large enough to choose from; a photo dropped here leaves its slot. */
export function Tray({ album, line }: Props) {
  const labels = useMemo(() => pegLabels(album, line), [album, line]);
  const waiting = useMemo(
    () =>
      line.chapters.flatMap((chapter) => chapter.photos).filter((photo) => !labels.has(photo.id)),
    [line, labels],
  );
  const scroll = useRef<HTMLDivElement>(null);
  const { setNodeRef, isOver } = useDroppable({ id: "tray" });
  const row = useVirtualizer({
    count: waiting.length,
    horizontal: true,
    getScrollElement: () => scroll.current,
    estimateSize: (i) => widthOf(waiting[i]) + GAP,
    overscan: 8,
    getItemKey: (i) => waiting[i]?.id ?? i,
  });
  return (
    <section
      ref={setNodeRef}
      aria-label="Without a place"
      data-aimed={isOver ? "" : undefined}
      className={`flex min-h-[96px] shrink-0 items-start gap-4 pl-6 ${isOver ? "outline-2 outline-fold outline-dashed" : ""}`}
    >
      <div className="w-[118px] shrink-0">
        <h2 className="text-[15px] leading-tight">{heading(waiting.length, album)}</h2>
        {waiting.length > 0 && <Late album={album} />}
        {waiting.length > 0 && <SuggestedMovers album={album} />}
      </div>
      <WaitingEphemera album={album} line={line} />
      <div
        ref={scroll}
        className="slim-scroll min-w-0 flex-1 overflow-x-auto overflow-y-hidden pb-1"
      >
        <div className="relative" style={{ width: row.getTotalSize(), height: HEIGHT + 18 }}>
          {row.getVirtualItems().map((item) => {
            const photo = waiting[item.index];
            return photo && <Waiting key={photo.id} photo={photo} left={item.start} />;
          })}
        </div>
      </div>
    </section>
  );
}

/** How many of them gaps of the album would suit, and putting them there. */
function Late({ album }: { album: Album }) {
  const late = useLate(album, album.counts.placed > 0).data ?? [];
  const step = useStep(album.id);
  const offered = late.filter((each) => each.where);
  if (offered.length === 0) {
    return (
      <p className="text-[13px] leading-tight text-quiet">
        Drag one into a pocket, or a picture out of one to here.
      </p>
    );
  }
  return (
    <p className="text-[13px] leading-tight text-quiet">
      <Popover.Root>
        <Popover.Trigger className="underline decoration-dotted underline-offset-2">
          {offered.length} would fit
        </Popover.Trigger>
        <Popover.Portal>
          <Popover.Content
            side="top"
            align="start"
            sideOffset={6}
            collisionPadding={8}
            aria-label="Where they would fit"
            className="slim-scroll z-40 max-h-[40vh] max-w-[min(44ch,92vw)] overflow-y-auto border-2 border-ink bg-sheet px-3 py-2 text-[13px] leading-snug text-ink"
          >
            <ul>
              {offered.map((each) => (
                <li key={each.photo} className="py-0.5">
                  <strong className="font-semibold [overflow-wrap:anywhere]">{each.name}</strong>:{" "}
                  {each.fits}
                </li>
              ))}
            </ul>
          </Popover.Content>
        </Popover.Portal>
      </Popover.Root>{" "}
      in empty pockets.{" "}
      <button
        type="button"
        className="font-semibold text-fold underline underline-offset-2"
        onClick={() => step("/api/albums/{id}/put-late", {})}
      >
        Put {offered.length === 1 ? "it" : "them"} in
      </button>
    </p>
  );
}

function heading(count: number, album: Album) {
  if (album.counts.onLine === 0) {
    return "No photos yet";
  }
  return count === 0 ? "Every photo has a place" : `${count} without a place`;
}

function widthOf(photo: Photo | undefined) {
  return photo ? Math.min(170, Math.max(30, (HEIGHT * photo.pixels.w) / photo.pixels.h)) : HEIGHT;
}

function Waiting({ photo, left }: { photo: Photo; left: number }) {
  const { lookAtPhoto, pickUp, photo: looked } = useHand();
  const { setNodeRef, listeners, isDragging } = useDraggable({
    id: `tray:${photo.id}`,
    data: { photo: photo.id, slot: null, name: photo.name },
  });
  return (
    <button
      ref={setNodeRef}
      {...listeners}
      type="button"
      data-waiting={photo.id}
      aria-label={`${photo.name}, ${takenText(photo)}, without a place`}
      onClick={() => lookAtPhoto(photo.id)}
      onKeyDown={(event) => {
        if (event.key === "Enter") {
          event.preventDefault();
          lookAtPhoto(photo.id);
          pickUp({ photo: photo.id, slot: null, name: photo.name });
          document.getElementById("spread")?.focus();
        }
      }}
      className={`absolute top-[2px] touch-none text-left ${looked === photo.id ? "outline-2 outline-signal" : ""}`}
      style={{ left, width: widthOf(photo), opacity: isDragging ? 0.4 : 1 }}
    >
      <img
        src={pictureUrl(photo.id, "small")}
        alt=""
        draggable={false}
        decoding="async"
        className="block w-full object-cover"
        style={{ height: HEIGHT }}
      />
      <span className="block truncate text-[11px] text-quiet [font-stretch:88%]">
        {caption(photo)}
      </span>
    </button>
  );
}

function caption(photo: Photo) {
  const weakness = weaknessOf(photo);
  if (weakness) {
    return weakness;
  }
  const taken = photo.taken?.text;
  return taken && widthOf(photo) < 70 ? taken.slice(taken.indexOf(" ") + 1) : takenText(photo);
}
