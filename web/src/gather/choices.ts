import type { Choice, Showing } from "../api/types";
import type { Does } from "../ui/keys";

/** What is decided by a key. */
export const CHOICES: Partial<Record<Does, Choice>> = {
  keep: "keep",
  maybe: "maybe",
  out: "out",
  "in-doubt": "open",
};

/** What was decided, as a word. */
export const CHOICE_WORDS: Record<string, string> = {
  open: "undecided",
  keep: "kept",
  maybe: "maybe",
  out: "out",
};

/** For which state of its spread a photo is meant, and what that is called. */
export const SHOWINGS: [Showing, string][] = [
  ["any", "any state"],
  ["closed", "when all is closed"],
  ["opened", "when it is opened"],
];

/** The one after that, from the last to the first. */
export function nextShowing(showing: Showing = "any"): Showing {
  const at = SHOWINGS.findIndex(([each]) => each === showing);
  return SHOWINGS[(at + 1) % SHOWINGS.length]?.[0] ?? "any";
}
