import { useEffect, useRef, useState } from "react";
import { Link } from "react-router";
import { useMetric } from "../api/queries";
import type { Album, Motion, Page } from "../api/types";
import { useHand } from "../bench/hand";
import { cornerOf, flapOf, SIDES, slotsOf } from "../bench/places";
import { Rulers } from "../bench/Rulers";
import { FlapLayer } from "../movers/FlapLayer";
import { useFlaps } from "../movers/useFlaps";
import { Pocket } from "./Pocket";
import { StillPage } from "./StillPage";

const RULER = 24;

/** What the states of the movers take below the spread, in pixels. */
const MOVERS_BELOW = 110;

/** The spread, true to scale, with what smaller leaves leave visible of those behind. */
export function Spread({ album }: { album: Album }) {
  const { spread } = album;
  const leftWidth = Number(spread.leftWidth.in);
  const rightWidth = Number(spread.rightWidth.in);
  const inchesAcross = Math.max(leftWidth + rightWidth, 1);
  const inchesDown = Math.max(Number(spread.height.in), 1);
  const { motion } = useFlaps(album);
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
      left: inch * (Number(page.box.x.in) + (side === "right" ? leftWidth : 0)),
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
          pages={[leftWidth, rightWidth].filter((width) => width > 0)}
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
            const behind = side === "left" ? spread.leftBehind : spread.rightBehind;
            const top = spread[side];
            return (
              <div key={side}>
                {[...behind].reverse().map((page) => (
                  <div key={page.key} className="absolute" style={place(page, side)}>
                    <StillPage page={page} inch={inch} />
                  </div>
                ))}
                {top && (
                  <div
                    className="absolute bg-paper shadow-[0_2px_6px_rgb(16_38_44/0.22)]"
                    style={place(top, side)}
                  />
                )}
              </div>
            );
          })}
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
              />
            );
          })}
          <FlapLayer album={album} inch={inch} />
          <div
            aria-hidden="true"
            className="pointer-events-none absolute top-0 w-3 bg-black/10 [mask-image:linear-gradient(to_right,transparent,black,transparent)]"
            style={{ left: inch * leftWidth - 6, height: inch * inchesDown }}
          />
        </div>
      </div>
    </div>
  );
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
