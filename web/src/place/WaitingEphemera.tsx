import { useDraggable } from "@dnd-kit/core";
import { useState } from "react";
import type { Album, Ephemera, Line } from "../api/types";
import { useHand } from "../bench/hand";
import { EphemeraForm } from "../ticket/EphemeraForm";
import { Measures } from "../ui/Measures";
import { Sheet } from "../ui/Sheet";

/** More than these would push the photos out of sight. */
const FEW = 2;

/** Cards with words and keepsakes that have no place yet, and the way to add one. */
export function WaitingEphemera({ album, line }: { album: Album; line: Line }) {
  const [adding, setAdding] = useState(false);
  const [all, setAll] = useState(false);
  const waiting = line.allEphemera.filter((ephemera) => !ephemera.where);
  return (
    <div className="flex shrink-0 items-start gap-2">
      {waiting.slice(0, all ? undefined : FEW).map((ephemera) => (
        <EphemeraTag key={ephemera.key} ephemera={ephemera} />
      ))}
      {waiting.length > FEW && (
        <button
          type="button"
          aria-expanded={all}
          onClick={() => setAll(!all)}
          className="min-h-6 text-[12px] text-quiet underline underline-offset-2 hover:text-ink"
        >
          {all ? "fewer" : `${waiting.length - FEW} more`}
        </button>
      )}
      <button
        type="button"
        onClick={() => setAdding(true)}
        className="h-[100px] w-[74px] border border-dashed border-quiet/70 px-1 text-[12px] leading-tight text-quiet hover:border-ink hover:text-ink"
      >
        add a card or keepsake
      </button>
      <Sheet open={adding} onOpenChange={setAdding} title="A card or a keepsake">
        <EphemeraForm album={album} onDone={() => setAdding(false)} />
      </Sheet>
    </div>
  );
}

function EphemeraTag({ ephemera }: { ephemera: Ephemera }) {
  const { lookAtEphemera, pickUp, ephemera: looked } = useHand();
  const { setNodeRef, listeners, isDragging } = useDraggable({
    id: `ephemera:${ephemera.key}`,
    data: { photo: null, slot: null, name: ephemera.name, ephemera: ephemera.key },
  });
  return (
    <button
      ref={setNodeRef}
      {...listeners}
      type="button"
      data-waiting-ephemera={ephemera.key}
      aria-label={`${ephemera.name}, ${ephemera.kind}, without a place`}
      onClick={() => lookAtEphemera(ephemera.key)}
      onKeyDown={(event) => {
        if (event.key === "Enter") {
          event.preventDefault();
          lookAtEphemera(ephemera.key);
          pickUp({ photo: null, slot: null, name: ephemera.name, ephemera: ephemera.key });
          document.getElementById("spread")?.focus();
        }
      }}
      className={`flex h-[100px] w-[78px] touch-none flex-col overflow-hidden border bg-paper p-1.5 text-left text-[11px] leading-tight text-[#10262c] ${looked === ephemera.key ? "border-signal outline-2 outline-signal" : "border-[#c3cdcf]"}`}
      style={{ opacity: isDragging ? 0.4 : 1 }}
    >
      <span className="line-clamp-3 font-semibold">{ephemera.name}</span>
      <span className="mt-auto text-pencil">
        <Measures text={`${ephemera.size.w.text} × ${ephemera.size.h.text}`} />
      </span>
      <span className="text-pencil">{ephemera.original ? "original" : ephemera.kind}</span>
    </button>
  );
}
