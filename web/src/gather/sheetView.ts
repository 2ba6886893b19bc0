import { create } from "zustand";

export type Filter = "line" | "open" | "keep" | "maybe" | "out" | "all";
export type Tab = "look" | "budget" | "time" | "files";

interface SheetView {
  filter: Filter;
  /** Only photos of which this is true, where it is not null. */
  only: string | null;
  tab: Tab;
  /** The stacks that are spread out. */
  spread: ReadonlySet<string>;
  /** The photos that are marked beside the one that is stood at. */
  marked: ReadonlySet<string>;
  /** The photos that are compared; null where none are. */
  compared: string[] | null;
  /** Whether what is drawn on a photo must not be seen, rather than stay. */
  conceals: boolean;
  show: (filter: Filter) => void;
  narrow: (only: string | null) => void;
  turnTo: (tab: Tab) => void;
  toggleStack: (stack: string) => void;
  mark: (photos: ReadonlySet<string>) => void;
  compare: (photos: string[] | null) => void;
  conceal: (conceals: boolean) => void;
}

/** How this window looks at the contact sheet. */
export const useSheetView = create<SheetView>((set) => ({
  filter: "line",
  only: null,
  tab: "look",
  spread: new Set(),
  marked: new Set(),
  compared: null,
  conceals: false,
  show: (filter) => set({ filter, marked: new Set() }),
  narrow: (only) => set({ only, marked: new Set() }),
  turnTo: (tab) => set({ tab }),
  toggleStack: (stack) =>
    set((state) => {
      const spread = new Set(state.spread);
      if (!spread.delete(stack)) {
        spread.add(stack);
      }
      return { spread };
    }),
  mark: (marked) => set({ marked }),
  compare: (compared) => set({ compared }),
  conceal: (conceals) => set({ conceals }),
}));
