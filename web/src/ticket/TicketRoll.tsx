import { useEffect, useRef } from "react";
import { useAlbum, useTicket } from "../api/queries";
import type { Album, Line } from "../api/types";
import { useHand } from "../bench/hand";
import { slotsOf } from "../bench/places";
import { EphemeraTicket } from "./EphemeraTicket";
import { LoosePhoto } from "./LoosePhoto";
import { usePreview } from "./preview";
import { SavedCalculations } from "./SavedCalculations";
import { SlotTicket } from "./SlotTicket";

const WIDE = window.matchMedia("(min-width: 64rem)");
const NOTHING = "null null null";

interface Props {
  album: Album;
  line: Line;
}

/** The ticket of whatever is looked at, torn off a roll. */
export function TicketRoll({ album, line }: Props) {
  const { slot, photo, ephemera, lookAtSlot } = useHand();
  const turning = useAlbum(album.id).isFetching;
  const there = slotsOf(album).some((each) => each.slot.id === slot);
  const ticket = useTicket(album.id, album.version, there ? slot : null);
  const shown = usePreview();
  const loose = line.chapters
    .flatMap((chapter) => [...chapter.photos, ...chapter.out])
    .find((each) => each.id === photo);
  const looseEphemera = line.allEphemera.find((each) => each.key === ephemera);

  useEffect(() => {
    const slots = slotsOf(album);
    const nothing = !photo && ephemera === null && !slots.some((each) => each.slot.id === slot);
    if (nothing && !turning) {
      const next = (slots.find((each) => each.slot.seat) ?? slots[0])?.slot.id ?? null;
      if (next !== slot) {
        lookAtSlot(next);
      }
    }
  }, [album, slot, photo, ephemera, turning, lookAtSlot]);

  const top = useRef<HTMLDivElement>(null);
  const looked = `${slot} ${photo} ${ephemera}`;
  const before = useRef(looked);
  // On narrow windows the ticket hangs below: what was tapped must be seen there.
  useEffect(() => {
    if (before.current !== looked && before.current !== NOTHING && !WIDE.matches) {
      top.current?.scrollIntoView({ block: "nearest" });
    }
    before.current = looked;
  }, [looked]);

  const previewed =
    shown.ticket && (shown.held || shown.ticket.slot === slot) ? shown.ticket : null;
  const current = previewed ?? ticket.data;
  return (
    <aside
      aria-label="Ticket"
      className="torn slim-scroll relative mt-3 w-full flex-1 lg:flex-none md:max-lg:columns-2 md:max-lg:gap-8 shrink-0 bg-sheet px-4 pt-4 pb-5 lg:w-[272px] lg:overflow-y-auto"
    >
      <div
        ref={top}
        aria-hidden="true"
        className="pointer-events-none absolute top-0 h-[22rem] w-px"
      />
      <SavedCalculations album={album.id} />
      {previewed && shown.held ? (
        <>
          <p className="mb-2 border-l-4 border-fold pl-2 text-[13px] leading-snug" role="status">
            <strong>If you let it go here.</strong> {shown.swapped}
          </p>
          <SlotTicket album={album} ticket={previewed} held />
        </>
      ) : loose ? (
        <LoosePhoto album={album} photo={loose} />
      ) : looseEphemera ? (
        <EphemeraTicket album={album} ephemera={looseEphemera} />
      ) : ticket.isError ? (
        <p>{ticket.error.message}</p>
      ) : (
        current && (
          // Until the ticket of what is looked at is there, that of before takes no press meant for it.
          <div
            aria-busy={current.slot !== slot}
            className="transition-opacity delay-300 aria-busy:pointer-events-none aria-busy:opacity-60"
          >
            <SlotTicket album={album} ticket={current} />
          </div>
        )
      )}
    </aside>
  );
}
