import { useEffect, useState } from "react";
import { useStep } from "../api/queries";
import type { Album, Ticket } from "../api/types";
import { SizeText } from "../ui/Measures";
import { MeasureForm } from "./MeasureForm";
import { Row } from "./SlotTicket";

interface Props {
  album: Album;
  ticket: Ticket;
}

/** The opening of the pocket: as usual, or as measured; measured here. */
export function OpeningField({ album, ticket }: Props) {
  const [open, setOpen] = useState(false);
  const step = useStep(album.id);
  // biome-ignore lint/correctness/useExhaustiveDependencies: another slot closes the form
  useEffect(() => setOpen(false), [ticket.slot]);

  if (open) {
    return (
      <MeasureForm
        legend="Clear inside of this pocket"
        w={ticket.measured ? ticket.opening.w.text : ""}
        h={ticket.measured ? ticket.opening.h.text : ""}
        empty="Both empty: not measured, taken as usual."
        onSave={async (w, h, onRefusal) =>
          (await step(
            "/api/albums/{id}/opening",
            { slot: ticket.slot, opening: { w, h } },
            onRefusal,
          )) !== null
        }
        onClose={() => setOpen(false)}
      />
    );
  }
  return (
    <Row name="Opening">
      <SizeText size={ticket.opening} />
      <span className="block text-[12px] leading-tight font-normal text-quiet">
        {ticket.measured ? "measured" : "not measured, as usual"}
        <button
          type="button"
          className="ml-1 font-normal underline underline-offset-2"
          onClick={() => setOpen(true)}
        >
          {ticket.measured ? "change" : "measure"}
        </button>
      </span>
    </Row>
  );
}
