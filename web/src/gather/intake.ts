import { create } from "zustand";
import type { Problem } from "../api/types";
import { DecodeFailure } from "./decode";
import { sendPhoto } from "./sendPhoto";

export type ArrivalState = "waiting" | "coming" | "in" | "had" | "told" | "refused" | "stopped";

export interface Arrival {
  key: number;
  name: string;
  bytes: number;
  state: ArrivalState;
  reason: string;
  photo: string | null;
}

/** How far an intake came before its page was closed. */
export interface Unfinished {
  done: number;
  of: number;
}

interface Intake {
  arrivals: Arrival[];
  running: boolean;
  /** When what runs now began, and how many bytes were done then. */
  began: { at: number; done: number };
  /** Why everything stopped, where the disk is full. */
  full: string | null;
  /** Takes in files, two at a time, in the order given. */
  bring: (album: number, files: File[], onArrived: () => void) => void;
  stop: () => void;
  /** Brings again what did not get through. */
  again: (album: number, onArrived: () => void) => void;
  clear: () => void;
  /** What the last page that was closed had not finished. */
  unfinished: (album: number) => Unfinished | null;
}

const AT_ONCE = 2;
const DISK_FULL = 507;
const NO_ANSWER = "Drum Nest did not answer. It can be brought again.";

export const useIntake = create<Intake>((set, get) => {
  const files = new Map<number, File>();
  let nextKey = 1;
  let stopping = new AbortController();

  function change(key: number, to: Partial<Arrival>) {
    set((state) => ({
      arrivals: state.arrivals.map((each) => (each.key === key ? { ...each, ...to } : each)),
    }));
  }

  /** What still waits is left out; what is on its way comes in. */
  function leaveWaiting() {
    set((state) => ({
      arrivals: state.arrivals.map((each) =>
        each.state === "waiting" ? { ...each, state: "stopped", reason: "stopped" } : each,
      ),
    }));
  }

  async function work(album: number, sidecars: boolean, onArrived: () => void) {
    for (;;) {
      const next = get().arrivals.find(
        (each) => each.state === "waiting" && isSidecar(each) === sidecars,
      );
      const file = next && files.get(next.key);
      if (!next || !file) {
        return;
      }
      change(next.key, { state: "coming" });
      const came = await send(album, file, stopping.signal);
      change(next.key, came);
      if (came.full) {
        set({ full: came.reason ?? null });
        leaveWaiting();
      }
      remember(album, get().arrivals);
      onArrived();
    }
  }

  async function run(album: number, onArrived: () => void) {
    if (get().running) {
      return;
    }
    const done = bytesDone(get().arrivals);
    set({ running: true, full: null, began: { at: performance.now(), done } });
    stopping = new AbortController();
    while (get().arrivals.some((each) => each.state === "waiting")) {
      // A sidecar finds its photo only when that is there.
      for (const sidecars of [false, true]) {
        await Promise.all(Array.from({ length: AT_ONCE }, () => work(album, sidecars, onArrived)));
      }
    }
    set({ running: false });
    forget(album);
    onArrived();
  }

  return {
    arrivals: [],
    running: false,
    began: { at: 0, done: 0 },
    full: null,
    bring: (album, brought, onArrived) => {
      forget(album);
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
      leaveWaiting();
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
      set({ arrivals: [], full: null });
    },
    unfinished: (album) => (get().running ? null : remembered(album)),
  };
});

/** How many bytes are done with, one way or another. */
export function bytesDone(arrivals: Arrival[]) {
  return arrivals
    .filter(({ state }) => state !== "waiting" && state !== "coming")
    .reduce((sum, each) => sum + each.bytes, 0);
}

function isSidecar({ name }: { name: string }) {
  return /\.xmp$/i.test(name);
}

function key(album: number) {
  return `drumnest.intake.${album}`;
}

function remember(album: number, arrivals: Arrival[]) {
  const done = arrivals.filter(({ state }) => state !== "waiting" && state !== "coming").length;
  window.localStorage.setItem(key(album), JSON.stringify({ done, of: arrivals.length }));
}

function forget(album: number) {
  window.localStorage.removeItem(key(album));
}

function remembered(album: number): Unfinished | null {
  const text = window.localStorage.getItem(key(album));
  return text === null ? null : (JSON.parse(text) as Unfinished);
}

function sendSidecar(album: number, file: File, signal: AbortSignal) {
  return fetch(`/api/albums/${album}/sidecars?name=${encodeURIComponent(file.name)}`, {
    method: "POST",
    headers: { "Content-Type": "application/octet-stream" },
    body: file,
    signal,
  });
}

async function send(
  album: number,
  file: File,
  signal: AbortSignal,
): Promise<Partial<Arrival> & { full?: boolean }> {
  try {
    const response = isSidecar(file)
      ? await sendSidecar(album, file, signal)
      : await sendPhoto(album, file, file.name, signal);
    if (!response.ok) {
      const problem = (await response.json()) as Problem;
      const reason = problem.detail ?? "It was not taken in.";
      return response.status === DISK_FULL
        ? { state: "stopped", reason, full: true }
        : { state: "refused", reason };
    }
    const taken = (await response.json()) as { photo: string; hadAlready: boolean };
    if (isSidecar(file)) {
      return { state: "told", reason: "", photo: taken.photo };
    }
    return { state: taken.hadAlready ? "had" : "in", reason: "", photo: taken.photo };
  } catch (failure) {
    if (failure instanceof DecodeFailure) {
      return {
        state: "refused",
        reason: failure.message,
      };
    }
    return signal.aborted
      ? { state: "stopped", reason: "stopped" }
      : { state: "stopped", reason: NO_ANSWER };
  }
}
