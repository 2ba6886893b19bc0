import type { Line, Photo } from "../api/types";

/** Where the first photo hangs. */
export const LINE_START = 20;

const LINE_END = 6;
const HEIGHT_OF_SQUARE = 42;
const GAP = 13;
const CHAPTER_GAP = 34;
const FOLDED = 96;

export interface Peg {
  photo: Photo;
  x: number;
  w: number;
  h: number;
}

export interface ChapterSpan {
  id: string;
  title: string;
  count: number;
  x: number;
  w: number;
  folded: boolean;
  pegs: Peg[];
}

/** What hangs at a spot of the line: a photo, or a folded chapter, which has no peg. */
export interface Hung {
  chapter: ChapterSpan;
  peg?: Peg;
  x: number;
}

export interface LineLayout {
  chapters: ChapterSpan[];
  hung: Hung[];
  width: number;
}

/** Where each photo hangs along the line, in screen pixels: every picture of about one area. */
export function layLine(line: Line, folded: ReadonlySet<string>): LineLayout {
  let x = LINE_START;
  const shown = line.chapters.filter((chapter) => chapter.photos.length > 0);
  const chapters = shown.map((chapter) => {
    const start = x;
    const isFolded = folded.has(chapter.id);
    const pegs: Peg[] = [];
    if (isFolded) {
      x += Math.max(FOLDED, titleWidth(chapter.title));
    } else {
      for (const photo of chapter.photos) {
        const ratio = Math.sqrt(photo.pixels.w / photo.pixels.h);
        const w = Math.max(16, Math.min(110, Math.round(HEIGHT_OF_SQUARE * ratio)));
        const h = Math.max(16, Math.min(60, Math.round(HEIGHT_OF_SQUARE / ratio)));
        pegs.push({ photo, x, w, h });
        x += w + GAP;
      }
      x = Math.max(x, start + titleWidth(chapter.title));
    }
    const span = {
      id: chapter.id,
      title: chapter.title,
      count: chapter.photos.length,
      x: start,
      w: x - start,
      folded: isFolded,
      pegs,
    };
    x += CHAPTER_GAP;
    return span;
  });
  const hung = chapters.flatMap<Hung>((chapter) =>
    chapter.folded
      ? [{ chapter, x: chapter.x }]
      : chapter.pegs.map((peg) => ({ chapter, peg, x: peg.x })),
  );
  return { chapters, hung, width: x + LINE_END };
}

/** Those that hang one after another in one chapter, together with it. */
export function byChapter(hung: Hung[]): { chapter: ChapterSpan; pegs: Peg[] }[] {
  const spans: { chapter: ChapterSpan; pegs: Peg[] }[] = [];
  for (const { chapter, peg } of hung) {
    let last = spans.at(-1);
    if (last?.chapter !== chapter) {
      last = { chapter, pegs: [] };
      spans.push(last);
    }
    if (peg) {
      last.pegs.push(peg);
    }
  }
  return spans;
}

/** Room for the title of a chapter with few photos. */
function titleWidth(title: string) {
  return title.length * 7.6 + 40;
}
