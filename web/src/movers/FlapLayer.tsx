import type { Album } from "../api/types";
import { FlapPiece } from "./FlapPiece";
import { useFlaps } from "./useFlaps";

interface Props {
  album: Album;
  /** Pixels to an inch. */
  inch: number;
}

/** The flaps that lie over the pages of the spread, and the strips that hold them. */
export function FlapLayer({ album, inch }: Props) {
  const { flaps, open, toggle } = useFlaps(album);
  if (flaps.length === 0) {
    return null;
  }
  return (
    <div className="pointer-events-none absolute inset-0 z-30 [perspective:2400px] [transform-style:preserve-3d]">
      {flaps
        .filter(({ flap }) => flap.mount === "protector" && !flap.carrier)
        .map(({ flap, page, side }) => (
          <span
            key={flap.id}
            aria-hidden="true"
            className="absolute border border-[#8fa3ab]/70 bg-[#b9c9d1]/55"
            style={{
              left:
                inch *
                ((side === "right" ? Number(album.spread.leftWidth.in) : 0) +
                  Number(page.box.x.in) +
                  Number(flap.strip.x.in)),
              top: inch * (Number(page.box.y.in) + Number(flap.strip.y.in)),
              width: inch * Number(flap.strip.w.in),
              height: inch * Number(flap.strip.h.in),
            }}
          />
        ))}
      {flaps
        .filter(({ flap }) => !flap.carrier)
        .map((placed) => (
          <FlapPiece
            key={placed.flap.id}
            album={album}
            placed={placed}
            all={flaps}
            open={open}
            inch={inch}
            from={[0, 0]}
            onToggle={toggle}
          />
        ))}
    </div>
  );
}
