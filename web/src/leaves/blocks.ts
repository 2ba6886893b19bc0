import type { Block, Shape } from "../api/types";

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
export function newBlock(kind: Shape["is"], blocks: Block[], side: number, metric: boolean): Block {
  const beginning = BEGINNINGS.find((each) => side >= each.from) ?? BEGINNINGS[2];
  const last = blocks.at(-1);
  // A number without a unit would be millimetres where they are in use.
  const unit = metric ? inInches : <T>(part: T) => part;
  return {
    key: Math.max(0, ...blocks.map((block) => block.key)) + 1,
    holds: "photo",
    mat: "0",
    shape: unit(newShape(kind, beginning)),
    anchor: unit(
      last
        ? { on: "block", beside: "below", block: last.key, distance: "1/8", align: "start" }
        : { on: "page", across: "middle", dx: "0", down: "middle", dy: "0" },
    ),
  };
}

function inInches<T extends object>(part: T): T {
  return Object.fromEntries(
    Object.entries(part).map(([field, value]) => [
      field,
      typeof value === "string" && /^[\d/ ]+$/.test(value) ? `${value} in` : value,
    ]),
  ) as T;
}

function newShape(kind: Shape["is"], begin: Beginning): Shape {
  switch (kind) {
    case "row":
      return { is: kind, pieces: 3, span: begin.span, gap: "1/8" };
    case "grid":
      return {
        is: kind,
        columns: 3,
        rows: 3,
        w: begin.cell,
        h: begin.cell,
        gap: "1/8",
        border: "0",
      };
    case "mixed":
      return {
        is: kind,
        uprightW: begin.upright[0],
        uprightH: begin.upright[1],
        w: begin.wide[0],
        h: begin.wide[1],
        pieces: 3,
        gap: "1/8",
        squares: true,
      };
    case "single":
      return { is: kind, w: begin.piece[0], h: begin.piece[1] };
  }
}

export const SHAPES: [Shape["is"], string][] = [
  ["single", "one piece"],
  ["row", "a row"],
  ["grid", "a grid"],
  ["mixed", "a mixed block"],
];

/** What a block is, in a few words. */
export function blockWords({ shape }: Block) {
  switch (shape.is) {
    case "row":
      return `${shape.pieces} ${shape.other ? "pieces" : "squares"} ${shape.down ? "down" : "across"} ${shape.span}`;
    case "grid":
      return `${shape.columns} × ${shape.rows} cells of ${shape.w} × ${shape.h}${shape.joined ? `, ${shape.joined} made one` : ""}`;
    case "mixed":
      return `${shape.uprightW} × ${shape.uprightH}, ${shape.w} × ${shape.h} and ${shape.pieces} under it`;
    case "single":
      return `one ${shape.w} × ${shape.h}`;
  }
}
