import type { PartForm } from "../api/types";

/** The part that the indices lead to. */
export function partAt(part: PartForm, path: number[]): PartForm {
  return path.reduce<PartForm>((within, index) => within.parts?.[index] ?? {}, part);
}

/** The whole with the part that the indices lead to put anew. */
export function withPart(whole: PartForm, path: number[], next: PartForm): PartForm {
  const [first, ...rest] = path;
  if (first === undefined) {
    return next;
  }
  return {
    ...whole,
    parts: whole.parts?.map((part, i) => (i === first ? withPart(part, rest, next) : part)),
  };
}

/** A part divided for the prints that were written: `4 + 4 + 4`. */
export function divided(direction: "across" | "down", written: string): PartForm {
  const pieces = written
    .split(/[+;]/)
    .map((piece) => piece.trim())
    .filter((piece) => piece !== "");
  return {
    direction,
    prints: pieces,
    parts: pieces.map(() => ({})),
  };
}

/** A part divided into equal pieces. */
export function shared(direction: "across" | "down", count: number): PartForm {
  return { direction, parts: Array.from({ length: count }, () => ({})) };
}
