import { useEffect, useState } from "react";
import { answered, api, Refusal } from "../api/client";
import type { Album, Block, LeafDetail, Mount } from "../api/types";

export interface Draft {
  /** The blocks as they are said; null while nothing is changed. */
  blocks: Block[] | null;
  /** The mounts that they make; null where they do not come out or nothing is changed. */
  mounts: Mount[] | null;
  refusal: Refusal | null;
  /** The block that is worked on. */
  chosen: number | null;
  choose: (block: number | null) => void;
  say: (blocks: Block[] | null) => void;
}

const PAUSE = 160;

/** Blocks that are being said and not yet kept, with the mounts that the core makes of them. */
export function useDraft(
  album: Album,
  detail: LeafDetail | undefined,
  side: "front" | "back",
): Draft {
  const [blocks, setBlocks] = useState<Block[] | null>(null);
  const [mounts, setMounts] = useState<Mount[] | null>(null);
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const [chosen, choose] = useState<number | null>(null);
  const leaf = detail?.leaf.key;

  // biome-ignore lint/correctness/useExhaustiveDependencies: another face begins anew
  useEffect(() => {
    setBlocks(null);
  }, [leaf, side, album.version]);

  // biome-ignore lint/correctness/useExhaustiveDependencies: on another face no block is worked on
  useEffect(() => {
    choose(null);
  }, [leaf, side]);

  useEffect(() => {
    if (!blocks || leaf === undefined) {
      setMounts(null);
      setRefusal(null);
      return;
    }
    let late = false;
    const timer = window.setTimeout(async () => {
      try {
        const plan = await answered(
          api.POST("/api/albums/{id}/leaves/plan/preview", {
            params: { path: { id: album.id } },
            body: { version: album.version, leaf, side, blocks },
          }),
        );
        if (!late) {
          setMounts(plan.mounts);
          setRefusal(null);
        }
      } catch (problem) {
        if (!late) {
          setRefusal(problem instanceof Refusal ? problem : new Refusal({}, 0));
        }
      }
    }, PAUSE);
    return () => {
      late = true;
      window.clearTimeout(timer);
    };
  }, [blocks, leaf, side, album.id, album.version]);

  return { blocks, mounts, refusal, chosen, choose, say: setBlocks };
}
