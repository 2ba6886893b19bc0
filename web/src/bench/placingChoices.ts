import { create } from "zustand";
import { persist } from "zustand/middleware";
import type { Breathing, Order } from "../api/types";

export type Over = "spread" | "chapter" | "album";

export const ORDERS: Record<Order, string> = {
  story: "in story order",
  weight: "by weight",
  variety: "by variety",
  free: "in any order",
};

export const BREATHING: Record<Breathing, string> = {
  packed: "packed",
  full: "full",
  even: "even",
  airy: "airy",
};

export const OVER: Record<Over, string> = {
  spread: "this spread",
  chapter: "this chapter",
  album: "the album",
};

interface PlacingChoices {
  order: Order;
  breathing: Breathing;
  over: Over;
  choose: (next: Partial<Pick<PlacingChoices, "order" | "breathing" | "over">>) => void;
}

/** How photos are placed in this window. */
export const usePlacingChoices = create<PlacingChoices>()(
  persist(
    (set) => ({
      order: "story",
      breathing: "full",
      over: "spread",
      choose: (next) => set(next),
    }),
    { name: "drumnest.placing" },
  ),
);
