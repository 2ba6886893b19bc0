import { create } from "zustand";

interface Notice {
  id: number;
  words: string;
}

interface Notices {
  notices: Notice[];
  /** What a screen reader is told of something that is otherwise only seen. */
  spoken: string;
  notify: (words: string) => void;
  dismiss: (id: number) => void;
  speak: (words: string) => void;
}

let next = 1;

/** Things to be told that belong to no field. */
export const useNotices = create<Notices>((set) => ({
  notices: [],
  spoken: "",
  notify: (words) =>
    set((state) => ({ notices: [...state.notices.slice(-2), { id: next++, words }] })),
  dismiss: (id) =>
    set((state) => ({ notices: state.notices.filter((notice) => notice.id !== id) })),
  speak: (words) => set({ spoken: words }),
}));
