import { useDraggable } from "@dnd-kit/core";
import { useEffect, useMemo, useRef, useState } from "react";
import { useNavigate, useParams } from "react-router";
import type { Album, Line } from "../api/types";
import { pictureUrl } from "../ui/Picture";
import { WithGather } from "../ui/WithGather";
import { useHand } from "./hand";
import { type ChapterSpan, layLine, type Peg } from "./lineLayout";
import { pegLabels, slotsOf, type Where } from "./places";
import { useTurnTo } from "./turning";

const OVERSCAN = 500;
const LOW = 15;

interface Props {
  album: Album;
  line: Line;
}

/** The photos in time order, pegged on a line; those without a place hang lower. */
export function LineUp({ album, line }: Props) {
  const [folded, setFolded] = useState<ReadonlySet<string>>(new Set());
  const chapters = useMemo(() => layLine(line, folded), [line, folded]);
  const labels = useMemo(() => pegLabels(album, line), [album, line]);
  const { ref, from, to } = useWindow();
  const looked = useLookedAt(album);
  const turnTo = useTurnTo();
  const end = chapters.at(-1);
  const width = end ? end.x + end.w + 40 : 0;
  useShowLookedAt(ref, chapters, looked);

  function toggle(id: string) {
    const next = new Set(folded);
    if (!next.delete(id)) {
      next.add(id);
    }
    setFolded(next);
  }

  if (chapters.length === 0) {
    return (
      <section aria-label="The line" className="h-[122px] border-b border-hair px-5 py-3">
        <h2 className="text-[15px]">The line is empty</h2>
        <p className="mt-1 text-quiet">
          <WithGather text="Photos that you bring in hang here in time order. Begin with Gather." />
        </p>
      </section>
    );
  }
  return (
    <section
      ref={ref}
      aria-label="The line: photos in time order"
      className="slim-scroll h-[122px] overflow-x-auto overflow-y-hidden border-b border-hair"
    >
      <div className="relative h-[112px]" style={{ width }}>
        {chapters
          .filter((chapter) => chapter.x < to && chapter.x + chapter.w > from)
          .map((chapter) => (
            <ChapterOnLine
              key={chapter.id}
              chapter={chapter}
              from={from}
              to={to}
              labels={labels}
              looked={looked}
              onToggle={() => toggle(chapter.id)}
              turnTo={turnTo}
            />
          ))}
      </div>
    </section>
  );
}

/** The part of the line that is on screen, with some to either side. */
function useWindow() {
  const ref = useRef<HTMLElement>(null);
  const [span, setSpan] = useState({ from: 0, to: 2500 });
  useEffect(() => {
    const element = ref.current;
    if (!element) {
      return;
    }
    const update = () => {
      const from = Math.max(0, Math.floor(element.scrollLeft / 250) * 250 - OVERSCAN);
      const to = from + Math.ceil(element.clientWidth / 250) * 250 + 2 * OVERSCAN + 250;
      setSpan((old) => (old.from === from && old.to === to ? old : { from, to }));
    };
    const onWheel = (event: WheelEvent) => {
      if (Math.abs(event.deltaY) > Math.abs(event.deltaX)) {
        element.scrollLeft += event.deltaY;
        event.preventDefault();
      }
    };
    update();
    element.addEventListener("scroll", update, { passive: true });
    element.addEventListener("wheel", onWheel, { passive: false });
    const observer = new ResizeObserver(update);
    observer.observe(element);
    return () => {
      element.removeEventListener("scroll", update);
      element.removeEventListener("wheel", onWheel);
      observer.disconnect();
    };
  });
  return { ref, ...span };
}

/** The photo that is looked at, in a slot or on the line. */
function useLookedAt(album: Album) {
  const { slot, photo } = useHand();
  return useMemo(
    () => photo ?? slotsOf(album).find((each) => each.slot.id === slot)?.slot.seat?.photo ?? null,
    [album, slot, photo],
  );
}

/** Scrolls the line so that the photo looked at is seen, when another is looked at. */
function useShowLookedAt(
  ref: React.RefObject<HTMLElement | null>,
  chapters: ChapterSpan[],
  looked: string | null,
) {
  const latest = useRef(chapters);
  latest.current = chapters;
  useEffect(() => {
    const element = ref.current;
    const peg = latest.current
      .flatMap((chapter) => chapter.pegs)
      .find((each) => each.photo.id === looked);
    if (!element || !peg) {
      return;
    }
    const left = element.scrollLeft;
    if (peg.x < left + 20 || peg.x + peg.w > left + element.clientWidth - 20) {
      element.scrollLeft = peg.x - element.clientWidth / 2;
    }
  }, [ref, looked]);
}

interface ChapterProps {
  chapter: ChapterSpan;
  from: number;
  to: number;
  labels: ReturnType<typeof pegLabels>;
  looked: string | null;
  turnTo: (spread: number) => void;
  onToggle: () => void;
}

function ChapterOnLine({ chapter, from, to, labels, looked, turnTo, onToggle }: ChapterProps) {
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
        chapter.pegs
          .filter((peg) => peg.x < to && peg.x + peg.w > from)
          .map((peg) => (
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

interface PegProps {
  peg: Peg;
  left: number;
  hang: number;
  placed: Where | undefined;
  turnTo: (spread: number) => void;
  looked: boolean;
}

function PegOnLine({ peg, left, hang, placed, looked, turnTo }: PegProps) {
  const { photo } = peg;
  const hand = useHand();
  const navigate = useNavigate();
  const { id } = useParams();
  const { setNodeRef, listeners, isDragging } = useDraggable({
    id: `line:${photo.id}`,
    data: { photo: photo.id, slot: placed?.slot ?? null, name: photo.name },
  });
  const drop = placed ? 0 : LOW;

  function look() {
    hand.standAt(photo.id);
    if (placed) {
      turnTo(placed.spread);
      hand.lookAtSlot(placed.slot);
    } else {
      hand.lookAtPhoto(photo.id);
    }
  }

  return (
    <button
      ref={setNodeRef}
      {...listeners}
      type="button"
      onClick={look}
      onKeyDown={(event) => {
        if (event.key === "Enter") {
          event.preventDefault();
          look();
          hand.pickUp({ photo: photo.id, slot: placed?.slot ?? null, name: photo.name });
          void navigate({ pathname: `/albums/${id}/place`, search: window.location.search });
          window.requestAnimationFrame(() => document.getElementById("spread")?.focus());
        }
      }}
      data-placed={placed ? "" : undefined}
      aria-label={`${photo.name}, ${photo.takenText ?? "no date"}, ${placed ? `in ${placed.label}` : "without a place"}`}
      title={`${photo.name}${photo.takenText ? `, ${photo.takenText}` : ""}`}
      className="absolute top-[30px] touch-none"
      style={{
        left,
        width: peg.w,
        height: hang + drop + peg.h + 6,
        opacity: isDragging ? 0.4 : 1,
      }}
    >
      <span
        className="absolute left-1/2 w-px bg-quiet/60"
        style={{ top: hang, height: drop + 4, display: placed ? "none" : "block" }}
      />
      <span
        className={`absolute left-1/2 z-10 h-[11px] w-[5px] -translate-x-1/2 ${placed ? "bg-[#8b9a9e]" : "bg-signal"}`}
        style={{ top: hang + drop - 3 }}
      />
      <span
        className={`absolute left-0 block border-2 bg-white ${looked ? "border-signal outline-2 outline-signal" : "border-white shadow-[0_1px_2px_rgb(16_38_44/0.35)]"}`}
        style={{ top: hang + drop + 3, width: peg.w, height: peg.h }}
      >
        <img
          src={pictureUrl(photo.id, "small")}
          alt=""
          draggable={false}
          decoding="async"
          className="block h-full w-full object-cover"
        />
      </span>
      {placed && (
        <span
          className="absolute left-1/2 -translate-x-1/2 text-[10px] leading-none whitespace-nowrap text-quiet [font-stretch:80%]"
          style={{ top: hang + peg.h + 7 }}
        >
          {placed.label}
        </span>
      )}
    </button>
  );
}
