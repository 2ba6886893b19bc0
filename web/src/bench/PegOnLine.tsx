import { useDraggable } from "@dnd-kit/core";
import { useNavigate, useParams } from "react-router";
import { pictureUrl } from "../ui/Picture";
import { takenText } from "../ui/photo";
import { useHand } from "./hand";
import type { Peg } from "./lineLayout";
import type { Where } from "./places";

const LOW = 15;

interface PegProps {
  peg: Peg;
  left: number;
  hang: number;
  placed: Where | undefined;
  turnTo: (spread: number) => void;
  looked: boolean;
}

/** A photo on the line; one without a place hangs lower. */
export function PegOnLine({ peg, left, hang, placed, looked, turnTo }: PegProps) {
  const { photo } = peg;
  const hand = useHand();
  const navigate = useNavigate();
  const { id } = useParams();
  const { setNodeRef, listeners, isDragging } = useDraggable({
    id: `line:${photo.id}`,
    data: { photo: photo.id, slot: placed?.slot ?? null, name: photo.name },
  });
  const drop = placed ? 0 : LOW;

  function look() {
    hand.standAt(photo.id);
    if (placed) {
      turnTo(placed.spread);
      hand.lookAtSlot(placed.slot);
    } else {
      hand.lookAtPhoto(photo.id);
    }
  }

  return (
    <button
      ref={setNodeRef}
      {...listeners}
      type="button"
      onClick={look}
      onKeyDown={(event) => {
        if (event.key === "Enter") {
          event.preventDefault();
          look();
          hand.pickUp({ photo: photo.id, slot: placed?.slot ?? null, name: photo.name });
          void navigate({ pathname: `/albums/${id}/place`, search: window.location.search });
          window.requestAnimationFrame(() => document.getElementById("spread")?.focus());
        }
      }}
      data-placed={placed ? "" : undefined}
      aria-label={`${photo.name}, ${takenText(photo)}, ${placed ? `in ${placed.label}` : "without a place"}`}
      title={`${photo.name}${photo.taken ? `, ${photo.taken.text}` : ""}`}
      className="absolute top-[30px] touch-none"
      style={{
        left,
        width: peg.w,
        height: hang + drop + peg.h + 6,
        opacity: isDragging ? 0.4 : 1,
      }}
    >
      <span
        className="absolute left-1/2 w-px bg-quiet/60"
        style={{ top: hang, height: drop + 4, display: placed ? "none" : "block" }}
      />
      <span
        className={`absolute left-1/2 z-10 h-[11px] w-[5px] -translate-x-1/2 ${placed ? "bg-[#8b9a9e]" : "bg-signal"}`}
        style={{ top: hang + drop - 3 }}
      />
      <span
        className={`absolute left-0 block border-2 bg-white ${looked ? "border-signal outline-2 outline-signal" : "border-white shadow-[0_1px_2px_rgb(16_38_44/0.35)]"}`}
        style={{ top: hang + drop + 3, width: peg.w, height: peg.h }}
      >
        <img
          src={pictureUrl(photo.id, "small")}
          alt=""
          draggable={false}
          decoding="async"
          className="block h-full w-full object-cover"
        />
      </span>
      {placed && (
        <span
          className="absolute left-1/2 -translate-x-1/2 text-[10px] leading-none whitespace-nowrap text-quiet [font-stretch:80%]"
          style={{ top: hang + peg.h + 7 }}
        >
          {placed.label}
        </span>
      )}
    </button>
  );
}
