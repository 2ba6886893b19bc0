import { useEffect, useState } from "react";
import type { Refusal } from "../api/client";
import type { Album, LeafDetail } from "../api/types";
import { useStep } from "../api/useStep";
import { GreatMeasure, Measures } from "../ui/Measures";
import { Row } from "../ui/Row";
import { TextField } from "../ui/TextField";

/** The ticket of a leaf: its size, how thick it is, how it lies, and its template to print. */
export function LeafTicket({ album, detail }: { album: Album; detail: LeafDetail }) {
  const { leaf } = detail;
  return (
    <section aria-label="Leaf">
      <p className="text-[13px] text-quiet">the leaf</p>
      <p data-headline="" className="mt-1 flex items-baseline gap-[0.16em] text-[46px]">
        <GreatMeasure text={leaf.size.w.text} />
        <span className="text-[0.5em] leading-none text-quiet">×</span>
        <GreatMeasure text={leaf.size.h.text} />
      </p>
      {detail.notes.map((note) => (
        <p key={note} className="mt-2 text-[13.5px] leading-snug">
          <Measures text={note} />
        </p>
      ))}
      {detail.warning && (
        <p className="mt-2 border-l-4 border-signal pl-2 text-[13.5px] leading-snug">
          <Measures text={detail.warning} />
        </p>
      )}
      <dl className="mt-3 border-b-2 border-ink text-[13px]">
        <Row name={leaf.kind === "plain" ? "Mounts filled" : "Pockets filled"}>
          {leaf.held} of {leaf.pockets}
        </Row>
        <Row name="Thick">
          <Measures text={leaf.thickness} />
        </Row>
      </dl>
      <DropField key={leaf.key} album={album} detail={detail} />
      <h3 className="mt-4 text-[13px] text-quiet">Front and back at true size, as PDF</h3>
      <p className="mt-1 flex flex-wrap gap-x-4 gap-y-1 text-[13.5px] font-semibold">
        {[
          ["whole", "one sheet a side"],
          ["letter", "on letter paper"],
          ["a4", "on A4"],
        ].map(([paper, words]) => (
          <a
            key={paper}
            className="underline underline-offset-2"
            href={`/api/albums/${album.id}/leaves/${leaf.key}/template.pdf?paper=${paper}`}
            download
          >
            {words}
          </a>
        ))}
      </p>
    </section>
  );
}

/** How far its top lies below that of the page: for small leaves. */
function DropField({ album, detail }: { album: Album; detail: LeafDetail }) {
  const { leaf } = detail;
  const [drop, setDrop] = useState(leaf.drop.exact);
  const [wrong, setWrong] = useState<string>();
  const step = useStep(album.id);
  useEffect(() => setDrop(leaf.drop.exact), [leaf.drop.exact]);
  return (
    <form
      className="mt-3 flex items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        setWrong(undefined);
        void step("/api/albums/{id}/leaves/drop", { leaf: leaf.key, drop }, (refusal: Refusal) =>
          setWrong(refusal.message),
        );
      }}
    >
      <div className="flex-1">
        <TextField
          label="Distance from top of page"
          value={drop}
          onChange={setDrop}
          wrong={wrong}
        />
      </div>
      <button type="submit" className="pb-1.5 font-semibold underline underline-offset-2">
        Save
      </button>
    </form>
  );
}
