import { create } from "zustand";
import type { Problem } from "../api/types";

export type ArrivalState = "waiting" | "coming" | "in" | "had" | "refused" | "stopped";

export interface Arrival {
  key: number;
  name: string;
  bytes: number;
  state: ArrivalState;
  reason: string;
  photo: string | null;
}

interface Intake {
  arrivals: Arrival[];
  running: boolean;
  /** Takes in files, two at a time, in the order given. */
  bring: (album: number, files: File[], onArrived: () => void) => void;
  stop: () => void;
  /** Brings again what did not get through. */
  again: (album: number, onArrived: () => void) => void;
  clear: () => void;
}

const AT_ONCE = 2;
const NO_ANSWER = "Drum Nest did not answer. It can be brought again.";

let nextKey = 1;
let stopping = new AbortController();
const files = new Map<number, File>();

export const useIntake = create<Intake>((set, get) => {
  function change(key: number, to: Partial<Arrival>) {
    set((state) => ({
      arrivals: state.arrivals.map((each) => (each.key === key ? { ...each, ...to } : each)),
    }));
  }

  async function work(album: number, onArrived: () => void) {
    for (;;) {
      const next = get().arrivals.find((each) => each.state === "waiting");
      const file = next && files.get(next.key);
      if (!next || !file) {
        return;
      }
      change(next.key, { state: "coming" });
      change(next.key, await send(album, file, stopping.signal));
      onArrived();
    }
  }

  async function run(album: number, onArrived: () => void) {
    if (get().running) {
      return;
    }
    set({ running: true });
    stopping = new AbortController();
    await Promise.all(Array.from({ length: AT_ONCE }, () => work(album, onArrived)));
    set({ running: false });
    onArrived();
  }

  return {
    arrivals: [],
    running: false,
    bring: (album, brought, onArrived) => {
      const arrivals = brought.map((file): Arrival => {
        const key = nextKey++;
        files.set(key, file);
        return {
          key,
          name: file.name,
          bytes: file.size,
          state: "waiting",
          reason: "",
          photo: null,
        };
      });
      set((state) => ({ arrivals: [...state.arrivals, ...arrivals] }));
      void run(album, onArrived);
    },
    stop: () => {
      set((state) => ({
        arrivals: state.arrivals.map((each) =>
          each.state === "waiting" ? { ...each, state: "stopped", reason: "stopped" } : each,
        ),
      }));
      stopping.abort();
    },
    again: (album, onArrived) => {
      set((state) => ({
        arrivals: state.arrivals.map((each) =>
          each.state === "stopped" ? { ...each, state: "waiting", reason: "" } : each,
        ),
      }));
      void run(album, onArrived);
    },
    clear: () => {
      files.clear();
      set({ arrivals: [] });
    },
  };
});

async function send(album: number, file: File, signal: AbortSignal): Promise<Partial<Arrival>> {
  try {
    const response = await fetch(
      `/api/albums/${album}/photos?name=${encodeURIComponent(file.name)}`,
      {
        method: "POST",
        headers: { "Content-Type": "application/octet-stream" },
        body: file,
        signal,
      },
    );
    if (!response.ok) {
      const problem = (await response.json()) as Problem;
      return { state: "refused", reason: problem.detail ?? "It was not taken in." };
    }
    const taken = (await response.json()) as { photo: string; hadAlready: boolean };
    return { state: taken.hadAlready ? "had" : "in", reason: "", photo: taken.photo };
  } catch {
    return signal.aborted
      ? { state: "stopped", reason: "stopped" }
      : { state: "stopped", reason: NO_ANSWER };
  }
}
