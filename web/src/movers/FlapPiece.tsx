import type { Album, Flap, Length, Slot } from "../api/types";
import { useHand } from "../bench/hand";
import { carrierOf, insideOf, type PlacedFlap, startOf } from "../bench/places";
import { Pocket } from "../place/Pocket";
import { EdgeHandles } from "./EdgeHandles";

interface Props {
  album: Album;
  placed: PlacedFlap;
  /** All flaps of the spread, of which some are stuck to this one. */
  all: PlacedFlap[];
  open: string[];
  /** The slots that are seen; left out until that is known. */
  seen: string[] | undefined;
  /** How far ruler marks lie apart; left out until that is known. */
  mark: Length | undefined;
  /** Pixels to an inch. */
  inch: number;
  /** Where what it lies in begins, in inches on the spread. */
  from: [number, number];
  /** What carries it, where that is a flap. */
  carrier?: PlacedFlap;
  /** Whether what carries it is seen mirrored, to the side or downwards: it is on an inside. */
  mirrored?: Mirrored;
  /** How many layers it lies above what carries it. */
  lift: number;
  onToggle: (id: string) => void;
}

interface Mirrored {
  across: boolean;
  down: boolean;
}

const NOT_MIRRORED: Mirrored = { across: false, down: false };

/** How far one flap lies above the one below it, in pixels. */
const LAYER = 1;

/** How it turns over its hinge, and how it is drawn out over that edge, as CSS says it. */
const MOVES: Record<string, { origin: string; turned: string; back: string; drawn: string }> = {
  left: {
    origin: "left center",
    turned: "rotateY(-180deg)",
    back: "rotateY(180deg)",
    drawn: "translateX(-100%)",
  },
  right: {
    origin: "right center",
    turned: "rotateY(180deg)",
    back: "rotateY(180deg)",
    drawn: "translateX(100%)",
  },
  top: {
    origin: "center top",
    turned: "rotateX(180deg)",
    back: "rotateX(180deg)",
    drawn: "translateY(-100%)",
  },
  bottom: {
    origin: "center bottom",
    turned: "rotateX(-180deg)",
    back: "rotateX(180deg)",
    drawn: "translateY(100%)",
  },
};

/** The grip at the edge that is taken hold of. */
const GRIPS: Record<string, string> = {
  right: "right-[-11px] top-1/2 h-9 w-[11px] -translate-y-1/2 rounded-r-full",
  left: "left-[-11px] top-1/2 h-9 w-[11px] -translate-y-1/2 rounded-l-full",
  bottom: "bottom-[-11px] left-1/2 h-[11px] w-9 -translate-x-1/2 rounded-b-full",
  top: "top-[-11px] left-1/2 h-[11px] w-9 -translate-x-1/2 rounded-t-full",
};

function isStuckInside({ support }: Flap) {
  return support.of === "inside";
}

function isAtSide(edge: string) {
  return edge === "left" || edge === "right";
}

const OPPOSITE: Record<string, string> = {
  left: "right",
  right: "left",
  top: "bottom",
  bottom: "top",
};

/** A flap that turns over its hinge or is drawn out, with all that is stuck to it. */
export function FlapPiece(props: Props) {
  const { album, placed, all, open, seen, mark, inch, lift, onToggle } = props;
  const { flap, page, side } = placed;
  const mirrored = props.mirrored ?? NOT_MIRRORED;
  const closed: [number, number] = [
    startOf(side, album) + Number(page.box.x.in) + Number(flap.closed.x.in),
    Number(page.box.y.in) + Number(flap.closed.y.in),
  ];
  const isOpen = open.includes(flap.id);
  const inside = insideOf(flap);
  const move = MOVES[flap.hinge] ?? MOVES.left;
  const slides = flap.motion.of === "slides";
  const looked = useHand((hand) => hand.slot === flap.outside.id && !flap.outside.piece);
  const carried = all.filter((each) => carrierOf(each.flap) === flap.id);
  const [left, top] = corner(props, closed, mirrored);
  const turned = isAtSide(props.carrier?.flap.hinge ?? "left");
  const here = isStuckInside(flap)
    ? { across: mirrored.across !== turned, down: mirrored.down !== !turned }
    : mirrored;
  const moved = slides ? move?.drawn : move?.turned;
  const piece = (
    <div
      data-flap={flap.id}
      data-open={isOpen ? "" : undefined}
      className="absolute transition-transform duration-500 ease-in-out [transform-style:preserve-3d] motion-reduce:transition-none"
      style={{
        left: isStuckInside(flap) ? 0 : left,
        top: isStuckInside(flap) ? 0 : top,
        width: inch * Number(flap.closed.w.in),
        height: inch * Number(flap.closed.h.in),
        zIndex: slides && isOpen ? 40 : undefined,
        transformOrigin: move?.origin,
        transform: `translateZ(${LAYER * lift}px) ${isOpen ? moved : ""}`,
      }}
    >
      <Face flap={flap} slot={flap.outside} inch={inch} seen={seen} up={!isOpen || slides} />
      {inside && slides && isOpen && (
        <div
          className={`absolute inset-0 ${isAtSide(flap.hinge) ? "translate-y-full" : "translate-x-full"}`}
        >
          <Face flap={flap} slot={inside} inch={inch} seen={seen} up />
        </div>
      )}
      {inside && !slides && (
        <Face flap={flap} slot={inside} inch={inch} seen={seen} up={isOpen} back={move?.back} />
      )}
      {flap.grip.of !== "none" && <Grip flap={flap} grip={flap.grip} inch={inch} />}
      {flap.motion.of !== "stays" && (
        <button
          type="button"
          aria-label={`${isOpen ? "Close" : "Open"} ${flap.label.toLowerCase()}`}
          data-grip={flap.id}
          onClick={() => onToggle(flap.id)}
          className={`pointer-events-auto absolute z-40 border border-white bg-[#3b4cc0] shadow-[0_1px_3px_rgb(16_38_44/0.4)] ${GRIPS[slides ? flap.hinge : (OPPOSITE[flap.hinge] ?? "")]}`}
          // The grip of what carries it is in the middle of what may be the same edge.
          style={
            isStuckInside(flap) ? { [isAtSide(flap.hinge) ? "top" : "left"]: "22%" } : undefined
          }
        />
      )}
      {looked && mark && !isOpen && (
        <EdgeHandles album={album.id} flap={flap} inch={inch} mark={mark} />
      )}
      {carried.map((each) => (
        <FlapPiece
          key={each.flap.id}
          {...props}
          placed={each}
          carrier={placed}
          mirrored={here}
          from={closed}
          lift={
            isStuckInside(each.flap)
              ? above(each, carried)
              : Math.max(1, each.flap.level - flap.level)
          }
        />
      ))}
    </div>
  );
  return isStuckInside(flap) ? (
    <OnInside placed={placed} carrier={props.carrier} open={open} inch={inch} at={[left, top]}>
      {piece}
    </OnInside>
  ) : (
    piece
  );
}

/** How many layers one that is on an inside lies above that, with others there below it. */
function above({ flap }: PlacedFlap, carried: PlacedFlap[]) {
  const levels = carried.filter((each) => isStuckInside(each.flap)).map((each) => each.flap.level);
  return 1 + flap.level - Math.min(...levels);
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

/** What is stuck to the inside of a flap, which is seen from there; hidden while that is shut. */
function OnInside({
  placed: { flap },
  carrier,
  open,
  inch,
  at: [left, top],
  children,
}: Pick<Props, "placed" | "open" | "inch"> & {
  carrier: PlacedFlap | undefined;
  at: [number, number];
  children: React.ReactNode;
}) {
  const slides = flap.motion.of === "slides" && !open.includes(flap.id);
  return (
    <div
      className="absolute transition-[visibility] duration-500 [transform-style:preserve-3d] motion-reduce:transition-none"
      style={{
        left,
        top,
        width: inch * Number(flap.closed.w.in),
        height: inch * Number(flap.closed.h.in),
        visibility: carrier && open.includes(carrier.flap.id) ? "visible" : "hidden",
        // A card that is tucked lies behind the inside, all else on it.
        transform: `translateZ(${slides ? LAYER : -0.1}px) ${MOVES[carrier?.flap.hinge ?? "left"]?.back}`,
      }}
    >
      {children}
    </div>
  );
}

/** Where it begins in what carries it, in pixels. */
function corner(
  { placed: { flap }, carrier, from, inch }: Props,
  closed: [number, number],
  mirrored: Mirrored,
): [number, number] {
  const across = closed[0] - from[0];
  const down = closed[1] - from[1];
  const room = carrier?.flap.closed;
  return [
    inch *
      (room && mirrored.across ? Number(room.w.in) - across - Number(flap.closed.w.in) : across),
    inch * (room && mirrored.down ? Number(room.h.in) - down - Number(flap.closed.h.in) : down),
  ];
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
