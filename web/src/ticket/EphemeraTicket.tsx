import { useState } from "react";
import { Link } from "react-router";
import type { Album, Ephemera } from "../api/types";
import { useStep } from "../api/useStep";
import { GreatMeasure, Measures } from "../ui/Measures";
import { Do, Row } from "../ui/Row";
import { EphemeraForm } from "./EphemeraForm";

const KINDS: Record<Ephemera["kind"], string> = {
  card: "A card",
  title: "A title",
  keepsake: "A keepsake",
};

/** The ticket of a card or keepsake without a place. */
export function EphemeraTicket({ album, ephemera }: { album: Album; ephemera: Ephemera }) {
  const [open, setOpen] = useState(false);
  const step = useStep(album.id);
  if (open) {
    return <EphemeraForm album={album} ephemera={ephemera} onDone={() => setOpen(false)} />;
  }
  return (
    <>
      <p className="mb-2 text-[13px] text-quiet">{KINDS[ephemera.kind]} without a place</p>
      <h2 className="text-xl leading-tight">{ephemera.name}</h2>
      <p data-headline="" className="mt-3 flex items-baseline gap-[0.16em] text-[52px]">
        <GreatMeasure text={ephemera.size.w.text} />
        <span className="text-[0.5em] leading-none text-quiet">×</span>
        <GreatMeasure text={ephemera.size.h.text} />
      </p>
      <p className="mt-2 text-[13.5px]">
        Drag it into a pocket or a mount, or press Enter on it and choose one.
      </p>
      <dl className="mt-3 border-b-2 border-ink text-[13px]">
        <Row name="Thickness">{ephemera.thick}</Row>
        <Row name="Original">{ephemera.original ? "yes: never glued or cut" : "no, or a copy"}</Row>
        {ephemera.room && (
          <Row name="Words">
            <Measures text={ephemera.room} />
            <Link
              to={`/albums/${album.id}/words?card=${ephemera.key}`}
              className="ml-2 underline underline-offset-2"
            >
              write
            </Link>
          </Row>
        )}
      </dl>
      <div className="mt-4 flex flex-wrap gap-x-3 gap-y-1.5 text-[13px]">
        {ephemera.kind !== "title" && <Do name="change" onDo={() => setOpen(true)} />}
        <Do
          name="take away"
          onDo={() => step("/api/albums/{id}/ephemera/remove", { ephemera: ephemera.key })}
        />
      </div>
    </>
  );
}
