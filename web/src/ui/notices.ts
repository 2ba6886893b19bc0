import { create } from "zustand";

interface Notice {
  id: number;
  words: string;
}

interface Notices {
  /** How many were told so far. */
  told: number;
  notices: Notice[];
  /** What a screen reader is told of something that is otherwise only seen. */
  spoken: string;
  notify: (words: string) => void;
  dismiss: (id: number) => void;
  speak: (words: string) => void;
}

/** Things to be told that belong to no field. */
export const useNotices = create<Notices>((set) => ({
  told: 0,
  notices: [],
  spoken: "",
  notify: (words) =>
    set((state) => ({
      told: state.told + 1,
      notices: [...state.notices.slice(-2), { id: state.told, words }],
    })),
  dismiss: (id) =>
    set((state) => ({ notices: state.notices.filter((notice) => notice.id !== id) })),
  speak: (words) => set({ spoken: words }),
}));
