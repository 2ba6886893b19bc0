import { useDraggable, useDroppable } from "@dnd-kit/core";
import type { Laid, Seat, Slot } from "../api/types";
import { rounded } from "../bench/corners";
import { useHand } from "../bench/hand";
import { ASIDE, Inside } from "../bench/Inside";
import { isWhole } from "../bench/places";
import { usePreview } from "../ticket/preview";
import { Measures } from "../ui/Measures";
import { verdictWord } from "../ui/VerdictMark";

interface Props {
  slot: Slot;
  left: number;
  top: number;
  width: number;
  height: number;
  /** Whether it is see-through while nothing is in it. */
  clear?: boolean;
  /** Whether something lies over it, so that nothing can be laid there. */
  covered?: boolean;
  /** How far up it lies among what is on the page. */
  layer?: number | undefined;
}

/** A pocket and the picture in it, as it will really be seen. */
export function Pocket({ slot, left, top, width, height, clear, covered, layer }: Props) {
  const hand = useHand();
  const preview = usePreview((state) =>
    state.ticket?.slot === slot.id && !slot.piece ? state.ticket : null,
  );
  const seat = preview?.of === "photo" ? preview.seat : slot.seat;
  const looked = hand.slot === slot.id;
  const taken = hand.inHand?.slot === slot.id;
  const target = hand.inHand !== null && looked && !taken;
  const place = slot.piece ?? slot.id;
  const drop = useDroppable({
    id: place,
    disabled: covered ?? false,
    data: { slot: slot.id },
  });
  const aimed = drop.isOver || target;
  const drag = useDraggable({
    id: `slot:${place}`,
    disabled: covered || (seat ? seat.locked : !slot.laid || slot.laid.locked),
    data: {
      photo: seat?.photo ?? null,
      slot: slot.id,
      name: seat?.name ?? slot.laid?.name ?? "",
      ephemera: slot.laid?.ephemera ?? null,
    },
  });

  // Its welded seams are seen, and the film shines.
  const inFilm = slot.kind === "pocket";
  const empty = clear && !seat && !slot.laid;

  return (
    <button
      ref={(element) => {
        drop.setNodeRef(element);
        drag.setNodeRef(element);
      }}
      {...drag.listeners}
      type="button"
      id={`slot-${place}`}
      data-slot={slot.id}
      data-photo={slot.seat?.photo}
      data-aside={slot.aside}
      data-aimed={aimed ? "" : undefined}
      data-ephemera={slot.laid?.ephemera}
      data-locked={(seat ?? slot.laid)?.locked ? "" : undefined}
      aria-pressed={looked}
      aria-label={spoken(slot)}
      onClick={() => hand.lookAtSlot(slot.id)}
      onFocus={() => {
        if (!looked) hand.lookAtSlot(slot.id);
      }}
      className={`absolute touch-none text-left ${empty ? "bg-white/20" : "bg-paper"} outline-offset-[-2px] ${
        aimed
          ? "z-20 outline-[3px] outline-fold outline-dashed"
          : looked
            ? "z-20 outline-[3px] outline-signal outline-solid"
            : inFilm
              ? "outline-1 outline-[#a9b8bd] outline-dashed"
              : "outline-1 outline-[#c3cdcf] outline-solid"
      }`}
      style={{
        left,
        top,
        width,
        height,
        borderRadius: rounded(slot.corner),
        opacity: taken || drag.isDragging ? 0.55 : 1,
        ...(layer === undefined ? {} : { zIndex: layer }),
      }}
    >
      {!empty && <Inside slot={slot} seat={seat} width={width} />}
      {inFilm && (seat || slot.laid) && <span aria-hidden="true" className="film" />}
      {seat && isWhole(slot) && <Tags found={tags(seat)} />}
      {slot.laid && <Tags found={laidTags(slot.laid)} />}
    </button>
  );
}

/** What must be said of a picture on the spread itself, in words. */
function Tags({ found }: { found: Tag[] }) {
  return (
    <span className="absolute right-1 bottom-1 left-1 flex flex-wrap justify-end gap-[3px] text-[10px] leading-none font-semibold">
      {found.map(({ words, warn }) => (
        <span
          key={words}
          className={`px-1 py-[2px] ${warn ? "bg-[#b93320] text-white" : "bg-[#10262c] text-white"}`}
        >
          <Measures text={words} />
        </span>
      ))}
    </span>
  );
}

interface Tag {
  words: string;
  warn: boolean;
}

function laidTags(laid: Laid): Tag[] {
  const found: Tag[] = [];
  if (laid.verdict === "too-big" || laid.verdict === "tight") {
    found.push({ words: verdictWord(laid.verdict).toLowerCase(), warn: true });
  }
  if (laid.mind.length > 0) {
    found.push({ words: "see ticket", warn: true });
  }
  if (laid.made) {
    found.push({ words: laid.made, warn: false });
  }
  if (laid.locked) {
    found.push({ words: "locked", warn: false });
  }
  return found;
}

function tags(seat: Seat) {
  const found: Tag[] = [];
  if (seat.cutsKeepBox) {
    found.push({ words: "keep box cut", warn: true });
  }
  if (seat.exposes) {
    found.push({ words: "cover a part", warn: true });
  }
  if (seat.cuts) {
    found.push({ words: seat.cuts.replace(/ at .*| away$/, ""), warn: seat.cuts.includes("head") });
  }
  if (seat.whole) {
    found.push({ words: "on a card", warn: false });
  }
  if (seat.verdict !== "snug" && !seat.whole) {
    found.push({ words: verdictWord(seat.verdict).toLowerCase(), warn: seat.verdict !== "loose" });
  }
  if (seat.resolution === "poor" || seat.resolution === "soft") {
    found.push({ words: seat.resolution, warn: seat.resolution === "poor" });
  }
  if (seat.onTable) {
    found.push({ words: "on the table", warn: false });
  }
  if (seat.made) {
    found.push({ words: seat.made, warn: false });
  }
  if (seat.locked) {
    found.push({ words: "locked", warn: false });
  }
  return found;
}

function spoken(slot: Slot) {
  const size = `${slot.named.w.text} by ${slot.named.h.text}`;
  if (slot.laid) {
    return `${slot.label}, ${size}, ${slot.laid.name}`;
  }
  if (!slot.seat) {
    return `${slot.label}, ${size}, ${slot.aside ? ASIDE[slot.aside] : "empty"}`;
  }
  const said = tags(slot.seat).map((tag) => tag.words);
  return [slot.label, size, slot.seat.name, ...said].join(", ");
}
