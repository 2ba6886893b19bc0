import { create } from "zustand";
import type { Album, Breathing, Entry } from "../api/types";

/** What leaves are asked for. */
interface PlanRequest {
  /** The kinds that may be used; null while nobody has chosen. */
  kinds: string[] | null;
  breathing: Breathing;
  /** As it is typed; empty for as many as needed. */
  mostLeaves: string;
  freshPages: boolean;
  undecided: boolean;
  anew: boolean;
  /** Whether sleeves over the pages are counted on. */
  sleeves: boolean;
  say: (next: Partial<Omit<PlanRequest, "say">>) => void;
}

export const usePlanRequest = create<PlanRequest>((set) => ({
  kinds: null,
  breathing: "full",
  mostLeaves: "",
  freshPages: false,
  undecided: false,
  anew: false,
  sleeves: false,
  say: (next) => set(next),
}));

/** Whether it says how many leaves at most: a whole number from 1 to 200, or nothing. */
export function isMostLeaves(text: string) {
  return /^\s*([1-9]\d?|1\d\d|200)?\s*$/.test(text);
}

/** The kinds of leaves with pockets. */
export function pocketed(entries: Entry[]) {
  return entries.filter((entry) => entry.kind === "leaf" && entry.pockets && !entry.gone);
}

/** Prints with a shorter side are for collections of tiny pictures, which the maker asks for. */
const SMALLEST_PRINT_IN = 3;

/**
 * The kinds an album begins with: those it has, those that are owned, and those of its size that
 * take usual prints.
 */
export function usualKinds(album: Album, entries: Entry[]) {
  const there = new Set(album.leaves.map((leaf) => leaf.pattern));
  const format = entries.find((entry) => entry.key === album.format)?.size;
  const sizeOf = (entry: Entry) => `${entry.size?.w.in} ${entry.size?.h.in}`;
  const wanted = format ? `${format.w.in} ${format.h.in}` : null;
  const kinds = pocketed(entries);
  const usual = kinds.filter(
    (entry) =>
      there.has(entry.name) ||
      (entry.owned ?? 0) > 0 ||
      (sizeOf(entry) === wanted && entry.pockets?.every(takesUsualPrint)),
  );
  return (usual.length > 0 ? usual : kinds).map((entry) => entry.key);
}

function takesUsualPrint({ named }: { named: { w: { in: number }; h: { in: number } } }) {
  return Math.min(named.w.in, named.h.in) >= SMALLEST_PRINT_IN;
}
