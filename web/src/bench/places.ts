import type { Album, Flap, Line, Page, Slot } from "../api/types";

export interface PlacedFlap {
  flap: Flap;
  page: Page;
  side: "left" | "right";
}

export interface PlacedSlot {
  slot: Slot;
  page: Page;
  side: "left" | "right";
}

export const SIDES = ["left", "right"] as const;

/** All slots of the open spread in reading order, those of its flaps among them. */
export function slotsOf(album: Album): PlacedSlot[] {
  return SIDES.flatMap((side) => {
    const page = album.spread[side];
    if (!page) {
      return [];
    }
    const sides = page.flaps.flatMap((flap) => [flap.outside, insideOf(flap) ?? []].flat());
    return [...page.slots, ...sides]
      .filter(isWhole)
      .sort((a, b) => a.rank - b.rank)
      .map((slot) => ({ slot, page, side }));
  });
}

/** Whether a slot is not just one more place where a piece of what it holds is seen. */
export function isWhole(slot: Slot) {
  return !slot.piece || slot.piece === slot.id;
}

/** The flaps of the open spread, the lowest of each page first. */
export function flapsOf(album: Album): PlacedFlap[] {
  return SIDES.flatMap((side) => {
    const page = album.spread[side];
    return page ? page.flaps.map((flap) => ({ flap, page, side })) : [];
  });
}

/** The inside of a flap; of one that is stuck down nothing is seen but its outside. */
export function insideOf({ motion }: Flap) {
  return motion.of === "stays" ? undefined : motion.inside;
}

/** The flap that carries another, where that is not stuck to the page. */
export function carrierOf({ support }: Flap) {
  return support.of === "page" ? undefined : support.carrier;
}

/** Whether a flap is on the inside of another, or stuck to one that is. */
export function isOnInside({ flap }: PlacedFlap, all: PlacedFlap[]): boolean {
  const carrier = all.find((each) => each.flap.id === carrierOf(flap));
  return flap.support.of === "inside" || (carrier !== undefined && isOnInside(carrier, all));
}

/** The flap that a slot is a side of. */
export function flapOf(slot: string) {
  return /^(.+-m\d+)\.[12]$/.exec(slot)?.[1];
}

/** The page that a slot or flap is on. */
export function pageOf(id: string) {
  return id.split("-").slice(0, 2).join("-");
}

/** Where a side begins on the spread, in inches from its left edge. */
export function startOf(side: "left" | "right", { spread }: Album) {
  return side === "right" ? Number(spread.leftWidth.in) + Number(spread.gutter.in) : 0;
}

/** Where a slot begins on the spread, in inches from its top left corner. */
export function cornerOf({ slot, page, side }: PlacedSlot, album: Album): [number, number] {
  return [
    startOf(side, album) + Number(page.box.x.in) + Number(slot.box.x.in),
    Number(page.box.y.in) + Number(slot.box.y.in),
  ];
}

export interface Where {
  label: string;
  slot: string;
  spread: number;
}

/** Where each placed photo is, in a few letters for its peg. What lies open is known first. */
export function pegLabels(album: Album, line: Line): Map<string, Where> {
  const here = new Map<string, Where>();
  const ids = new Set<string>();
  for (const { slot, page } of slotsOf(album)) {
    ids.add(slot.id);
    if (slot.seat) {
      here.set(slot.seat.photo, {
        label: `${page.leaf} ${page.side} ${flapOf(slot.id) ? "f" : ""}${slot.label.match(/\d+/)?.[0] ?? ""}`,
        slot: slot.id,
        spread: album.spread.number,
      });
    }
  }
  for (const chapter of line.chapters) {
    for (const photo of chapter.photos) {
      if (photo.where && !ids.has(photo.where.slot) && !here.has(photo.id)) {
        here.set(photo.id, photo.where);
      }
    }
  }
  return here;
}
