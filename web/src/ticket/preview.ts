import { create } from "zustand";
import { answered, api } from "../api/client";
import type { PixelBox, Ticket } from "../api/types";

interface Preview {
  /** The ticket as it would be: with another keep box, or with another photo in the slot. */
  ticket: Ticket | null;
  /** Whether a photo is held over the slot. */
  held: boolean;
  /** What becomes of the photo that is there now. */
  swapped: string | null;
}

const NOTHING: Preview = { ticket: null, held: false, swapped: null };

export const usePreview = create<Preview>(() => NOTHING);

interface PreviewRequest {
  album: number;
  slot: string;
  keep?: PixelBox;
  /** The photo that is held over the slot. */
  photo?: string;
}

let asking = false;
let waiting: PreviewRequest | null = null;
/** Counts the drags, so that an answer that comes after the end of its drag is not shown. */
let drag = 0;

/** Asks for the ticket as it would be; of many requests only the latest is sent. */
export async function preview(next: PreviewRequest) {
  waiting = next;
  if (asking) {
    return;
  }
  asking = true;
  try {
    while (waiting) {
      const { album, ...body }: PreviewRequest = waiting;
      waiting = null;
      const asked = drag;
      const view = await answered(
        api.POST("/api/albums/{id}/tickets/preview", { params: { path: { id: album } }, body }),
      );
      if (asked === drag) {
        usePreview.setState({
          ticket: view.ticket,
          held: body.photo !== undefined,
          swapped: view.swapped ?? null,
        });
      }
    }
  } catch {
    // The step that follows the drag tells what is wrong.
    waiting = null;
  } finally {
    asking = false;
  }
}

/** Forgets what is asked for and shown, once the drag has ended. */
export function endPreview() {
  waiting = null;
  drag++;
  usePreview.setState(NOTHING);
}

/** The same for a keep box alone: a photo that is held over a slot is left there. */
export function endKeepBox() {
  if (!usePreview.getState().held) {
    endPreview();
  }
}
