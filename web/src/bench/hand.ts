import { create } from "zustand";
import { createJSONStorage, persist } from "zustand/middleware";

/** What is in the maker's hand: taken from a slot or from the line, to be put into a slot. */
export interface InHand {
  photo: string | null;
  slot: string | null;
  name: string;
  /** The card or keepsake, where it is no photo. */
  ephemera?: number | null;
}

interface Hand {
  /** The slot that is looked at. */
  slot: string | null;
  /** The photo of the line that is looked at, where it has no slot. */
  photo: string | null;
  /** The card or keepsake that is looked at, where it has no slot. */
  ephemera: number | null;
  /** The leaf that is looked at, by its key. */
  leaf: number | null;
  /** The photo that the contact sheet stands at. */
  cursor: string | null;
  inHand: InHand | null;
  standAt: (photo: string | null) => void;
  lookAtSlot: (slot: string | null) => void;
  lookAtPhoto: (photo: string) => void;
  lookAtEphemera: (ephemera: number) => void;
  lookAtLeaf: (leaf: number | null) => void;
  pickUp: (ephemera: InHand) => void;
  letGo: () => void;
}

/**
 * What the maker looks at and holds. Belongs to this window, not to the album; what is looked at is
 * the same after the page was loaded anew.
 */
export const useHand = create<Hand>()(
  persist(
    (set) => ({
      slot: null,
      photo: null,
      ephemera: null,
      leaf: null,
      cursor: null,
      inHand: null,
      standAt: (cursor) => set({ cursor }),
      lookAtSlot: (slot) => set({ slot, photo: null, ephemera: null }),
      lookAtPhoto: (photo) => set({ photo, slot: null, ephemera: null }),
      lookAtEphemera: (ephemera) => set({ ephemera, slot: null, photo: null }),
      lookAtLeaf: (leaf) => set({ leaf }),
      pickUp: (inHand) => set({ inHand }),
      letGo: () => set({ inHand: null }),
    }),
    {
      name: "drumnest-hand",
      storage: createJSONStorage(() => window.sessionStorage),
      partialize: ({ slot, photo, ephemera, leaf, cursor }) => ({
        slot,
        photo,
        ephemera,
        leaf,
        cursor,
      }),
    },
  ),
);
