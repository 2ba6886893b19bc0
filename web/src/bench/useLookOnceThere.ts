import { useEffect, useState } from "react";
import type { Album } from "../api/types";
import { useHand } from "./hand";
import { slotsOf } from "./places";

/**
 * Looks at a slot that a step has made or filled, once the page shows it: the answer to the step is
 * there before that. Nothing is looked at for null.
 */
export function useLookOnceThere(album: Album): (slot: string | null) => void {
  const lookAtSlot = useHand((hand) => hand.lookAtSlot);
  const [awaited, setAwaited] = useState<string | null>(null);
  useEffect(() => {
    if (awaited && slotsOf(album).some(({ slot }) => slot.id === awaited)) {
      lookAtSlot(awaited);
      setAwaited(null);
    }
  }, [album, awaited, lookAtSlot]);
  return setAwaited;
}
