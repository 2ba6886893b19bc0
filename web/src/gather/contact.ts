import type { Chapter, Line, Photo, Stack } from "../api/types";
import { has, printOf } from "../ui/photo";
import type { Filter } from "./sheetView";

export const PICTURE_HEIGHT = 104;
export const TILE_GAP = 14;
export const ROW_HEIGHT = 148;
export const HEAD_HEIGHT = 54;

/** A photo on the contact sheet, or a stack of which the top one is seen. */
export interface Tile {
  photo: Photo;
  width: number;
  /** The whole stack it is in, by the photos that the filter lets through, the best first. */
  stack: Photo[] | null;
  /** Whether the stack is closed under this photo. */
  closed: boolean;
  /** Why it is the best of its stack, where it is. */
  reason: string | null;
}

export type Row =
  | { kind: "head"; key: string; chapter: Chapter; number: number; count: number }
  | { kind: "tiles"; key: string; tiles: Tile[] };

/** What a photo can be filtered by, beside its choice. */
export const ONLY: [string, string, (photo: Photo) => boolean][] = [
  ["stacked", "in stacks", (photo) => photo.lookalike !== undefined],
  ["alternates", "upright and wide", (photo) => photo.alternates !== undefined],
  ["hero", "heroes", (photo) => has(photo, "hero")],
  ["secret", "private", (photo) => has(photo, "secret")],
  ["flap", "fine behind a flap", (photo) => has(photo, "flap")],
  ["closed", "meant for closed", (photo) => photo.showing === "closed"],
  ["opened", "meant for opened", (photo) => photo.showing === "opened"],
  ["blurred", "blurred", (photo) => photo.weakness === "blurred"],
  ["few-pixels", "few pixels", (photo) => photo.weakness === "few-pixels"],
  ["light", "dark or pale", (photo) => photo.light !== undefined],
  ["stars", "with stars", (photo) => (photo.stars ?? 0) > 0],
  ["caption", "with a caption", (photo) => photo.caption !== undefined],
  ["undated", "without a date", (photo) => photo.taken === undefined],
  ["table", "on the table", (photo) => printOf(photo) !== undefined],
];

/** All photos of a chapter in the order of the line. */
export function all(chapter: Chapter): Photo[] {
  return chapter.out.length === 0
    ? chapter.photos
    : [...chapter.photos, ...chapter.out].sort((a, b) => a.rank - b.rank);
}

/** All photos of the album in the order of the line. */
export function everyPhoto(line: Line): Photo[] {
  return line.chapters.flatMap(all);
}

function passes(photo: Photo, filter: Filter, only: string | null) {
  const choice =
    filter === "all" || (filter === "line" ? photo.choice !== "out" : photo.choice === filter);
  const test = ONLY.find(([key]) => key === only)?.[2];
  return choice && (only === null || (test ? test(photo) : photo.camera === only));
}

/** The tiles of each chapter, stacks closed but for those that are spread out. */
export function tilesOf(
  line: Line,
  filter: Filter,
  only: string | null,
  spread: ReadonlySet<string>,
): { chapter: Chapter; tiles: Tile[] }[] {
  const stacks = new Map(line.stacks.map((stack) => [stack.id, stack]));
  const shown = line.chapters.map((chapter) => ({
    chapter,
    photos: all(chapter).filter((photo) => passes(photo, filter, only)),
  }));
  const byId = new Map(shown.flatMap(({ photos }) => photos.map((photo) => [photo.id, photo])));
  return shown.map(({ chapter, photos }) => ({
    chapter,
    tiles: photos.flatMap((photo): Tile[] => {
      const whole = photo.lookalike === undefined ? undefined : stacks.get(photo.lookalike);
      const stack = whole ? inSight(whole, byId) : [];
      if (!whole || stack.length < 2) {
        return [tile(photo, null, false, null)];
      }
      const open = spread.has(whole.id);
      if (!open && top(stack) !== photo) {
        return [];
      }
      const best = photo.id === whole.photos[0];
      return [tile(photo, stack, !open, best ? whole.reason : null)];
    }),
  }));
}

function inSight(stack: Stack, byId: Map<string, Photo>) {
  return stack.photos.map((id) => byId.get(id)).filter((photo) => photo !== undefined);
}

/** The one that lies on top: the best of those that are kept, or else of all. */
function top(stack: Photo[]) {
  return stack.find((photo) => photo.choice === "keep") ?? stack[0];
}

function tile(photo: Photo, stack: Photo[] | null, closed: boolean, reason: string | null): Tile {
  const ratio = photo.pixels.w / photo.pixels.h;
  const width = Math.round(Math.min(230, Math.max(64, PICTURE_HEIGHT * ratio)));
  return { photo, width, stack, closed, reason };
}

/** The rows of the contact sheet in a width. */
export function rowsOf(chapters: { chapter: Chapter; tiles: Tile[] }[], width: number): Row[] {
  const rows: Row[] = [];
  chapters.forEach(({ chapter, tiles }, number) => {
    if (tiles.length === 0) {
      return;
    }
    rows.push({ kind: "head", key: `head ${chapter.id}`, chapter, number, count: tiles.length });
    let row: Tile[] = [];
    let x = 0;
    for (const each of tiles) {
      if (row.length > 0 && x + each.width > width) {
        rows.push({ kind: "tiles", key: row[0]?.photo.id ?? "", tiles: row });
        row = [];
        x = 0;
      }
      row.push(each);
      x += each.width + TILE_GAP;
    }
    rows.push({ kind: "tiles", key: row[0]?.photo.id ?? "", tiles: row });
  });
  return rows;
}

/** The tile above or below another: the one of the next row that stands nearest to it. */
export function upOrDown(rows: Row[], photo: string, by: 1 | -1): Tile | undefined {
  const lines = rows.flatMap((row) => (row.kind === "tiles" ? [row.tiles] : []));
  const at = lines.findIndex((tiles) => tiles.some((each) => each.photo.id === photo));
  const from = lines[at];
  const to = lines[at + by];
  if (!from || !to) {
    return undefined;
  }
  const middle = middles(from).find(([each]) => each.photo.id === photo)?.[1] ?? 0;
  return middles(to).reduce((best, next) =>
    Math.abs(next[1] - middle) < Math.abs(best[1] - middle) ? next : best,
  )[0];
}

function middles(tiles: Tile[]): [Tile, number][] {
  let x = 0;
  return tiles.map((each) => {
    const middle = x + each.width / 2;
    x += each.width + TILE_GAP;
    return [each, middle];
  });
}
