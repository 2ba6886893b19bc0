import { useEffect } from "react";
import type { Album, Aside } from "../api/types";
import { useStep } from "../api/useStep";
import { useHand } from "../bench/hand";
import { cornerOf, type PlacedSlot, slotsOf } from "../bench/places";
import { useTurnBy } from "../bench/turning";
import { usePreview } from "../ticket/preview";
import { type Does, deedOf, isTyping } from "../ui/keys";
import { useNotices } from "../ui/notices";

/** What an empty pocket is set aside for, by key. */
const ASIDE: Partial<Record<Does, Aside>> = { words: "words", title: "title", empty: "empty" };

/** The keys of the spread: going from pocket to pocket, moving, locking, turning, taking out. */
export function usePlaceKeys(
  album: Album,
  placeAgain: () => void,
  openFlap: (slot: string) => void,
  seen: string[] | undefined,
) {
  const step = useStep(album.id);
  const turnBy = useTurnBy();
  const speak = useNotices((state) => state.speak);
  useEffect(() => {
    function onKey(event: KeyboardEvent) {
      // As it is now: the last key may have changed it since the page was drawn.
      const hand = useHand.getState();
      const slots = slotsOf(album);
      const current = slots.find(({ slot }) => slot.id === hand.slot)?.slot;
      const seat = current?.seat;
      const held = seat ?? current?.laid;

      async function putDown() {
        const { inHand } = hand;
        if (!inHand || !current) {
          return;
        }
        hand.letGo();
        usePreview.getState().end();
        if (inHand.slot === current.id) {
          return;
        }
        const done =
          inHand.ephemera != null && !inHand.slot
            ? await step("/api/albums/{id}/ephemera/lay", {
                ephemera: inHand.ephemera,
                slot: current.id,
              })
            : inHand.slot
              ? await step("/api/albums/{id}/swap", { from: inHand.slot, to: current.id })
              : inHand.photo &&
                (await step("/api/albums/{id}/put", { photo: inHand.photo, slot: current.id }));
        if (done) {
          speak(`${inHand.name} is in ${current.label}.`);
        }
      }

      function go(direction: string) {
        const next = neighbour(
          album,
          // What lies under a flap is gone to when that is open.
          slots.filter(({ slot }) => !seen || seen.includes(slot.id)),
          slots.find(({ slot }) => slot.id === hand.slot),
          direction,
        );
        if (next) {
          hand.lookAtSlot(next.slot.id);
          document.getElementById(`slot-${next.slot.id}`)?.focus({ preventScroll: true });
          speak(next.slot.label);
          if (hand.inHand?.photo && hand.inHand.slot !== next.slot.id) {
            usePreview
              .getState()
              .ask({ album: album.id, slot: next.slot.id, photo: hand.inHand.photo });
          } else {
            usePreview.getState().end();
          }
        }
      }

      function act(key: string, does: Does | null): boolean {
        if (key.startsWith("Arrow")) {
          go(key);
        } else if (key === "Escape" && hand.inHand) {
          hand.letGo();
          usePreview.getState().end();
        } else if (key === "Enter" && hand.inHand) {
          void putDown();
        } else if (does === "turn-back" || does === "turn-on") {
          const next = turnBy(does === "turn-on" ? 1 : -1, album.spread);
          if (next !== null) {
            speak(`Spread ${next + 1} of ${album.spread.last + 1}`);
          }
        } else if (does === "place-again") {
          placeAgain();
        } else if (does === "out" && (seat || hand.photo)) {
          void step("/api/albums/{id}/choose", {
            photos: [seat?.photo ?? hand.photo ?? ""],
            choice: "out",
          });
        } else if (current && !held && does && ASIDE[does]) {
          void step("/api/albums/{id}/set-aside", (now) => {
            const aside = ASIDE[does];
            return { slot: current.id, aside: slotIn(now)?.aside === aside ? undefined : aside };
          });
        } else if (current && does === "open-flap") {
          openFlap(current.id);
        } else if (!current || !held) {
          return false;
        } else if (key === "Enter") {
          hand.pickUp({ photo: seat?.photo ?? null, slot: current.id, name: held.name });
          speak(`${held.name} is in your hand. Choose a pocket with the arrows.`);
        } else if (does === "words" && (seat || current.laid?.kind === "card")) {
          void step(
            seat ? "/api/albums/{id}/words/of-photo" : "/api/albums/{id}/words/to-photo",
            seat ? { photo: seat.photo } : { card: current.laid?.ephemera ?? 0 },
          );
        } else if (does === "lock") {
          void step("/api/albums/{id}/lock", (now) => ({
            slot: current.id,
            locked: !heldIn(now)?.locked,
          }));
        } else if (does === "cut") {
          void step("/api/albums/{id}/made", (now) => ({
            slot: current.id,
            made: heldIn(now)?.made === "cut" ? undefined : ("cut" as const),
          }));
        } else if (does === "stuck") {
          void step("/api/albums/{id}/made", (now) => ({
            slot: current.id,
            made: heldIn(now)?.made === "stuck" ? ("cut" as const) : ("stuck" as const),
          }));
        } else if (does === "quarter-turn") {
          void step("/api/albums/{id}/turn", (now) => {
            const slot = slotIn(now);
            return {
              slot: current.id,
              turned: !(slot?.seat ? slot.seat.drawing.turned : slot?.laid?.turned),
            };
          });
        } else if (does === "whole") {
          if (current.seat && !current.seat.onTable) {
            void step("/api/albums/{id}/whole", (now) => ({
              slot: current.id,
              whole: slotIn(now)?.seat?.whole !== true,
            }));
          }
        } else if (does === "keep-box") {
          document.getElementById("keep-box")?.focus();
        } else if (does === "take-out") {
          void step("/api/albums/{id}/take-out", { slot: current.id });
        } else {
          return false;
        }
        return true;
      }

      /** The slot that is looked at as it is when the step's turn has come. */
      function slotIn(now: Album) {
        return slotsOf(now).find(({ slot }) => slot.id === current?.id)?.slot;
      }

      function heldIn(now: Album) {
        const slot = slotIn(now);
        return slot?.seat ?? slot?.laid;
      }

      const elsewhere =
        isTyping(event) || event.ctrlKey || event.metaKey || event.altKey || event.defaultPrevented;
      const target = event.target as HTMLElement;
      const onOther = target.closest("a, button:not([data-slot]), [data-own-keys]") != null;
      const { key } = event;
      if (elsewhere || (onOther && (key === "Enter" || key.startsWith("Arrow")))) {
        return;
      }
      if (act(key, deedOf(event, "place"))) {
        event.preventDefault();
      }
    }
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [album, step, speak, turnBy, placeAgain, openFlap, seen]);
}

/** The slot that lies next in a direction: the nearest whose middle is that way. */
function neighbour(
  album: Album,
  slots: PlacedSlot[],
  here: PlacedSlot | undefined,
  key: string,
): PlacedSlot | undefined {
  if (!here) {
    return slots[0];
  }
  const [x, y] = middle(here, album);
  let best: PlacedSlot | undefined;
  let least = Number.POSITIVE_INFINITY;
  for (const slot of slots) {
    const [ox, oy] = middle(slot, album);
    const along =
      key === "ArrowLeft"
        ? x - ox
        : key === "ArrowRight"
          ? ox - x
          : key === "ArrowUp"
            ? y - oy
            : oy - y;
    const across =
      key === "ArrowLeft" || key === "ArrowRight" ? Math.abs(oy - y) : Math.abs(ox - x);
    const far = along + 3 * across;
    if (along > 0.01 && far < least) {
      least = far;
      best = slot;
    }
  }
  return best;
}

function middle(placed: PlacedSlot, album: Album): [number, number] {
  const [x, y] = cornerOf(placed, album);
  return [x + Number(placed.slot.box.w.in) / 2, y + Number(placed.slot.box.h.in) / 2];
}
