import { useEffect } from "react";
import { useTicket } from "../api/queries";
import type { Album, Line } from "../api/types";
import { useHand } from "../bench/hand";
import { slotsOf } from "../bench/places";
import { LoosePhoto } from "./LoosePhoto";
import { usePreview } from "./preview";
import { SlotTicket } from "./SlotTicket";

interface Props {
  album: Album;
  line: Line;
}

/** The ticket of whatever is looked at, torn off a roll. */
export function TicketRoll({ album, line }: Props) {
  const { slot, photo, lookAtSlot } = useHand();
  const ticket = useTicket(album.id, album.version, slot);
  const shown = usePreview((state) => state.ticket);
  const loose = [...line.chapters.flatMap((chapter) => chapter.photos), ...line.aside].find(
    (each) => each.id === photo,
  );

  useEffect(() => {
    const slots = slotsOf(album);
    if (!photo && !slots.some((each) => each.slot.id === slot)) {
      lookAtSlot((slots.find((each) => each.slot.seat) ?? slots[0])?.slot.id ?? null);
    }
  }, [album, slot, photo, lookAtSlot]);

  const current = shown && shown.slot === slot ? shown : ticket.data;
  return (
    <aside
      aria-label="Ticket"
      className="torn slim-scroll relative mt-3 w-full flex-1 lg:flex-none md:max-lg:columns-2 md:max-lg:gap-8 shrink-0 bg-sheet px-4 pt-4 pb-5 lg:w-[272px] lg:overflow-y-auto"
    >
      {loose ? (
        <LoosePhoto album={album} photo={loose} />
      ) : ticket.isError ? (
        <p>{ticket.error.message}</p>
      ) : (
        current && <SlotTicket album={album} ticket={current} />
      )}
    </aside>
  );
}
