import { useCallback, useEffect, useMemo, useState } from "react";
import { useMotion } from "../api/queries";
import type { Album, Flap } from "../api/types";
import { useStep } from "../api/useStep";
import { useHand } from "../bench/hand";
import { flapOf, flapsOf } from "../bench/places";
import { useNotices } from "../ui/notices";
import { useOpenFlaps } from "./openFlaps";

/** Puts a flap over a slot and looks at it. */
export function useAddFlap(album: Album) {
  const step = useStep(album.id);
  const lookAtSlot = useHand((hand) => hand.lookAtSlot);
  const [added, setAdded] = useState<string | null>(null);
  useEffect(() => {
    // The answer to the step is there before the page shows it.
    if (added && flapsOf(album).some(({ flap }) => flap.outside.id === added)) {
      lookAtSlot(added);
      setAdded(null);
    }
  }, [album, added, lookAtSlot]);
  return useCallback(
    async (slot: string) => {
      const before = flapsOf(album).map(({ flap }) => flap.id);
      const next = await step("/api/albums/{id}/flaps/add", { slot });
      const flap = next && flapsOf(next).find((each) => !before.includes(each.flap.id))?.flap;
      setAdded(flap?.outside.id ?? null);
    },
    [album, step],
  );
}

/** Puts a mover of a kind at a slot and looks at its cover. */
export function useAddMover(album: Album) {
  const step = useStep(album.id);
  const lookAtSlot = useHand((hand) => hand.lookAtSlot);
  return useCallback(
    async (slot: string, kind: string) => {
      const before = flapsOf(album).map(({ flap }) => flap.id);
      const next = await step("/api/albums/{id}/movers/add", { slot, kind });
      const cover =
        next && flapsOf(next).find(({ flap }) => isFirst(flap) && !before.includes(flap.id));
      if (cover) {
        lookAtSlot(cover.flap.outside.id);
      }
    },
    [album, step, lookAtSlot],
  );
}

function isFirst(flap: Flap) {
  return flap.mover === flap.id;
}

/** What the key of flaps does to a slot: opens or closes its flap, or puts one over it. */
export function useFlapKey(album: Album) {
  const { toggle } = useFlaps(album);
  const add = useAddFlap(album);
  return useCallback(
    (slot: string) => {
      const flap = flapOf(slot);
      if (flap) {
        toggle(flap);
      } else {
        void add(slot);
      }
    },
    [toggle, add],
  );
}

/** The flaps of the open spread as they stand, and what opens and closes them. */
export function useFlaps(album: Album) {
  const { open: all, set } = useOpenFlaps();
  const notify = useNotices((state) => state.notify);
  const speak = useNotices((state) => state.speak);
  const lookAtSlot = useHand((hand) => hand.lookAtSlot);
  const flaps = useMemo(() => flapsOf(album), [album]);
  const ids = flaps.map(({ flap }) => flap.id).join(" ");
  // What was turned away or taken off is open no more.
  const open = useMemo(() => all.filter((id) => ids.split(" ").includes(id)), [all, ids]);
  const motion = useMotion(album, open).data;

  const toggle = useCallback(
    (id: string) => {
      const state = motion?.flaps.find((each) => each.id === id);
      const placed = flaps.find(({ flap }) => flap.id === id);
      if (!state || !placed) {
        return;
      }
      if (!state.may) {
        notify(state.hindrances.join(" "));
        return;
      }
      const closes = open.includes(id);
      set(closes ? open.filter((each) => each !== id) : [...open, id]);
      lookAtSlot(closes ? placed.flap.outside.id : (placed.flap.inside ?? placed.flap.outside).id);
      speak(`${placed.flap.label} is ${closes ? "closed" : "open"}.`);
    },
    [motion, flaps, open, set, notify, speak, lookAtSlot],
  );

  return { flaps, open, motion, toggle, set };
}
