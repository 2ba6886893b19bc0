import type { Choice } from "../api/types";
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
