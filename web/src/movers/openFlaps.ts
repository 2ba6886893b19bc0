import { create } from "zustand";

interface OpenFlaps {
  /** The flaps of the open spread that are open, in the order in which they were opened. */
  open: string[];
  /** The one that was pressed while it was not known yet whether it may move. */
  wanted: string | null;
  set: (open: string[]) => void;
  want: (flap: string | null) => void;
}

/** How the movers of the spread stand. Belongs to this window, not to the album. */
export const useOpenFlaps = create<OpenFlaps>((set) => ({
  open: [],
  wanted: null,
  set: (open) => set({ open }),
  want: (wanted) => set({ wanted }),
}));
