import { create } from "zustand";

/** What is in the maker's hand: taken from a slot or from the line, to be put into a slot. */
export interface InHand {
  photo: string | null;
  slot: string | null;
  name: string;
}

interface Hand {
  /** The slot that is looked at. */
  slot: string | null;
  /** The photo of the line that is looked at, where it has no slot. */
  photo: string | null;
  inHand: InHand | null;
  lookAtSlot: (slot: string | null) => void;
  lookAtPhoto: (photo: string) => void;
  pickUp: (thing: InHand) => void;
  letGo: () => void;
}

/** What the maker looks at and holds. Belongs to this window, not to the album. */
export const useHand = create<Hand>((set) => ({
  slot: null,
  photo: null,
  inHand: null,
  lookAtSlot: (slot) => set({ slot, photo: null }),
  lookAtPhoto: (photo) => set({ photo, slot: null }),
  pickUp: (inHand) => set({ inHand }),
  letGo: () => set({ inHand: null }),
}));
