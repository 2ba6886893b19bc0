import { useEffect, useRef, useState } from "react";
import type { Album } from "../api/types";
import { useHand } from "../bench/hand";
import { slotsOf } from "../bench/places";
import { Pocket } from "./Pocket";
import { Rulers } from "./Rulers";

const RULER = 24;

/** The double page, true to scale, with a ruler along its top and its left edge. */
export function Spread({ album }: { album: Album }) {
  const { left, right } = album.spread;
  const inchesAcross = Number(left.size.w.in) + Number(right.size.w.in);
  const inchesDown = Math.max(Number(left.size.h.in), Number(right.size.h.in));
  const { ref, inch } = useScale(inchesAcross, inchesDown);
  const inHand = useHand((hand) => hand.inHand);

  return (
    <div ref={ref} className="relative flex w-full shrink-0 justify-center pt-1">
      <div
        className="mat relative"
        style={{
          width: inch * inchesAcross + RULER,
          height: inch * inchesDown + RULER,
          ["--inch" as string]: `${inch}px`,
          ["--mat-x" as string]: `${RULER}px`,
          ["--mat-y" as string]: `${RULER}px`,
        }}
      >
        <Rulers
          inch={inch}
          pages={[Number(left.size.w.in), Number(right.size.w.in)]}
          down={inchesDown}
          offset={RULER}
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
          {(["left", "right"] as const).map((side) => (
            <div
              key={side}
              className="absolute top-0 bg-paper shadow-[0_2px_6px_rgb(16_38_44/0.22)]"
              style={{
                left: side === "left" ? 0 : inch * Number(left.size.w.in),
                width: inch * Number(album.spread[side].size.w.in),
                height: inch * Number(album.spread[side].size.h.in),
              }}
            />
          ))}
          {slotsOf(album).map(({ slot, side }) => (
            <Pocket
              key={slot.id}
              slot={slot}
              left={
                inch * (Number(slot.box.x.in) + (side === "right" ? Number(left.size.w.in) : 0))
              }
              top={inch * Number(slot.box.y.in)}
              width={inch * Number(slot.box.w.in)}
              height={inch * Number(slot.box.h.in)}
            />
          ))}
          <div
            aria-hidden="true"
            className="pointer-events-none absolute top-0 w-3 bg-black/10 [mask-image:linear-gradient(to_right,transparent,black,transparent)]"
            style={{ left: inch * Number(left.size.w.in) - 6, height: inch * inchesDown }}
          />
        </div>
      </div>
    </div>
  );
}

/** Pixels to an inch, so that the spread fills the width and leaves room for what lies below it. */
function useScale(across: number, down: number) {
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
      const byHeight = tall ? byWidth : (window.innerHeight - 122 - 190) / down;
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
  }, [across, down]);
  return { ref, inch };
}
