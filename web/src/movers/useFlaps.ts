import { useCallback, useEffect, useMemo } from "react";
import { useMotion } from "../api/queries";
import type { Album, Flap, MoverKind } from "../api/types";
import { useStep } from "../api/useStep";
import { useHand } from "../bench/hand";
import { flapOf, flapsOf, insideOf, pageOf } from "../bench/places";
import { useLookOnceThere } from "../bench/useLookOnceThere";
import { useNotices } from "../ui/notices";
import { useOpenFlaps } from "./openFlaps";

/** Looks at the cover of what was added, that on the page of a slot first, once the page shows it. */
function useLookAtAdded(album: Album) {
  const look = useLookOnceThere(album);
  return useCallback(
    (next: Album | null | undefined, slot?: string) => {
      const before = flapsOf(album).map(({ flap }) => flap.id);
      const covers = (next ? flapsOf(next) : [])
        .map(({ flap }) => flap)
        .filter((flap) => isCover(flap) && !before.includes(flap.id));
      const here = covers.find((flap) => slot && pageOf(flap.id) === pageOf(slot));
      look((here ?? covers[0])?.outside.id ?? null);
    },
    [album, look],
  );
}

/** Whether it is by itself, or the part of its mover that is opened first. */
function isCover(flap: Flap) {
  return !flap.mover || flap.mover === flap.id;
}

/** Puts a flap over a slot and looks at it. */
export function useAddFlap(album: Album) {
  const step = useStep(album.id);
  const look = useLookAtAdded(album);
  return useCallback(
    async (slot: string, whole = false) =>
      look(await step("/api/albums/{id}/flaps/add", { slot, whole }), slot),
    [look, step],
  );
}

/** Puts a mover of a kind at a slot and looks at its cover. */
export function useAddMover(album: Album) {
  const step = useStep(album.id);
  const look = useLookAtAdded(album);
  return useCallback(
    async (slot: string, kind: MoverKind) =>
      look(await step("/api/albums/{id}/movers/add", { slot, kind }), slot),
    [look, step],
  );
}

/** Puts a mover mirrored on the facing page and looks at its cover. */
export function useMirror(album: Album) {
  const step = useStep(album.id);
  const look = useLookAtAdded(album);
  return useCallback(
    async (flap: string) => look(await step("/api/albums/{id}/movers/mirror", { flap })),
    [look, step],
  );
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
  const { open: all, set, want } = useOpenFlaps();
  const notify = useNotices((state) => state.notify);
  const speak = useNotices((state) => state.speak);
  const lookAtSlot = useHand((hand) => hand.lookAtSlot);
  const flaps = useMemo(() => flapsOf(album), [album]);
  const ids = flaps.map(({ flap }) => flap.id).join(" ");
  // What was turned away or taken off is open no more.
  const open = useMemo(() => all.filter((id) => ids.split(" ").includes(id)), [all, ids]);
  const { data, isPlaceholderData } = useMotion(album, open);
  // What is shown while it is asked for anew may be of another spread.
  const motion = flaps.length > 0 ? data : undefined;
  const known = motion !== undefined && !isPlaceholderData;

  const toggle = useCallback(
    (id: string) => {
      const state = motion?.flaps.find((each) => each.id === id);
      const placed = flaps.find(({ flap }) => flap.id === id);
      if (!placed) {
        return;
      }
      if (!known || !state) {
        // What may move is told for the state before: it waits until that of now is known.
        want(id);
        return;
      }
      if (!state.may) {
        notify(state.hindrances.join(" "));
        return;
      }
      const closes = open.includes(id);
      set(closes ? open.filter((each) => each !== id) : [...open, id]);
      lookAtSlot(
        closes ? placed.flap.outside.id : (insideOf(placed.flap) ?? placed.flap.outside).id,
      );
      speak(`${placed.flap.label} is ${closes ? "closed" : "open"}.`);
    },
    [motion, known, flaps, open, set, want, notify, speak, lookAtSlot],
  );

  return { flaps, open, motion, known, toggle, set };
}

/** Moves what was pressed too soon, once it is known whether it may. */
export function useWantedFlap(album: Album) {
  const { known, toggle } = useFlaps(album);
  const { wanted, want } = useOpenFlaps();
  useEffect(() => {
    if (wanted && known) {
      want(null);
      toggle(wanted);
    }
  }, [wanted, known, want, toggle]);
}
