import { create } from "zustand";

interface OpenFlaps {
  /** The flaps of the open spread that are open, in the order in which they were opened. */
  open: string[];
  set: (open: string[]) => void;
}

/** How the movers of the spread stand. Belongs to this window, not to the album. */
export const useOpenFlaps = create<OpenFlaps>((set) => ({
  open: [],
  set: (open) => set({ open }),
}));
