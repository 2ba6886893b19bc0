import type { Album, Flap, Slot } from "../api/types";
import type { PlacedFlap } from "../bench/places";
import { Pocket } from "../place/Pocket";

interface Props {
  album: Album;
  placed: PlacedFlap;
  /** All flaps of the spread, of which some are stuck to this one. */
  all: PlacedFlap[];
  open: string[];
  /** Pixels to an inch. */
  inch: number;
  /** Where what it lies in begins, in inches on the spread. */
  from: [number, number];
  onToggle: (id: string) => void;
}

/** How far one flap lies above the one below it, in pixels. */
const LAYER = 1.5;

/** How it turns over its hinge, as CSS says it. */
const TURNS: Record<string, { origin: string; open: string; back: string }> = {
  left: { origin: "left center", open: "rotateY(-180deg)", back: "rotateY(180deg)" },
  right: { origin: "right center", open: "rotateY(180deg)", back: "rotateY(180deg)" },
  top: { origin: "center top", open: "rotateX(180deg)", back: "rotateX(180deg)" },
  bottom: { origin: "center bottom", open: "rotateX(-180deg)", back: "rotateX(180deg)" },
};

const GRIPS: Record<string, string> = {
  left: "right-[-11px] top-1/2 h-9 w-[11px] -translate-y-1/2 rounded-r-full",
  right: "left-[-11px] top-1/2 h-9 w-[11px] -translate-y-1/2 rounded-l-full",
  top: "bottom-[-11px] left-1/2 h-[11px] w-9 -translate-x-1/2 rounded-b-full",
  bottom: "top-[-11px] left-1/2 h-[11px] w-9 -translate-x-1/2 rounded-t-full",
};

/** A flap that turns over its hinge, with all that is stuck to it. */
export function FlapPiece({ album, placed, all, open, inch, from, onToggle }: Props) {
  const { flap, page, side } = placed;
  const start = side === "right" ? Number(album.spread.leftWidth.in) : 0;
  const page0: [number, number] = [start + Number(page.box.x.in), Number(page.box.y.in)];
  const closed: [number, number] = [
    page0[0] + Number(flap.closed.x.in),
    page0[1] + Number(flap.closed.y.in),
  ];
  const isOpen = open.includes(flap.id);
  const turn = TURNS[flap.hinge] ?? TURNS.left;
  const carried = all.filter((each) => each.flap.carrier === flap.id);
  return (
    <div
      data-flap={flap.id}
      data-open={isOpen ? "" : undefined}
      className="absolute transition-transform duration-500 ease-in-out [transform-style:preserve-3d] motion-reduce:transition-none"
      style={{
        left: inch * (closed[0] - from[0]),
        top: inch * (closed[1] - from[1]),
        width: inch * Number(flap.closed.w.in),
        height: inch * Number(flap.closed.h.in),
        transformOrigin: turn?.origin,
        transform: `translateZ(${LAYER * (flap.level + 1)}px) ${isOpen ? turn?.open : ""}`,
      }}
    >
      <Face flap={flap} slot={flap.outside} inch={inch} up={!isOpen} />
      <Face flap={flap} slot={flap.inside} inch={inch} up={isOpen} back={turn?.back} />
      <button
        type="button"
        aria-label={`${isOpen ? "Close" : "Open"} ${flap.label.toLowerCase()}`}
        data-grip={flap.id}
        onClick={() => onToggle(flap.id)}
        className={`pointer-events-auto absolute z-40 border border-white bg-[#3b4cc0] shadow-[0_1px_3px_rgb(16_38_44/0.4)] ${GRIPS[flap.hinge]}`}
      />
      {carried.map((each) => (
        <FlapPiece
          key={each.flap.id}
          album={album}
          placed={each}
          all={all}
          open={open}
          inch={inch}
          from={closed}
          onToggle={onToggle}
        />
      ))}
    </div>
  );
}

interface FaceProps {
  flap: Flap;
  slot: Slot;
  inch: number;
  /** Whether it is the side that is seen. */
  up: boolean;
  /** How it is turned against the other side; left out for the outside. */
  back?: string | undefined;
}

/** A side of a flap: film with its welded edge, or card, and what is in it. */
function Face({ flap, slot, inch, up, back }: FaceProps) {
  const seal = (inch * (Number(flap.closed.w.in) - Number(slot.box.w.in))) / 2;
  const film = flap.body === "sleeve";
  return (
    <div
      inert={!up}
      className={`absolute inset-0 [backface-visibility:hidden] ${up ? "pointer-events-auto" : ""} ${
        film
          ? `border border-[#8fa3ab]/90 shadow-[0_2px_7px_rgb(16_38_44/0.45),inset_0_0_0_1.5px_rgb(255_255_255/0.75)] ${slot.seat || slot.laid ? "bg-[#dfe9ee]" : "bg-[#e6f0f4]/30"}`
          : "border border-[#b9b39f] bg-[#f4f1e6] shadow-[0_2px_7px_rgb(16_38_44/0.45)]"
      }`}
      style={back ? { transform: back } : undefined}
    >
      <Pocket
        slot={slot}
        left={seal}
        top={seal}
        width={inch * Number(slot.box.w.in)}
        height={inch * Number(slot.box.h.in)}
        clear={film}
        covered={!up}
      />
    </div>
  );
}
