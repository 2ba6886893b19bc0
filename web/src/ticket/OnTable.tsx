import { useEffect, useState } from "react";
import type { Album, Photo } from "../api/types";
import { useStep } from "../api/useStep";
import { SizeText } from "../ui/Measures";
import { printOf } from "../ui/photo";
import { Row } from "../ui/Row";
import { MeasureForm } from "./MeasureForm";

interface Props {
  album: Album;
  photo: Photo;
}

/** Whether the photo is a print on the table already, which can no longer grow. */
export function OnTable({ album, photo }: Props) {
  const [open, setOpen] = useState(false);
  const step = useStep(album.id);
  const print = printOf(photo);
  // biome-ignore lint/correctness/useExhaustiveDependencies: another photo closes the form
  useEffect(() => setOpen(false), [photo.id]);

  if (open) {
    return (
      <MeasureForm
        legend="Size of the print on the table"
        w={print?.w.exact ?? ""}
        h={print?.h.exact ?? ""}
        empty="Both empty: still a file, to be ordered."
        onSave={async (w, h, onRefusal) =>
          (await step(
            "/api/albums/{id}/on-table",
            { photo: photo.id, size: { w, h } },
            onRefusal,
          )) !== null
        }
        onClose={() => setOpen(false)}
      />
    );
  }
  return (
    <Row name="Print">
      {print ? (
        <>
          on the table, <SizeText size={print} />
        </>
      ) : (
        "to order"
      )}{" "}
      <button
        type="button"
        className="ml-1 font-normal underline underline-offset-2"
        onClick={() => setOpen(true)}
      >
        change
      </button>
    </Row>
  );
}
