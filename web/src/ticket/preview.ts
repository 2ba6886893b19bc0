import { create } from "zustand";
import { answered, api } from "../api/client";
import type { PixelBox, Ticket } from "../api/types";

interface Preview {
  /** The ticket as it would be with the keep box that is being dragged. */
  ticket: Ticket | null;
  show: (ticket: Ticket | null) => void;
}

export const usePreview = create<Preview>((set) => ({
  ticket: null,
  show: (ticket) => set({ ticket }),
}));

interface Wish {
  album: number;
  slot: string;
  keep: PixelBox;
}

let asking = false;
let wish: Wish | null = null;
/** Counts the drags, so that an answer that comes after the end of its drag is not shown. */
let drag = 0;

/** Asks for the ticket with another keep box; of many wishes only the latest is asked for. */
export async function preview(next: Wish) {
  wish = next;
  if (asking) {
    return;
  }
  asking = true;
  try {
    while (wish) {
      const { album, slot, keep }: Wish = wish;
      wish = null;
      const asked = drag;
      const ticket = await answered(
        api.POST("/api/albums/{id}/tickets/preview", {
          params: { path: { id: album } },
          body: { slot, keep },
        }),
      );
      if (asked === drag) {
        usePreview.getState().show(ticket);
      }
    }
  } catch {
    // The step that follows the drag tells what is wrong.
    wish = null;
  } finally {
    asking = false;
  }
}

/** Forgets what is asked for and shown, once the keep box is set. */
export function endPreview() {
  wish = null;
  drag++;
  usePreview.getState().show(null);
}
