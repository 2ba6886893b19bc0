import { useEffect } from "react";
import { useStep } from "../api/queries";
import type { Album } from "../api/types";
import { isTyping } from "../app/useBenchKeys";
import { useHand } from "../bench/hand";
import { useTurnTo } from "../bench/openSpread";
import { cornerOf, type PlacedSlot, slotsOf } from "../bench/places";
import { endPreview, preview } from "../ticket/preview";
import { useNotices } from "../ui/notices";

/** What an empty pocket is set aside for, by key. */
const ASIDE: Record<string, string> = { w: "words", t: "title", e: "empty" };

/** The keys of the spread: going from pocket to pocket, moving, locking, turning, taking out. */
export function usePlaceKeys(album: Album, placeAgain: () => void) {
  const step = useStep(album.id);
  const hand = useHand();
  const turnTo = useTurnTo();
  const speak = useNotices((state) => state.speak);
  useEffect(() => {
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
      endPreview();
      if (inHand.slot === current.id) {
        return;
      }
      const done =
        inHand.thing != null && !inHand.slot
          ? await step("/api/albums/{id}/things/lay", { thing: inHand.thing, slot: current.id })
          : inHand.slot
            ? await step("/api/albums/{id}/swap", { from: inHand.slot, to: current.id })
            : inHand.photo &&
              (await step("/api/albums/{id}/put", { photo: inHand.photo, slot: current.id }));
      if (done) {
        speak(`${inHand.name} is in ${current.label}.`);
      }
    }

    function go(direction: string) {
      const next = neighbour(album, slots, hand.slot, direction);
      if (next) {
        hand.lookAtSlot(next.slot.id);
        document.getElementById(`slot-${next.slot.id}`)?.focus({ preventScroll: true });
        speak(next.slot.label);
        if (hand.inHand?.photo && hand.inHand.slot !== next.slot.id) {
          void preview({ album: album.id, slot: next.slot.id, photo: hand.inHand.photo });
        } else {
          endPreview();
        }
      }
    }

    function act(key: string): boolean {
      if (key.startsWith("arrow")) {
        go(key);
      } else if (key === "escape" && hand.inHand) {
        hand.letGo();
        endPreview();
      } else if (key === "enter" && hand.inHand) {
        void putDown();
      } else if (key === "[" || key === "]") {
        const next = album.spread.number + (key === "]" ? 1 : -1);
        if (next >= 0 && next <= album.spread.last) {
          turnTo(next);
          speak(`Spread ${next + 1} of ${album.spread.last + 1}`);
        }
      } else if (key === "p") {
        placeAgain();
      } else if (key === "x" && (seat || hand.photo)) {
        void step("/api/albums/{id}/choose", {
          photos: [seat?.photo ?? hand.photo ?? ""],
          choice: "out",
        });
      } else if (current && !held && ASIDE[key]) {
        const aside = ASIDE[key] === current.aside ? undefined : ASIDE[key];
        void step("/api/albums/{id}/set-aside", { slot: current.id, aside });
      } else if (!current || !held) {
        return false;
      } else if (key === "enter") {
        hand.pickUp({ photo: seat?.photo ?? null, slot: current.id, name: held.name });
        speak(`${held.name} is in your hand. Choose a pocket with the arrows.`);
      } else if (key === "l") {
        void step("/api/albums/{id}/lock", { slot: current.id, locked: !held.locked });
      } else if (key === "c") {
        const made = held.made === "cut" ? undefined : "cut";
        void step("/api/albums/{id}/made", { slot: current.id, made });
      } else if (key === "g") {
        const made = held.made === "stuck" ? "cut" : "stuck";
        void step("/api/albums/{id}/made", { slot: current.id, made });
      } else if (key === "r") {
        const turned = seat ? seat.drawing.turned : current.laid?.turned;
        void step("/api/albums/{id}/turn", { slot: current.id, turned: !turned });
      } else if (key === "k") {
        document.getElementById("keep-box")?.focus();
      } else if (key === "delete" || key === "backspace") {
        void step("/api/albums/{id}/take-out", { slot: current.id });
      } else {
        return false;
      }
      return true;
    }

    function onKey(event: KeyboardEvent) {
      const elsewhere =
        isTyping(event) || event.ctrlKey || event.metaKey || event.altKey || event.defaultPrevented;
      const target = event.target as HTMLElement;
      const onOther = target.closest("a, button:not([data-slot]), [data-own-keys]") != null;
      const key = event.key.toLowerCase();
      if (elsewhere || (onOther && (key === "enter" || key.startsWith("arrow")))) {
        return;
      }
      if (act(key)) {
        event.preventDefault();
      }
    }
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [album, hand, step, speak, turnTo, placeAgain]);
}

/** The slot that lies next in a direction: the nearest whose middle is that way. */
function neighbour(
  album: Album,
  slots: PlacedSlot[],
  from: string | null,
  key: string,
): PlacedSlot | undefined {
  const here = slots.find(({ slot }) => slot.id === from);
  if (!here) {
    return slots[0];
  }
  const [x, y] = middle(here, album);
  let best: PlacedSlot | undefined;
  let least = Number.POSITIVE_INFINITY;
  for (const slot of slots) {
    const [ox, oy] = middle(slot, album);
    const along =
      key === "arrowleft"
        ? x - ox
        : key === "arrowright"
          ? ox - x
          : key === "arrowup"
            ? y - oy
            : oy - y;
    const across =
      key === "arrowleft" || key === "arrowright" ? Math.abs(oy - y) : Math.abs(ox - x);
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
