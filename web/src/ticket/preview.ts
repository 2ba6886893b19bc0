import { create } from "zustand";
import { answered, api } from "../api/client";
import type { PixelBox, Ticket } from "../api/types";

interface PreviewRequest {
  album: number;
  slot: string;
  keep?: PixelBox;
  /** The photo that is held over the slot. */
  photo?: string;
}

interface Preview {
  /** The ticket as it would be: with another keep box, or with another photo in the slot. */
  ticket: Ticket | null;
  /** Whether that ticket is for a photo held over the slot. */
  held: boolean;
  /** What becomes of the photo that is there now. */
  swapped: string | null;
  /** Asks for the ticket as it would be; of many requests only the latest is sent. */
  ask: (next: PreviewRequest) => void;
  /** Forgets what is asked for and shown, once the drag has ended. */
  end: () => void;
  /** The same for a keep box alone: a photo that is held over a slot is left there. */
  endKeepBox: () => void;
}

const NOTHING = { ticket: null, held: false, swapped: null };

export const usePreview = create<Preview>((set, get) => {
  let waiting: PreviewRequest | null = null;
  let asking = false;
  /** Whether a photo is held over a slot, also while its ticket is still on its way. */
  let holding = false;
  /** Counts the drags, so that an answer that comes after the end of its drag is not shown. */
  let drag = 0;

  async function askInTurn() {
    try {
      while (waiting) {
        const { album, ...body }: PreviewRequest = waiting;
        waiting = null;
        const asked = drag;
        const view = await answered(
          api.POST("/api/albums/{id}/tickets/preview", { params: { path: { id: album } }, body }),
        );
        if (asked === drag) {
          set({
            ticket: view.ticket,
            held: body.photo !== undefined,
            swapped: view.swapped ?? null,
          });
        }
      }
    } catch {
      // The step that follows the drag tells what is wrong.
      waiting = null;
    }
  }

  return {
    ...NOTHING,
    ask: (next) => {
      waiting = next;
      holding = next.photo !== undefined;
      if (!asking) {
        asking = true;
        void askInTurn().finally(() => {
          asking = false;
        });
      }
    },
    end: () => {
      waiting = null;
      holding = false;
      drag++;
      set(NOTHING);
    },
    endKeepBox: () => {
      if (!holding) {
        get().end();
      }
    },
  };
});
