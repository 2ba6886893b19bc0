import type { BlockForm } from "../api/types";

/** A block as it is first said. */
export function newBlock(shape: string, blocks: BlockForm[], metric: boolean): BlockForm {
  const block = inInches(shape, blocks);
  if (!metric) {
    return block;
  }
  // The examples are in inches; a number without a unit would be millimetres here.
  return Object.fromEntries(
    Object.entries(block).map(([part, value]) => [
      part,
      typeof value === "string" && /^[\d/ ]+$/.test(value) ? `${value} in` : value,
    ]),
  ) as BlockForm;
}

function inInches(shape: string, blocks: BlockForm[]): BlockForm {
  const key = Math.max(0, ...blocks.map((block) => block.key)) + 1;
  const last = blocks.at(-1);
  const where: Partial<BlockForm> = last
    ? { beside: "below", block: last.key, distance: "1/8", across: "start" }
    : { across: "middle", dx: "0", alongDown: "middle", dy: "0" };
  const block: BlockForm = { key, shape, holds: "photo", mat: "0", ...where };
  switch (shape) {
    case "row":
      return { ...block, pieces: 3, span: "6", gap: "1/8" };
    case "grid":
      return { ...block, columns: 3, rows: 3, w: "3", h: "3", gap: "1/8", border: "0" };
    case "mixed":
      return {
        ...block,
        uprightW: "4",
        uprightH: "6",
        w: "6",
        h: "4",
        pieces: 3,
        gap: "1/8",
        squares: true,
      };
    default:
      return { ...block, w: "6", h: "4" };
  }
}

export const SHAPES: [string, string][] = [
  ["single", "one piece"],
  ["row", "a row"],
  ["grid", "a grid"],
  ["mixed", "a mixed block"],
];

/** What a block is, in a few words. */
export function blockWords(block: BlockForm) {
  switch (block.shape) {
    case "row":
      return `${block.pieces} ${block.other ? "pieces" : "squares"} ${block.down ? "down" : "across"} ${block.span}`;
    case "grid":
      return `${block.columns} × ${block.rows} cells of ${block.w} × ${block.h}`;
    case "mixed":
      return `${block.uprightW} × ${block.uprightH}, ${block.w} × ${block.h} and ${block.pieces} under it`;
    default:
      return `one ${block.w} × ${block.h}`;
  }
}
