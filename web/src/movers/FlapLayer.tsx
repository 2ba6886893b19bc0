import type { Album } from "../api/types";
import { startOf } from "../bench/places";
import { FlapPiece } from "./FlapPiece";
import { isBehind } from "./tucked";
import { useFlaps } from "./useFlaps";

interface Props {
  album: Album;
  /** Pixels to an inch. */
  inch: number;
  /** Whether it is the layer of what is tucked behind the pictures of the page. */
  behind?: boolean;
}

/** The flaps that lie over the pages of the spread, and the strips that hold them. */
export function FlapLayer({ album, inch, behind = false }: Props) {
  const { flaps, motion, toggle } = useFlaps(album);
  const here = flaps.filter(({ flap }) => isBehind(flap) === behind);
  if (here.length === 0) {
    return null;
  }
  return (
    <div
      data-movers={behind ? "behind" : "over"}
      className={`pointer-events-none absolute inset-0 ${behind ? "" : "z-30 [perspective:2400px] [transform-style:preserve-3d]"}`}
    >
      {here
        .filter(({ flap }) => flap.mount === "protector" && flap.support.of === "page")
        .map(({ flap, page, side }) => (
          <span
            key={flap.id}
            aria-hidden="true"
            className="absolute border border-[#8fa3ab]/70 bg-[#b9c9d1]/55"
            style={{
              left: inch * (startOf(side, album) + Number(page.box.x.in) + Number(flap.strip.x.in)),
              top: inch * (Number(page.box.y.in) + Number(flap.strip.y.in)),
              width: inch * Number(flap.strip.w.in),
              height: inch * Number(flap.strip.h.in),
            }}
          />
        ))}
      {here.map((placed) => (
        <FlapPiece
          key={placed.flap.id}
          placed={placed}
          state={{ album, all: flaps, motion, inch }}
          onToggle={toggle}
        />
      ))}
    </div>
  );
}
