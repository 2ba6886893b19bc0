import { useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import { ticketQuery } from "../api/queries";
import type { PhotoTicket, PixelBox, ShareBox } from "../api/types";
import { useStep } from "../api/useStep";
import { DrawnBox } from "../bench/DrawnBox";
import { KEEP_BOX, placed } from "../bench/pixelBoxes";
import { usePreview } from "./preview";

interface Props {
  album: number;
  ticket: PhotoTicket;
}

/** The whole picture with what is printed of it; its ticket follows the keep box at once. */
export function CroppedPicture({ album, ticket }: Props) {
  const { photo } = ticket;
  const step = useStep(album);
  const queries = useQueryClient();
  const { ask, end, endKeepBox } = usePreview.getState();

  // biome-ignore lint/correctness/useExhaustiveDependencies: another photo or slot ends what was begun
  useEffect(() => {
    endKeepBox();
  }, [photo.id, ticket.slot]);

  async function keep(box: PixelBox) {
    const next = await step("/api/albums/{id}/keep", { photo: photo.id, keep: box });
    if (next) {
      // The preview stays until the ticket that says the same is there.
      await queries.prefetchQuery(ticketQuery(album, next.version, ticket.slot));
    }
  }

  return (
    <DrawnBox
      key={ticket.slot}
      photo={photo}
      box={photo.keep}
      label={KEEP_BOX}
      height={196}
      overlay={() => ticket.cropShare && <Veil shown={ticket.cropShare} />}
      onDraft={(box) => ask({ album, slot: ticket.slot, keep: box })}
      onDrawn={keep}
      onEnd={end}
    />
  );
}

/** Darkens what is not printed and frames what is. */
function Veil({ shown }: { shown: ShareBox }) {
  return (
    <span
      aria-hidden="true"
      data-crop=""
      className="pointer-events-none absolute border-2 border-white [box-shadow:0_0_0_999px_rgb(16_38_44/0.62)]"
      style={placed(shown, 1, 1)}
    />
  );
}
