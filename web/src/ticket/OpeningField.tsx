import { useEffect, useState } from "react";
import type { Album, Ticket } from "../api/types";
import { useStep } from "../api/useStep";
import { SizeText } from "../ui/Measures";
import { Row } from "../ui/Row";
import { MeasureForm } from "./MeasureForm";

interface Props {
  album: Album;
  ticket: Ticket;
}

const KNOWN: Record<string, string> = {
  measured: "measured",
  ruled: "not measured, as ruled",
  "as-usual": "not measured, as usual",
};

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
        w={ticket.measured ? ticket.opening.w.exact : ""}
        h={ticket.measured ? ticket.opening.h.exact : ""}
        empty="Both empty: not measured in this leaf."
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
        {KNOWN[ticket.known] ?? ""}
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
