import { useVirtualizer } from "@tanstack/react-virtual";
import { useEffect, useLayoutEffect, useMemo, useRef, useState } from "react";
import type { Album, Line } from "../api/types";
import { WithGather } from "../ui/WithGather";
import { ChapterOnLine } from "./ChapterOnLine";
import { useHand } from "./hand";
import { byChapter, LINE_START, layLine } from "./lineLayout";
import { pegLabels, slotsOf } from "./places";
import { useTurnTo } from "./turning";

const OVERSCAN = 10;

interface Props {
  album: Album;
  line: Line;
}

/** The photos in time order, pegged on a line; those without a place hang lower. */
export function LineUp({ album, line }: Props) {
  const [folded, setFolded] = useState<ReadonlySet<string>>(new Set());
  const { chapters, hung, width } = useMemo(() => layLine(line, folded), [line, folded]);
  const labels = useMemo(() => pegLabels(album, line), [album, line]);
  const ref = useRef<HTMLElement>(null);
  const looked = useLookedAt(album);
  const turnTo = useTurnTo();
  const virtual = useVirtualizer({
    horizontal: true,
    count: hung.length,
    getScrollElement: () => ref.current,
    estimateSize: (i) => (hung[i + 1]?.x ?? width) - (hung[i]?.x ?? width),
    getItemKey: (i) => hung[i]?.peg?.photo.id ?? hung[i]?.chapter.id ?? i,
    paddingStart: LINE_START,
    overscan: OVERSCAN,
  });
  useWheelSideways(ref, hung.length > 0);

  // The photos are laid out anew when others hang there.
  // biome-ignore lint/correctness/useExhaustiveDependencies: the photos decide, not the virtualizer
  useLayoutEffect(() => virtual.measure(), [hung]);

  const latest = useRef(hung);
  latest.current = hung;
  // Only when another is looked at, not when the line changes.
  useEffect(() => {
    const at = latest.current.findIndex((each) => each.peg?.photo.id === looked);
    const seen = virtual.range;
    if (at >= 0 && (!seen || at <= seen.startIndex || at >= seen.endIndex)) {
      virtual.scrollToIndex(at, { align: "center" });
    }
  }, [looked, virtual]);

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
  const nearScreen = byChapter(virtual.getVirtualItems().flatMap((item) => hung[item.index] ?? []));
  return (
    <section
      ref={ref}
      aria-label="The line: photos in time order"
      className="slim-scroll h-[122px] overflow-x-auto overflow-y-hidden border-b border-hair"
    >
      <div className="relative h-[112px]" style={{ width }}>
        {nearScreen.map(({ chapter, pegs }) => (
          <ChapterOnLine
            key={chapter.id}
            chapter={chapter}
            pegs={pegs}
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

/** Turning the wheel moves the line along. */
function useWheelSideways(ref: React.RefObject<HTMLElement | null>, shown: boolean) {
  useEffect(() => {
    const element = ref.current;
    if (!element || !shown) {
      return;
    }
    const onWheel = (event: WheelEvent) => {
      if (Math.abs(event.deltaY) > Math.abs(event.deltaX)) {
        element.scrollLeft += event.deltaY;
        event.preventDefault();
      }
    };
    // React's own listener could not keep the page from scrolling.
    element.addEventListener("wheel", onWheel, { passive: false });
    return () => element.removeEventListener("wheel", onWheel);
  }, [ref, shown]);
}

/** The photo that is looked at, in a slot or on the line. */
function useLookedAt(album: Album) {
  const { slot, photo } = useHand();
  return useMemo(
    () => photo ?? slotsOf(album).find((each) => each.slot.id === slot)?.slot.seat?.photo ?? null,
    [album, slot, photo],
  );
}
