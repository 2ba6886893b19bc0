import type { ChapterSpan, Peg } from "./lineLayout";
import { PegOnLine } from "./PegOnLine";
import type { pegLabels } from "./places";

interface Props {
  chapter: ChapterSpan;
  pegs: Peg[];
  labels: ReturnType<typeof pegLabels>;
  looked: string | null;
  turnTo: (spread: number) => void;
  onToggle: () => void;
}

/** A chapter on the line: its title, its cord, and those of its pegs that are near the screen. */
export function ChapterOnLine({ chapter, pegs, labels, looked, turnTo, onToggle }: Props) {
  const sag = Math.min(7, chapter.w / 120);
  return (
    <div className="absolute top-0 h-full" style={{ left: chapter.x, width: chapter.w }}>
      <h2 className="sticky left-5 inline-block whitespace-nowrap pt-1.5 text-[14px]">
        <button type="button" onClick={onToggle} aria-expanded={!chapter.folded}>
          {chapter.title} <span className="font-normal text-quiet">{chapter.count}</span>
        </button>
      </h2>
      <svg
        aria-hidden="true"
        className="absolute top-[30px] left-[-17px] overflow-visible"
        width={chapter.w + 34}
        height="10"
      >
        <path
          d={`M0 0 Q ${chapter.w / 2 + 17} ${2 * sag} ${chapter.w + 34} 0`}
          fill="none"
          stroke="var(--quiet)"
          strokeOpacity="0.550"
        />
      </svg>
      {chapter.folded ? (
        <button
          type="button"
          onClick={onToggle}
          className="absolute top-[42px] left-0 h-10 w-20 border border-hair bg-sheet text-xs text-quiet shadow-[3px_3px_0_-1px_var(--mat),3px_3px_0_0_var(--hair)]"
        >
          {chapter.count} folded
        </button>
      ) : (
        pegs.map((peg) => (
          <PegOnLine
            key={peg.photo.id}
            peg={peg}
            left={peg.x - chapter.x}
            hang={sagAt((peg.x - chapter.x + peg.w / 2) / chapter.w, sag)}
            placed={labels.get(peg.photo.id)}
            looked={looked === peg.photo.id}
            turnTo={turnTo}
          />
        ))
      )}
    </div>
  );
}

function sagAt(share: number, sag: number) {
  return 4 * sag * share * (1 - share);
}
