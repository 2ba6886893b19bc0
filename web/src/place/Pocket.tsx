import { useDraggable, useDroppable } from "@dnd-kit/core";
import type { Drawing, Seat, Slot } from "../api/types";
import { useHand } from "../bench/hand";
import { usePreview } from "../ticket/preview";
import { Measures } from "../ui/Measures";
import { Picture } from "../ui/Picture";
import { verdictWord } from "../ui/VerdictMark";

interface Props {
  slot: Slot;
  left: number;
  top: number;
  width: number;
  height: number;
}

/** A pocket and the picture in it, as it will really be seen. */
export function Pocket({ slot, left, top, width, height }: Props) {
  const hand = useHand();
  const preview = usePreview((state) => (state.ticket?.slot === slot.id ? state.ticket : null));
  const seat = preview?.seat ?? slot.seat;
  const looked = hand.slot === slot.id;
  const taken = hand.inHand?.slot === slot.id;
  const target = hand.inHand !== null && looked && !taken;
  const drop = useDroppable({ id: slot.id });
  const drag = useDraggable({
    id: `slot:${slot.id}`,
    disabled: !seat || seat.locked,
    data: { photo: seat?.photo ?? null, slot: slot.id, name: seat?.name ?? "" },
  });

  return (
    <button
      ref={(element) => {
        drop.setNodeRef(element);
        drag.setNodeRef(element);
      }}
      {...drag.listeners}
      type="button"
      id={`slot-${slot.id}`}
      data-slot={slot.id}
      data-photo={seat?.photo}
      data-locked={seat?.locked ? "" : undefined}
      aria-pressed={looked}
      aria-label={spoken(slot)}
      onClick={() => hand.lookAtSlot(slot.id)}
      onFocus={() => {
        if (!looked) hand.lookAtSlot(slot.id);
      }}
      className={`absolute touch-none bg-paper text-left outline-offset-[-2px] ${
        drop.isOver || target
          ? "z-20 outline-[3px] outline-fold outline-dashed"
          : looked
            ? "z-20 outline-[3px] outline-signal outline-solid"
            : "outline-1 outline-[#c3cdcf] outline-solid"
      }`}
      style={{ left, top, width, height, opacity: taken || drag.isDragging ? 0.55 : 1 }}
    >
      {seat ? (
        <>
          <span className="absolute inset-[3px]">
            <Paper
              drawing={seat.drawing}
              photo={seat.photo}
              ratio={width / height}
              large={width > 260}
            />
          </span>
          <Tags seat={seat} />
        </>
      ) : (
        <span className="absolute inset-0 flex flex-col items-center justify-center text-[#5a6f75]">
          <span className="great text-xl text-[#5a6f75]">
            {slot.named.w.text} × {slot.named.h.text}
          </span>
          <span className="text-[11px]">empty</span>
        </span>
      )}
    </button>
  );
}

/** The paper in its pocket, turned as it lies. */
function Paper({
  drawing,
  photo,
  ratio,
  large,
}: {
  drawing: Drawing;
  photo: string;
  ratio: number;
  large: boolean;
}) {
  const { paper, shown, turned } = drawing;
  const paperRatio = (ratio * paper.w) / paper.h;
  return (
    <span
      className="absolute block overflow-hidden"
      style={{
        left: `${100 * paper.x}%`,
        top: `${100 * paper.y}%`,
        width: `${100 * paper.w}%`,
        height: `${100 * paper.h}%`,
      }}
    >
      {turned ? (
        <span
          className="absolute top-1/2 left-1/2 block"
          style={{
            width: `${100 / paperRatio}%`,
            height: `${100 * paperRatio}%`,
            transform: "translate(-50%, -50%) rotate(90deg)",
          }}
        >
          <Picture photo={photo} shown={shown} large={large} />
        </span>
      ) : (
        <Picture photo={photo} shown={shown} large={large} />
      )}
    </span>
  );
}

/** What must be said of a picture on the spread itself, in words. */
function Tags({ seat }: { seat: Seat }) {
  return (
    <span className="absolute right-1 bottom-1 left-1 flex flex-wrap justify-end gap-[3px] text-[10px] leading-none font-semibold">
      {tags(seat).map(({ words, warn }) => (
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

function tags(seat: Seat) {
  const found: { words: string; warn: boolean }[] = [];
  if (seat.cutsKeepBox) {
    found.push({ words: "keep box cut", warn: true });
  }
  if (seat.verdict !== "snug") {
    found.push({ words: verdictWord(seat.verdict).toLowerCase(), warn: seat.verdict !== "loose" });
  }
  if (seat.resolution === "poor" || seat.resolution === "soft") {
    found.push({ words: seat.resolution, warn: seat.resolution === "poor" });
  }
  if (seat.onTable) {
    found.push({ words: "on the table", warn: false });
  }
  if (seat.locked) {
    found.push({ words: "locked", warn: false });
  }
  return found;
}

function spoken(slot: Slot) {
  const size = `${slot.named.w.text} by ${slot.named.h.text}`;
  if (!slot.seat) {
    return `${slot.label}, ${size}, empty`;
  }
  const said = tags(slot.seat).map((tag) => tag.words);
  return [slot.label, size, slot.seat.name, ...said].join(", ");
}
