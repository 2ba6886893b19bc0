import type { Album, Page, Slot } from "../api/types";

export interface PlacedSlot {
  slot: Slot;
  page: Page;
  side: "left" | "right";
}

/** All slots of the open spread in reading order. */
export function slotsOf(album: Album): PlacedSlot[] {
  return (["left", "right"] as const).flatMap((side) =>
    album.spread[side].slots.map((slot) => ({ slot, page: album.spread[side], side })),
  );
}

/** Where each placed photo is, in a few letters for its peg. */
export function pegLabels(album: Album): Map<string, { label: string; slot: string }> {
  const labels = new Map<string, { label: string; slot: string }>();
  for (const side of ["left", "right"] as const) {
    album.spread[side].slots.forEach((slot, i) => {
      if (slot.seat) {
        labels.set(slot.seat.photo, { label: `${side} ${i + 1}`, slot: slot.id });
      }
    });
  }
  return labels;
}
