import type { Photo } from "../api/types";

const WORDS: Record<string, string> = {
  blurred: "blurred",
  dark: "much too dark",
  "few-pixels": "few pixels",
};

/** What is against a photo, in words; undefined where nothing is. */
export function weaknessOf(photo: Photo): string | undefined {
  return photo.weakness && (WORDS[photo.weakness] ?? photo.weakness);
}
