import type { Album, Edge, Motion } from "../api/types";
import { carrierOf, type PlacedFlap, startOf } from "../bench/places";

/** How far one flap lies above the one below it, in pixels. */
const LAYER = 1;

/** How far a card that is tucked behind something lies below its face, in layers. */
const TUCKED = 0.2;

/** Whether something is seen mirrored from above, to the side or downwards. */
interface Mirrored {
  across: boolean;
  down: boolean;
}

/** Where a flap lies at rest on the spread, in pixels. */
interface RestBox {
  x: number;
  y: number;
  w: number;
  h: number;
}

/** The flaps of a spread in a state of it, and how far an inch is. */
export interface SpreadState {
  album: Album;
  all: PlacedFlap[];
  motion: Motion | undefined;
  inch: number;
}

export function isAtSide(edge: Edge) {
  return edge === "left" || edge === "right";
}

export const OPPOSITE: Record<Edge, Edge> = {
  left: "right",
  right: "left",
  top: "bottom",
  bottom: "top",
};

/** All to which a flap is stuck, down the stack, the nearest first. */
export function carriersOf({ flap }: PlacedFlap, all: PlacedFlap[]): PlacedFlap[] {
  const carrier = all.find((each) => each.flap.id === carrierOf(flap));
  return carrier ? [carrier, ...carriersOf(carrier, all)] : [];
}

/** The flaps that are open in what is shown of a spread. */
export function openOf({ motion, all }: SpreadState) {
  return (motion?.open ?? []).filter((id) => all.some(({ flap }) => flap.id === id));
}

/**
 * How the outside of a flap is seen from above at rest: what is on an inside lies face down, what is
 * on a card that is drawn out faces as that does.
 */
function mirrored(placed: PlacedFlap, all: PlacedFlap[]): Mirrored {
  const [carrier] = carriersOf(placed, all);
  if (!carrier) {
    return { across: false, down: false };
  }
  const { across, down } = mirrored(carrier, all);
  if (placed.flap.support.of !== "inside" || carrier.flap.motion.of === "slides") {
    return { across, down };
  }
  return isAtSide(carrier.flap.hinge) ? { across: !across, down } : { across, down: !down };
}

function restBox({ flap, page, side }: PlacedFlap, { album, inch }: SpreadState): RestBox {
  return {
    x: inch * (startOf(side, album) + Number(page.box.x.in) + Number(flap.closed.x.in)),
    y: inch * (Number(page.box.y.in) + Number(flap.closed.y.in)),
    w: inch * Number(flap.closed.w.in),
    h: inch * Number(flap.closed.h.in),
  };
}

/** The hinge of a flap, or the edge over which it is drawn out, as it lies at rest. */
function restHinge(placed: PlacedFlap, all: PlacedFlap[]): Edge {
  const { hinge } = placed.flap;
  const { across, down } = mirrored(placed, all);
  return (isAtSide(hinge) ? across : down) ? OPPOSITE[hinge] : hinge;
}

/** The turn or the slide of a flap, with all that is stuck to it, as a transformation in CSS. */
function moved(placed: PlacedFlap, state: SpreadState, open: boolean) {
  const { x, y, w, h } = restBox(placed, state);
  const hinge = restHinge(placed, state.all);
  if (placed.flap.motion.of === "slides") {
    const by = { left: [-w, 0], right: [w, 0], top: [0, -h], bottom: [0, h] }[hinge];
    return `translate(${open ? by[0] : 0}px, ${open ? by[1] : 0}px)`;
  }
  const { across, down } = mirrored(placed, state.all);
  const up = across === down ? 1 : -1;
  const line = { left: [x, 0], right: [x + w, 0], top: [0, y], bottom: [0, y + h] }[hinge];
  const sense = (hinge === "left" || hinge === "bottom" ? -1 : 1) * up;
  const angle = open ? 180 * sense : 0;
  return [
    `translate(${line[0]}px, ${line[1]}px)`,
    isAtSide(hinge) ? `rotateY(${angle}deg)` : `rotateX(${angle}deg)`,
    `translate(${-(line[0] ?? 0)}px, ${-(line[1] ?? 0)}px)`,
  ].join(" ");
}

function levelOf(placed: PlacedFlap, state: SpreadState, open: string[]): number {
  const { flap } = placed;
  const [carrier] = carriersOf(placed, state.all);
  if (carrier && flap.motion.of === "slides" && !open.includes(flap.id)) {
    return levelOf(carrier, state, open) - TUCKED;
  }
  return state.motion?.areas.find((each) => each.flap === flap.id)?.level ?? flap.level;
}

/**
 * Where a flap lies, as a transformation of something of its size at the top left of the spread
 * whose face is its outside: what carries it moves it along, and then it lies on its layer. It is
 * the same list of steps in each state, so that what is between them is a turn.
 */
export function lying(placed: PlacedFlap, state: SpreadState) {
  const open = openOf(state);
  const carriers = carriersOf(placed, state.all);
  const chain = [...carriers].reverse().concat(placed);
  const turned = chain.filter(
    ({ flap }) => flap.motion.of === "turns" && open.includes(flap.id),
  ).length;
  const up = turned % 2 === 0 ? 1 : -1;
  const { x, y, w, h } = restBox(placed, state);
  const { across, down } = mirrored(placed, state.all);
  const rest = LAYER * placed.flap.level;
  const level = LAYER * levelOf(placed, state, open);
  return [
    `translateZ(${level - up * rest}px)`,
    ...chain.map((each) => moved(each, state, open.includes(each.flap.id))),
    `translate3d(${across ? x + w : x}px, ${down ? y + h : y}px, ${rest}px)`,
    `rotateY(${across ? 180 : 0}deg) rotateX(${down ? 180 : 0}deg)`,
  ].join(" ");
}
