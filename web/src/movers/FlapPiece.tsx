import type { Flap, Slot } from "../api/types";
import { useHand } from "../bench/hand";
import { insideOf, type PlacedFlap } from "../bench/places";
import { Pocket } from "../place/Pocket";
import { EdgeHandles } from "./EdgeHandles";
import { carriersOf, isAtSide, lying, OPPOSITE, openOf, type SpreadState } from "./lying";
import { isTucked, TUCKED } from "./tucked";

interface Props {
  placed: PlacedFlap;
  state: SpreadState;
  onToggle: (id: string) => void;
}

/** The grip at the edge that is taken hold of. */
const GRIPS: Record<string, string> = {
  right: "right-[-11px] top-1/2 h-9 w-[11px] -translate-y-1/2 rounded-r-full",
  left: "left-[-11px] top-1/2 h-9 w-[11px] -translate-y-1/2 rounded-l-full",
  bottom: "bottom-[-11px] left-1/2 h-[11px] w-9 -translate-x-1/2 rounded-b-full",
  top: "top-[-11px] left-1/2 h-[11px] w-9 -translate-x-1/2 rounded-t-full",
};

/** A flap where it lies in a state of its spread, turning or drawn out on its way there. */
export function FlapPiece({ placed, state, onToggle }: Props) {
  const { flap } = placed;
  const { album, inch, all, motion } = state;
  const open = openOf(state);
  const isOpen = open.includes(flap.id);
  const inside = insideOf(flap);
  const slides = flap.motion.of === "slides";
  const looked = useHand((hand) => hand.slot === flap.outside.id && !flap.outside.piece);
  const onInside = flap.support.of === "inside";
  return (
    <div
      data-flap={flap.id}
      data-open={isOpen ? "" : undefined}
      className="absolute top-0 left-0 [transition:transform_500ms_ease-in-out,visibility_500ms] [transform-origin:0_0] [transform-style:preserve-3d] motion-reduce:[transition:none]"
      style={{
        width: inch * Number(flap.closed.w.in),
        height: inch * Number(flap.closed.h.in),
        visibility: isShut(placed, all, open) ? "hidden" : "visible",
        transform: lying(placed, state),
        zIndex: isTucked(flap) ? TUCKED : undefined,
      }}
    >
      <Face
        flap={flap}
        slot={flap.outside}
        inch={inch}
        seen={motion?.seen}
        up={!isOpen || slides}
      />
      {inside && slides && isOpen && (
        <div
          className={`absolute inset-0 ${isAtSide(flap.hinge) ? "translate-y-full" : "translate-x-full"}`}
        >
          <Face flap={flap} slot={inside} inch={inch} seen={motion?.seen} up />
        </div>
      )}
      {inside && !slides && (
        <Face
          flap={flap}
          slot={inside}
          inch={inch}
          seen={motion?.seen}
          up={isOpen}
          back={isAtSide(flap.hinge) ? "rotateY(180deg)" : "rotateX(180deg)"}
        />
      )}
      {flap.grip.of !== "none" && <Grip flap={flap} grip={flap.grip} inch={inch} />}
      {flap.motion.of !== "stays" && (
        <button
          type="button"
          aria-label={`${isOpen ? "Close" : "Open"} ${flap.label.toLowerCase()}`}
          data-grip={flap.id}
          onClick={() => onToggle(flap.id)}
          className={`pointer-events-auto absolute z-40 border border-white bg-[#3b4cc0] shadow-[0_1px_3px_rgb(16_38_44/0.4)] ${GRIPS[slides ? flap.hinge : OPPOSITE[flap.hinge]]}`}
          // The grip of what carries it is in the middle of what may be the same edge.
          style={onInside ? { [isAtSide(flap.hinge) ? "top" : "left"]: "22%" } : undefined}
        />
      )}
      {looked && motion && !isOpen && (
        <EdgeHandles album={album.id} flap={flap} inch={inch} mark={motion.mark} />
      )}
    </div>
  );
}

/** Whether it is on the inside of something that is shut. */
function isShut(placed: PlacedFlap, all: PlacedFlap[], open: string[]) {
  return [placed, ...carriersOf(placed, all)].some(
    ({ flap }) => flap.support.of === "inside" && !open.includes(flap.support.carrier),
  );
}

interface GripProps {
  flap: Flap;
  grip: Exclude<Flap["grip"], { of: "none" }>;
  inch: number;
}

/** The tab or the string by which it is opened, as it is seen from both sides. */
function Grip({ flap, grip, inch }: GripProps) {
  const round = {
    left: "rounded-l-md border-r-0",
    right: "rounded-r-md border-l-0",
    top: "rounded-t-md border-b-0",
    bottom: "rounded-b-md border-t-0",
  };
  const edge = flap.motion.of === "slides" ? flap.hinge : (OPPOSITE[flap.hinge] ?? "right");
  return (
    <span
      aria-hidden="true"
      data-gripped={grip.of}
      className={`absolute border-[#b9b39f] ${round[edge as keyof typeof round]} ${
        grip.of === "tab" ? "border bg-[#efe9d8]" : "border-2 border-[#8a6f4d] bg-transparent"
      }`}
      style={{
        left: inch * (Number(grip.box.x.in) - Number(flap.closed.x.in)) - 1,
        top: inch * (Number(grip.box.y.in) - Number(flap.closed.y.in)) - 1,
        width: inch * Number(grip.box.w.in),
        height: inch * Number(grip.box.h.in),
      }}
    />
  );
}

interface FaceProps {
  flap: Flap;
  slot: Slot;
  inch: number;
  seen: string[] | undefined;
  /** Whether it is the side that is up by itself; told while what is seen is not known yet. */
  up: boolean;
  /** How it is turned against the other side; left out for the outside. */
  back?: string | undefined;
}

/** A side of a flap: film with its welded edge, or card, and what is in it. */
function Face({ flap, slot, inch, seen, up, back }: FaceProps) {
  const border = (inch * (Number(flap.closed.w.in) - Number(slot.box.w.in))) / 2;
  const film = flap.body === "sleeve";
  // What carries it may have turned it over too, and others may lie on it.
  const shown = seen?.includes(slot.piece ?? slot.id) ?? up;
  return (
    <div
      inert={!shown}
      className={`absolute inset-0 [backface-visibility:hidden] ${shown ? "pointer-events-auto" : ""} ${
        film
          ? `border border-[#8fa3ab]/90 shadow-[0_2px_7px_rgb(16_38_44/0.45),inset_0_0_0_1.5px_rgb(255_255_255/0.75)] ${slot.seat || slot.laid ? "bg-[#dfe9ee]" : "bg-[#e6f0f4]/30"}`
          : flap.band
            ? "band"
            : "border border-[#b9b39f] bg-[#f4f1e6] shadow-[0_2px_7px_rgb(16_38_44/0.45)]"
      }`}
      style={back ? { transform: back } : undefined}
    >
      <Pocket
        slot={slot}
        left={border}
        top={border}
        width={inch * Number(slot.box.w.in)}
        height={inch * Number(slot.box.h.in)}
        clear={film || flap.band}
        covered={!shown}
      />
    </div>
  );
}
