import { useEffect } from "react";
import { useStep } from "../api/queries";
import type { Album } from "../api/types";
import { isTyping } from "../app/useBenchKeys";
import { useHand } from "../bench/hand";
import { type PlacedSlot, slotsOf } from "../bench/places";
import { useNotices } from "../ui/notices";

/** The keys of the spread: going from pocket to pocket, moving, locking, turning, taking out. */
export function usePlaceKeys(album: Album) {
  const step = useStep(album.id);
  const hand = useHand();
  const speak = useNotices((state) => state.speak);
  useEffect(() => {
    const slots = slotsOf(album);
    const current = slots.find(({ slot }) => slot.id === hand.slot)?.slot;
    const seat = current?.seat;

    async function putDown() {
      const { inHand } = hand;
      if (!inHand || !current) {
        return;
      }
      hand.letGo();
      if (inHand.slot === current.id) {
        return;
      }
      const done = inHand.slot
        ? await step("/api/albums/{id}/swap", { from: inHand.slot, to: current.id })
        : inHand.photo &&
          (await step("/api/albums/{id}/put", { photo: inHand.photo, slot: current.id }));
      if (done) {
        speak(`${inHand.name} is in ${current.label}.`);
      }
    }

    function go(direction: string) {
      const next = neighbour(slots, hand.slot, direction);
      if (next) {
        hand.lookAtSlot(next.slot.id);
        document.getElementById(`slot-${next.slot.id}`)?.focus({ preventScroll: true });
        speak(next.slot.label);
      }
    }

    function act(key: string): boolean {
      if (key.startsWith("arrow")) {
        go(key);
      } else if (key === "escape" && hand.inHand) {
        hand.letGo();
      } else if (key === "enter" && hand.inHand) {
        void putDown();
      } else if (key === "p") {
        void step("/api/albums/{id}/place-again", {});
      } else if (key === "x" && (seat || hand.photo)) {
        void step("/api/albums/{id}/aside", {
          photo: seat?.photo ?? hand.photo ?? "",
          aside: true,
        });
      } else if (!current || !seat) {
        return false;
      } else if (key === "enter") {
        hand.pickUp({ photo: seat.photo, slot: current.id, name: seat.name });
        speak(`${seat.name} is in your hand. Choose a pocket with the arrows.`);
      } else if (key === "l") {
        void step("/api/albums/{id}/lock", { slot: current.id, locked: !seat.locked });
      } else if (key === "r") {
        void step("/api/albums/{id}/turn", { slot: current.id, turned: !seat.drawing.turned });
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
  }, [album, hand, step, speak]);
}

/** The slot that lies next in a direction: the nearest whose middle is that way. */
function neighbour(slots: PlacedSlot[], from: string | null, key: string): PlacedSlot | undefined {
  const here = slots.find(({ slot }) => slot.id === from);
  if (!here) {
    return slots[0];
  }
  const [x, y] = middle(here);
  let best: PlacedSlot | undefined;
  let least = Number.POSITIVE_INFINITY;
  for (const slot of slots) {
    const [ox, oy] = middle(slot);
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

function middle({ slot, page, side }: PlacedSlot): [number, number] {
  const start = side === "right" ? Number(page.size.w.in) : 0;
  return [
    start + Number(slot.box.x.in) + Number(slot.box.w.in) / 2,
    Number(slot.box.y.in) + Number(slot.box.h.in) / 2,
  ];
}
