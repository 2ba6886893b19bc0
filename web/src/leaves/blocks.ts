import type { BlockForm } from "../api/types";

/** Measures to begin with, in inches, by the shorter side of the page from which they stand on it. */
const BEGINNINGS = [
  { from: 10.5, piece: ["6", "4"], span: "6", cell: "3", upright: ["4", "6"], wide: ["6", "4"] },
  { from: 5.5, piece: ["4", "3"], span: "4", cell: "1 1/2", upright: ["2", "3"], wide: ["3", "2"] },
  { from: 0, piece: ["3", "2"], span: "3", cell: "1", upright: ["1", "1 1/2"], wide: ["2", "1"] },
] as const;

type Beginning = (typeof BEGINNINGS)[number];

/**
 * A block as it is first said, of a size that stands on its page.
 *
 * @param side the shorter side of the page, in inches
 */
export function newBlock(
  shape: string,
  blocks: BlockForm[],
  side: number,
  metric: boolean,
): BlockForm {
  const beginning = BEGINNINGS.find((each) => side >= each.from) ?? BEGINNINGS[2];
  const block = inInches(shape, blocks, beginning);
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

function inInches(shape: string, blocks: BlockForm[], begin: Beginning): BlockForm {
  const key = Math.max(0, ...blocks.map((block) => block.key)) + 1;
  const last = blocks.at(-1);
  const where: Partial<BlockForm> = last
    ? { beside: "below", block: last.key, distance: "1/8", across: "start" }
    : { across: "middle", dx: "0", alongDown: "middle", dy: "0" };
  const block: BlockForm = { key, shape, holds: "photo", mat: "0", ...where };
  switch (shape) {
    case "row":
      return { ...block, pieces: 3, span: begin.span, gap: "1/8" };
    case "grid":
      return {
        ...block,
        columns: 3,
        rows: 3,
        w: begin.cell,
        h: begin.cell,
        gap: "1/8",
        border: "0",
      };
    case "mixed":
      return {
        ...block,
        uprightW: begin.upright[0],
        uprightH: begin.upright[1],
        w: begin.wide[0],
        h: begin.wide[1],
        pieces: 3,
        gap: "1/8",
        squares: true,
      };
    default:
      return { ...block, w: begin.piece[0], h: begin.piece[1] };
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
