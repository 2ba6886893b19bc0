import { create } from "zustand";
import { persist } from "zustand/middleware";

/** Where a key is heard. */
export type Where = "everywhere" | "gather" | "place" | "leaves" | "compare";

export type Does =
  | "undo"
  | "redo"
  | "sums"
  | "shelf"
  | "keys"
  | "keep"
  | "maybe"
  | "out"
  | "in-doubt"
  | "keep-two"
  | "one-stack"
  | "alone"
  | "versions"
  | "hero"
  | "private"
  | "flap"
  | "showing"
  | "open-flap"
  | "keep-box"
  | "crop"
  | "conceal"
  | "words"
  | "begin-chapter"
  | "join-chapter"
  | "open-stack"
  | "look"
  | "lock"
  | "quarter-turn"
  | "whole"
  | "place-again"
  | "title"
  | "empty"
  | "cut"
  | "stuck"
  | "take-out"
  | "turn-back"
  | "turn-on"
  | "turn-over"
  | "duplicate";

export interface KeyRow {
  does: Does | null;
  /** As the browser names them, letters small. */
  keys: string[];
  /** As they are shown. */
  shown?: string[];
  where: Where[];
  meaning: string;
}

const EVERYWHERE: Where[] = ["everywhere"];
const CHOOSING: Where[] = ["gather", "compare"];

/**
 * All keys there are: handlers and the sheet are made from this table. A letter has one meaning, on
 * whatever stage. Keys without a deed here are heard by the thing that has the focus.
 */
export const KEYS: KeyRow[] = [
  { does: "undo", keys: ["z"], where: EVERYWHERE, meaning: "undo" },
  { does: "redo", keys: ["y"], where: EVERYWHERE, meaning: "redo" },
  { does: "sums", keys: ["="], where: EVERYWHERE, meaning: "sums, without an album" },
  {
    does: "shelf",
    keys: ["s"],
    where: EVERYWHERE,
    meaning: "the shelf: catalogue, house rules, units, sharing",
  },
  { does: "keys", keys: ["?"], where: EVERYWHERE, meaning: "this sheet" },
  {
    does: null,
    keys: [],
    shown: ["←", "→", "↑", "↓"],
    where: ["gather"],
    meaning: "go to the next photo; with Shift, mark several",
  },
  {
    does: "keep",
    keys: ["k"],
    where: CHOOSING,
    meaning: "keep; on a closed stack its best, and drop the others",
  },
  { does: "maybe", keys: ["m"], where: CHOOSING, meaning: "maybe: it goes in where there is room" },
  { does: "in-doubt", keys: ["i"], where: CHOOSING, meaning: "in doubt: decide later" },
  {
    does: "out",
    keys: ["o"],
    where: ["gather", "compare", "place"],
    meaning: "out: not in the album",
  },
  {
    does: "keep-two",
    keys: ["2"],
    where: ["gather"],
    meaning: "keep the best two of a stack, drop its others",
  },
  {
    does: "open-stack",
    keys: [" "],
    shown: ["Space"],
    where: ["gather"],
    meaning: "open a stack, or close it",
  },
  {
    does: "look",
    keys: ["Enter"],
    where: ["gather"],
    meaning: "look at every pixel; compares a stack, or the marked photos",
  },
  {
    does: "one-stack",
    keys: ["1"],
    where: ["gather"],
    meaning: "make the marked photos one stack",
  },
  {
    does: "versions",
    keys: ["v"],
    where: ["gather"],
    meaning: "the marked photos are upright and wide versions of one",
  },
  {
    does: "alone",
    keys: ["a"],
    where: ["gather"],
    meaning: "stands alone: out of its stack or versions",
  },
  { does: "hero", keys: ["h"], where: ["gather"], meaning: "hero" },
  { does: "private", keys: ["q"], where: ["gather"], meaning: "kept quiet: private" },
  {
    does: "crop",
    keys: ["x"],
    where: ["gather"],
    meaning: "crop by the subject, or by the middle",
  },
  {
    does: "conceal",
    keys: ["-"],
    where: ["gather"],
    meaning: "draw what must not be seen, or again what must stay",
  },
  { does: "flap", keys: ["f"], where: ["gather"], meaning: "fine behind a flap" },
  {
    does: "showing",
    keys: ["3"],
    where: ["gather"],
    meaning:
      "meant for when all is closed, for when it is opened, for neither: one after the other",
  },
  {
    does: "open-flap",
    keys: ["f"],
    where: ["place"],
    meaning: "flap: open or close it; over a place that has none, put one",
  },
  {
    does: "keep-box",
    keys: ["b"],
    where: ["gather", "place"],
    meaning:
      "keep box: takes the subject that was found, or sets it by arrows, with Shift its size",
  },
  {
    does: "words",
    keys: ["w"],
    where: ["gather", "place"],
    meaning:
      "words: write the caption; in Place, a photo's words onto a card and back, or keep an empty pocket for some",
  },
  { does: "begin-chapter", keys: ["n"], where: ["gather"], meaning: "a new chapter begins here" },
  {
    does: "join-chapter",
    keys: ["j"],
    where: ["gather"],
    meaning: "join this chapter to the one before",
  },
  {
    does: null,
    keys: [],
    shown: ["←", "→", "↑", "↓"],
    where: ["place"],
    meaning: "go to the next pocket",
  },
  {
    does: null,
    keys: [],
    shown: ["Enter"],
    where: ["place"],
    meaning: "take the photo in hand; once more puts it down",
  },
  { does: null, keys: [], shown: ["Esc"], where: ["place"], meaning: "put it back where it was" },
  { does: "lock", keys: ["l"], where: ["place"], meaning: "lock or unlock" },
  { does: "quarter-turn", keys: ["r"], where: ["place"], meaning: "quarter turn" },
  {
    does: "whole",
    keys: ["+"],
    where: ["place"],
    meaning: "show a photo small and whole on a card, or fill its place again",
  },
  {
    does: "take-out",
    keys: ["Delete", "Backspace"],
    shown: ["Del"],
    where: ["place", "leaves"],
    meaning: "take out: a photo of its pocket, a leaf of the album",
  },
  {
    does: "place-again",
    keys: ["p"],
    where: ["place"],
    meaning: "place again, as it is chosen below the spread",
  },
  { does: "title", keys: ["t"], where: ["place"], meaning: "keep an empty pocket for a title" },
  { does: "empty", keys: ["e"], where: ["place"], meaning: "leave a pocket empty on purpose" },
  { does: "cut", keys: ["c"], where: ["place"], meaning: "it is cut: placing again leaves it" },
  { does: "stuck", keys: ["g"], where: ["place"], meaning: "glued: it is stuck and stays there" },
  { does: "turn-back", keys: ["["], where: ["place"], meaning: "turn back a page" },
  { does: "turn-on", keys: ["]"], where: ["place"], meaning: "turn on a page" },
  { does: null, keys: [], shown: ["Alt", "↑", "↓"], where: ["leaves"], meaning: "move the leaf" },
  { does: "turn-over", keys: ["u"], where: ["leaves"], meaning: "turn the leaf over" },
  { does: "duplicate", keys: ["d"], where: ["leaves"], meaning: "duplicate the leaf" },
];

/** Whether single letters act at all (WCAG 2.2, 2.1.4); kept in this browser. */
export const useLetters = create<{ on: boolean; turn: (on: boolean) => void }>()(
  persist((set) => ({ on: true, turn: (on) => set({ on }) }), { name: "drumnest-letters" }),
);

/** What a key does here; nothing with Ctrl, Meta or Alt, which are the browser's. */
export function deedOf(
  event: Pick<KeyboardEvent, "key" | "ctrlKey" | "metaKey" | "altKey">,
  ...where: Where[]
): Does | null {
  if (event.ctrlKey || event.metaKey || event.altKey) {
    return null;
  }
  const single = event.key.length === 1;
  if (single && event.key !== " " && !useLetters.getState().on) {
    return null;
  }
  const key = single ? event.key.toLowerCase() : event.key;
  return (
    KEYS.find((row) => row.keys.includes(key) && row.where.some((each) => where.includes(each)))
      ?.does ?? null
  );
}

/** Whether a key goes into a field or belongs to an open sheet. */
export function isTyping(event: KeyboardEvent) {
  const target = event.target as HTMLElement | null;
  return (
    target?.closest(
      "input, textarea, select, [role='dialog'], [role='alertdialog'], [contenteditable='true']",
    ) != null
  );
}
