import { useCallback } from "react";
import type { Album } from "../api/types";
import { useStep } from "../api/useStep";
import { ask } from "../ui/Ask";
import { useNotices } from "../ui/notices";
import { useHand } from "./hand";

/** What a maker does to the leaves, from wherever they are in view. */
export function useLeafSteps(album: Album) {
  const step = useStep(album.id);
  const notify = useNotices((state) => state.notify);
  const lookAtLeaf = useHand((hand) => hand.lookAtLeaf);

  const add = useCallback(
    async (type: string, at: number) => {
      const next = await step("/api/albums/{id}/leaves/add", { type, at });
      const added = next?.leaves.find((leaf) => leaf.number === Math.min(at, next.leaves.length));
      if (added) {
        lookAtLeaf(added.key);
      }
    },
    [step, lookAtLeaf],
  );

  const move = useCallback(
    (leaf: number, to: number) => {
      if (to >= 1 && to <= album.leaves.length) {
        void step("/api/albums/{id}/leaves/move", { leaf, to });
      }
    },
    [step, album.leaves.length],
  );

  const remove = useCallback(
    async (leaf: number) => {
      await step("/api/albums/{id}/leaves/remove", { leaf }, async (refusal) => {
        if (!refusal.lost) {
          notify(refusal.message);
          return;
        }
        if (await ask(`${refusal.message} Take it out?`, refusal.lost, "Take it out")) {
          await step("/api/albums/{id}/leaves/remove", { leaf, confirmed: true });
        }
      });
    },
    [step, notify],
  );

  const turnOver = useCallback(
    (leaf: number) => void step("/api/albums/{id}/leaves/turn-over", { leaf }),
    [step],
  );

  const duplicate = useCallback(
    async (leaf: number) => {
      const next = await step("/api/albums/{id}/leaves/duplicate", { leaf });
      const from = next?.leaves.find((each) => each.key === leaf);
      const copy = next?.leaves.find((each) => each.number === (from?.number ?? 0) + 1);
      if (copy) {
        lookAtLeaf(copy.key);
      }
    },
    [step, lookAtLeaf],
  );

  return { add, move, remove, turnOver, duplicate };
}
