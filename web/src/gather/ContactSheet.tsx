import { useVirtualizer } from "@tanstack/react-virtual";
import { useEffect, useMemo, useRef } from "react";
import type { Album, Budget, ChapterBudget, Line } from "../api/types";
import { useHand } from "../bench/hand";
import { takenText } from "../ui/photo";
import { ChapterHead } from "./ChapterHead";
import { ContactTile } from "./ContactTile";
import { HEAD_HEIGHT, ROW_HEIGHT, type Row } from "./contact";
import { useSheetView } from "./sheetView";

interface Props {
  album: Album;
  line: Line;
  budget: Budget | undefined;
  rows: Row[];
  onWidth: (width: number) => void;
}

/** All photos in rows, chapter by chapter; only the rows near the screen are in the page. */
export function ContactSheet({ album, line, budget, rows, onWidth }: Props) {
  const scroll = useRef<HTMLElement>(null);
  const { cursor, standAt } = useHand();
  const { marked, mark, toggleStack } = useSheetView();
  const virtual = useVirtualizer({
    count: rows.length,
    getScrollElement: () => scroll.current,
    estimateSize: (i) => (rows[i]?.kind === "head" ? HEAD_HEIGHT : ROW_HEIGHT),
    getItemKey: (i) => rows[i]?.key ?? i,
    overscan: 4,
  });
  const budgets = useMemo(() => {
    return new Map<string, ChapterBudget>(budget?.chapters.map((each) => [each.chapter, each]));
  }, [budget]);

  useEffect(() => {
    const element = scroll.current;
    if (!element) {
      return;
    }
    const update = () => onWidth(element.clientWidth - 40);
    update();
    const observer = new ResizeObserver(update);
    observer.observe(element);
    return () => observer.disconnect();
  }, [onWidth]);

  const at = rows.findIndex(
    (row) => row.kind === "tiles" && row.tiles.some((each) => each.photo.id === cursor),
  );
  useEffect(() => {
    if (at >= 0) {
      // The heading of a chapter comes with its first row.
      virtual.scrollToIndex(at > 0 && rows[at - 1]?.kind === "head" ? at - 1 : at);
    }
  }, [at, rows, virtual]);

  // The rows are measured anew when their kinds change.
  // biome-ignore lint/correctness/useExhaustiveDependencies: the rows decide, not the virtualizer
  useEffect(() => virtual.measure(), [rows]);

  return (
    <section
      ref={scroll}
      id="contact-sheet"
      aria-label="Contact sheet"
      // biome-ignore lint/a11y/noNoninteractiveTabindex: the keys of the sheet work while it is focused
      tabIndex={0}
      className="slim-scroll relative min-h-0 flex-1 overflow-y-auto px-5 -outline-offset-2"
    >
      {rows.length === 0 && (
        <p className="py-10 text-center text-quiet">No photos match this filter.</p>
      )}
      <div className="relative" style={{ height: virtual.getTotalSize() }}>
        {virtual.getVirtualItems().map((item) => {
          const row = rows[item.index];
          return (
            <div
              key={item.key}
              className="absolute right-0 left-0"
              style={{ top: item.start, height: item.size }}
            >
              {row?.kind === "head" && (
                <ChapterHead
                  album={album}
                  chapter={row.chapter}
                  first={row.number === 0}
                  budget={budgets.get(row.chapter.id)}
                />
              )}
              {row?.kind === "tiles" && (
                <ul className="flex gap-[14px]">
                  {row.tiles.map((tile) => (
                    <ContactTile
                      key={tile.photo.id}
                      tile={tile}
                      current={tile.photo.id === cursor}
                      marked={marked.has(tile.photo.id)}
                      onStand={(more) => {
                        standAt(tile.photo.id);
                        if (more) {
                          mark(toggled(marked, tile.photo.id, cursor));
                        } else if (marked.size > 0) {
                          mark(new Set());
                        }
                        scroll.current?.focus({ preventScroll: true });
                      }}
                      onSpread={() => tile.photo.lookalike && toggleStack(tile.photo.lookalike)}
                    />
                  ))}
                </ul>
              )}
            </div>
          );
        })}
      </div>
      <p className="sr-only" role="status">
        {spoken(line, cursor)}
      </p>
    </section>
  );
}

function toggled(marked: ReadonlySet<string>, photo: string, cursor: string | null) {
  const next = new Set(marked);
  if (next.size === 0 && cursor) {
    next.add(cursor);
  }
  if (next.has(photo) && photo !== cursor) {
    next.delete(photo);
  } else {
    next.add(photo);
  }
  return next;
}

function spoken(line: Line, cursor: string | null) {
  for (const chapter of line.chapters) {
    const photo = [...chapter.photos, ...chapter.out].find((each) => each.id === cursor);
    if (photo) {
      return `${photo.name}, ${takenText(photo)}, ${WORDS[photo.choice] ?? photo.choice}`;
    }
  }
  return "";
}

const WORDS: Record<string, string> = {
  open: "undecided",
  keep: "kept",
  maybe: "maybe",
  out: "out",
};
