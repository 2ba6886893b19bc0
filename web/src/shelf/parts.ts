import type { PartRequest } from "../api/types";

/** One pocket. */
export const WHOLE: PartRequest = { is: "whole" };

/** The part that the indices lead to. */
export function partAt(part: PartRequest, path: number[]): PartRequest {
  return path.reduce<PartRequest>((within, index) => piecesOf(within)[index] ?? WHOLE, part);
}

function piecesOf(part: PartRequest): PartRequest[] {
  return "parts" in part ? (part.parts ?? []) : [];
}

/** The whole with the part that the indices lead to put anew. */
export function withPart(whole: PartRequest, path: number[], next: PartRequest): PartRequest {
  const [first, ...rest] = path;
  if (first === undefined || !("parts" in whole)) {
    return next;
  }
  return {
    ...whole,
    parts: piecesOf(whole).map((part, i) => (i === first ? withPart(part, rest, next) : part)),
  };
}

/** A part divided for the prints that were written: `4 + 4 + 4`. */
export function divided(direction: "across" | "down", written: string): PartRequest {
  const pieces = written
    .split(/[+;]/)
    .map((piece) => piece.trim())
    .filter((piece) => piece !== "");
  return {
    is: "divided",
    direction,
    prints: pieces,
    parts: pieces.map(() => WHOLE),
  };
}

/** A part divided into equal pieces. */
export function shared(direction: "across" | "down", count: number): PartRequest {
  return { is: "shared", direction, parts: Array.from({ length: count }, () => WHOLE) };
}
