import { useDraggable } from "@dnd-kit/core";
import { useState } from "react";
import type { Album, Line, Thing } from "../api/types";
import { useHand } from "../bench/hand";
import { ThingForm } from "../ticket/ThingForm";
import { Measures } from "../ui/Measures";
import { Sheet } from "../ui/Sheet";

/** Cards with words and keepsakes that have no place yet, and the way to add one. */
export function Things({ album, line }: { album: Album; line: Line }) {
  const [adding, setAdding] = useState(false);
  const waiting = line.things.filter((thing) => !thing.where);
  return (
    <div className="flex shrink-0 items-start gap-2">
      {waiting.slice(0, 6).map((thing) => (
        <WaitingThing key={thing.key} thing={thing} />
      ))}
      {waiting.length > 6 && (
        <span className="text-[12px] text-quiet">and {waiting.length - 6} more</span>
      )}
      <button
        type="button"
        onClick={() => setAdding(true)}
        className="h-[100px] w-[74px] border border-dashed border-quiet/70 px-1 text-[12px] leading-tight text-quiet hover:border-ink hover:text-ink"
      >
        add a card or keepsake
      </button>
      <Sheet open={adding} onOpenChange={setAdding} title="A card or a keepsake">
        <ThingForm album={album} onDone={() => setAdding(false)} />
      </Sheet>
    </div>
  );
}

function WaitingThing({ thing }: { thing: Thing }) {
  const { lookAtThing, pickUp, thing: looked } = useHand();
  const { setNodeRef, listeners, isDragging } = useDraggable({
    id: `thing:${thing.key}`,
    data: { photo: null, slot: null, name: thing.name, thing: thing.key },
  });
  return (
    <button
      ref={setNodeRef}
      {...listeners}
      type="button"
      data-waiting-thing={thing.key}
      aria-label={`${thing.name}, ${thing.kind}, without a place`}
      onClick={() => lookAtThing(thing.key)}
      onKeyDown={(event) => {
        if (event.key === "Enter") {
          event.preventDefault();
          lookAtThing(thing.key);
          pickUp({ photo: null, slot: null, name: thing.name, thing: thing.key });
          document.getElementById("spread")?.focus();
        }
      }}
      className={`flex h-[100px] w-[78px] touch-none flex-col overflow-hidden border bg-paper p-1.5 text-left text-[11px] leading-tight text-[#10262c] ${looked === thing.key ? "border-signal outline-2 outline-signal" : "border-[#c3cdcf]"}`}
      style={{ opacity: isDragging ? 0.4 : 1 }}
    >
      <span className="line-clamp-3 font-semibold">{thing.name}</span>
      <span className="mt-auto text-pencil">
        <Measures text={`${thing.size.w.text} × ${thing.size.h.text}`} />
      </span>
      <span className="text-pencil">{thing.original ? "original" : thing.kind}</span>
    </button>
  );
}
