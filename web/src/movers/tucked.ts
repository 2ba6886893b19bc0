import type { Flap, Slot } from "../api/types";
import type { PlacedFlap } from "../bench/places";

/** How far up a tucked card lies: over the pictures of the page, looked at or not. */
export const TUCKED = 24;

/** How far up the picture lies behind which it is tucked. */
const IN_FRONT = TUCKED + 1;

/** Whether it is tucked behind the pictures of the page, not behind something that moves. */
export function isTucked(flap: Flap) {
  return flap.mount === "behind" && flap.support.of === "page";
}

/** Whether it is painted before the pictures of the page: tucked behind them, or their ground. */
export function isBehind(flap: Flap) {
  return isTucked(flap) || flap.mount === "ground";
}

/** How far up a picture of the page lies behind which something is tucked; nothing for others. */
export function heightOf(slot: Slot, flaps: PlacedFlap[]) {
  const front = flaps.some(
    ({ flap, page }) =>
      isTucked(flap) && page.slots.includes(slot) && overlaps(deepest(flap), slot.box),
  );
  return front ? IN_FRONT : undefined;
}

type Box = Record<"x" | "y" | "w" | "h", { in: number }>;

/** The end of a tucked card that is drawn out last: what is in front lies over that. */
function deepest({ closed: { x, y, w, h }, hinge }: Flap): Box {
  const quarter = (length: { in: number }) => ({ in: length.in / 4 });
  const from = (start: { in: number }, length: { in: number }) => ({
    in: start.in + (length.in * 3) / 4,
  });
  return {
    x: hinge === "left" ? from(x, w) : x,
    y: hinge === "top" ? from(y, h) : y,
    w: hinge === "left" || hinge === "right" ? quarter(w) : w,
    h: hinge === "top" || hinge === "bottom" ? quarter(h) : h,
  };
}

function overlaps(one: Box, other: Box) {
  const meet = (at: "x" | "y", long: "w" | "h") =>
    one[at].in < other[at].in + other[long].in && other[at].in < one[at].in + one[long].in;
  return meet("x", "w") && meet("y", "h");
}
