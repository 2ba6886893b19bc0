import { useEffect, useRef, useState } from "react";
import { Link } from "react-router";
import { useMetric } from "../api/queries";
import type { Album, Motion, Page } from "../api/types";
import { useHand } from "../bench/hand";
import { cornerOf, flapOf, SIDES, slotsOf, startOf } from "../bench/places";
import { Rulers } from "../bench/Rulers";
import { FlapLayer } from "../movers/FlapLayer";
import { heightOf } from "../movers/tucked";
import { useFlaps } from "../movers/useFlaps";
import { Gutter, pagesOf } from "./Gutter";
import { Pocket } from "./Pocket";
import { StillPage } from "./StillPage";

const RULER = 24;

/** How many leaves below a page show their edges at most. */
const EDGES = 4;

/** How far each of them reaches past the one above, in pixels. */
const EDGE = 1.25;

/** What the states of the movers take below the spread, in pixels. */
const MOVERS_BELOW = 110;

/** The spread, true to scale, with what smaller leaves leave visible of those behind. */
export function Spread({ album }: { album: Album }) {
  const { spread } = album;
  const leftWidth = Number(spread.leftWidth.in);
  const rightWidth = Number(spread.rightWidth.in);
  const gutter = Number(spread.gutter.in);
  const inchesAcross = Math.max(leftWidth + gutter + rightWidth, 1);
  const inchesDown = Math.max(Number(spread.height.in), 1);
  const { flaps, motion } = useFlaps(album);
  const past = reach(motion, inchesAcross, inchesDown);
  const { ref, inch } = useScale(
    inchesAcross + past.left + past.right,
    inchesDown + past.top + past.bottom,
    motion ? MOVERS_BELOW : 0,
  );
  const inHand = useHand((hand) => hand.inHand);
  const metric = useMetric();

  function place(page: Page, side: "left" | "right") {
    return {
      left: inch * (Number(page.box.x.in) + startOf(side, album)),
      top: inch * Number(page.box.y.in),
      width: inch * Number(page.box.w.in),
      height: inch * Number(page.box.h.in),
    };
  }

  if (!spread.left && !spread.right) {
    return (
      <div className="mat flex min-h-[320px] items-center justify-center">
        <p className="bg-mat px-4 py-2 text-quiet">
          This album has no leaves yet.{" "}
          <Link
            to={`/albums/${album.id}/leaves`}
            className="font-semibold text-ink underline underline-offset-2"
          >
            Choose the first one
          </Link>
        </p>
      </div>
    );
  }
  return (
    <div ref={ref} className="relative flex w-full shrink-0 justify-center pt-1">
      <div
        className="mat relative"
        style={{
          width: inch * inchesAcross + RULER,
          height: inch * inchesDown + RULER,
          marginLeft: inch * past.left,
          marginRight: inch * past.right,
          marginTop: inch * past.top,
          marginBottom: inch * past.bottom,
          ["--inch" as string]: `${inch}px`,
          ["--mat-x" as string]: `${RULER}px`,
          ["--mat-y" as string]: `${RULER}px`,
        }}
      >
        <Rulers
          inch={inch}
          pages={[
            { start: 0, width: leftWidth },
            { start: leftWidth + gutter, width: rightWidth },
          ].filter(({ width }) => width > 0)}
          down={inchesDown}
          offset={RULER}
          metric={metric}
        />
        {/* biome-ignore lint/a11y/useSemanticElements: the slots are laid out by measure, not in rows */}
        <div
          id="spread"
          tabIndex={-1}
          role="group"
          aria-label="The spread"
          data-in-hand={inHand ? "" : undefined}
          className="absolute outline-none"
          style={{ left: RULER, top: RULER }}
        >
          {SIDES.map((side) => {
            const pages = pagesOf(album, side);
            const below = side === "left" ? spread.number - 1 : spread.last - spread.number - 1;
            return pages.map((page, index) => (
              <div
                key={page.key}
                className="absolute bg-paper"
                style={{
                  ...place(page, side),
                  boxShadow: lying(side, index === 0 ? below : 0),
                }}
              >
                {index < pages.length - 1 && <StillPage page={page} inch={inch} />}
              </div>
            ));
          })}
          <Gutter album={album} inch={inch} />
          <FlapLayer album={album} inch={inch} behind />
          {pocketsOf(album).map((placed) => {
            const [x, y] = cornerOf(placed, album);
            return (
              <Pocket
                key={placed.slot.id}
                slot={placed.slot}
                left={inch * x}
                top={inch * y}
                width={inch * Number(placed.slot.box.w.in)}
                height={inch * Number(placed.slot.box.h.in)}
                covered={motion !== undefined && !motion.seen.includes(placed.slot.id)}
                layer={heightOf(placed.slot, flaps)}
              />
            );
          })}
          <FlapLayer album={album} inch={inch} />
        </div>
      </div>
    </div>
  );
}

/** The edges of the leaves that lie below a page, at its outer side, and the shadow of them all. */
function lying(side: "left" | "right", below: number) {
  const outer = side === "left" ? -1 : 1;
  const edges = Array.from({ length: Math.max(0, Math.min(below, EDGES)) }, (_, i) => i + 1);
  return [
    ...edges.flatMap((edge) => [
      `${outer * (EDGE * edge - 0.5)}px ${edge}px 0 var(--paper)`,
      `${outer * EDGE * edge}px ${edge}px 0 #b4c1c5`,
    ]),
    `${outer * EDGE * edges.length}px ${2 + edges.length}px ${6 + 2 * edges.length}px rgb(16 38 44 / 0.24)`,
  ].join(", ");
}

/** How far what is open reaches past the spread, in inches. */
function reach(motion: Motion | undefined, across: number, down: number) {
  const boxes = motion?.areas.map(({ box }) => box) ?? [];
  return {
    left: Math.max(0, ...boxes.map((box) => -box.x.in)),
    top: Math.max(0, ...boxes.map((box) => -box.y.in)),
    right: Math.max(0, ...boxes.map((box) => box.x.in + box.w.in - across)),
    bottom: Math.max(0, ...boxes.map((box) => box.y.in + box.h.in - down)),
  };
}

/** The places of the pages themselves. */
function pocketsOf(album: Album) {
  return slotsOf(album).filter(({ slot }) => !flapOf(slot.id));
}

/** Pixels to an inch, so that the spread fills the width and leaves room for what lies below it. */
function useScale(across: number, down: number, more: number) {
  const ref = useRef<HTMLDivElement>(null);
  const [inch, setInch] = useState(32);
  useEffect(() => {
    const element = ref.current;
    if (!element) {
      return;
    }
    const update = () => {
      const byWidth = (element.clientWidth - RULER - 4) / across;
      const tall = window.innerWidth < 1024 || window.innerHeight < 560;
      const byHeight = tall ? byWidth : (window.innerHeight - 122 - 190 - more) / down;
      setInch(Math.max(10, Math.min(byWidth, byHeight)));
    };
    update();
    const observer = new ResizeObserver(update);
    observer.observe(element);
    window.addEventListener("resize", update);
    return () => {
      observer.disconnect();
      window.removeEventListener("resize", update);
    };
  }, [across, down, more]);
  return { ref, inch };
}
