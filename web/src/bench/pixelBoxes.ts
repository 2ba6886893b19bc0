import type { PixelBox } from "../api/types";

/** What the box is for that says what must stay of a picture, and how keys set it. */
export const KEEP_BOX = "Keep box: what must stay. Arrows move it, Shift and arrows size it.";

/** The same of what must not be seen. */
export const CONCEALED_BOX =
  "What must not be seen. Arrows move the box, Shift and arrows size it.";

/** What a box is held by: all of it, one of its corners, or where a new one is begun. */
export type Grip = "move" | "draw" | "nw" | "ne" | "sw" | "se";

/** A box that is being moved, sized or drawn, and where in the picture that began. */
export interface BoxDrag {
  grip: Grip;
  startX: number;
  startY: number;
  box: PixelBox;
}

/** Where a box lies in its picture, as shares of it. */
export function placed(box: PixelBox, w: number, h: number) {
  return {
    left: `${(100 * box.x) / w}%`,
    top: `${(100 * box.y) / h}%`,
    width: `${(100 * box.w) / w}%`,
    height: `${(100 * box.h) / h}%`,
  };
}

/** A box to begin with. */
export function middle(w: number, h: number): PixelBox {
  return {
    x: Math.round(w / 3),
    y: Math.round(h / 3),
    w: Math.round(w / 3),
    h: Math.round(h / 3),
  };
}

function within(value: number, least: number, most: number) {
  return Math.max(least, Math.min(most, value));
}

/** The box as it is when the pointer has come to a place. */
export function dragged(drag: BoxDrag, x: number, y: number, w: number, h: number): PixelBox {
  const { box, grip } = drag;
  if (grip === "move") {
    return {
      ...box,
      x: within(box.x + x - drag.startX, 0, w - box.w),
      y: within(box.y + y - drag.startY, 0, h - box.h),
    };
  }
  const fixedX = grip === "draw" ? drag.startX : grip.endsWith("e") ? box.x : box.x + box.w;
  const fixedY = grip === "draw" ? drag.startY : grip.startsWith("s") ? box.y : box.y + box.h;
  return between(
    within(fixedX, 0, w),
    within(fixedY, 0, h),
    within(x, 0, w),
    within(y, 0, h),
    w,
    h,
  );
}

function between(ax: number, ay: number, bx: number, by: number, w: number, h: number): PixelBox {
  const x = Math.min(ax, bx, w - 1);
  const y = Math.min(ay, by, h - 1);
  return { x, y, w: Math.max(1, Math.abs(ax - bx)), h: Math.max(1, Math.abs(ay - by)) };
}

/** The box moved by a step, or sized by it. */
export function nudged(box: PixelBox, dx: number, dy: number, size: boolean, w: number, h: number) {
  if (size) {
    return { ...box, w: within(box.w + dx, 1, w - box.x), h: within(box.h + dy, 1, h - box.y) };
  }
  return { ...box, x: within(box.x + dx, 0, w - box.w), y: within(box.y + dy, 0, h - box.h) };
}
