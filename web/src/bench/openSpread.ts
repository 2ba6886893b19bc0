import { useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect } from "react";
import { useSearchParams } from "react-router";
import type { Album } from "../api/types";

let open: number | undefined;

/** Where this window is turning to, until it lies open there. */
let aim: number | undefined;

/** The spread that lies open in this window; undefined for the one an album opens at. */
export function openSpread() {
  return open;
}

/** Keeps the album at the spread that the address names. */
export function useFollowSpread(album: number) {
  const [params] = useSearchParams();
  const queries = useQueryClient();
  const named = params.get("spread");
  const wanted = named !== null && /^\d{1,4}$/.test(named) ? Number(named) : undefined;
  // Set while rendering, so that the very first question already asks for it.
  open = wanted;
  useEffect(() => {
    aim = undefined;
  }, []);
  useEffect(() => {
    // Only what was really shown has been reached.
    if (wanted === aim) {
      aim = undefined;
    }
  });
  useEffect(() => {
    // By what is shown, not by what was rendered before: a rendering may be given up.
    const shown = queries.getQueryData<Album>(["album", album])?.spread.number;
    if (shown !== undefined && shown !== wanted) {
      void queries.invalidateQueries({ queryKey: ["album", album] });
    }
  }, [queries, album, wanted]);
}

/** Turns to a spread. */
export function useTurnTo() {
  const [, setParams] = useSearchParams();
  return useCallback(
    (spread: number) => {
      if (spread !== (aim ?? open)) {
        aim = spread;
        setParams((before) => {
          const next = new URLSearchParams(before);
          next.set("spread", String(spread));
          return next;
        });
      }
    },
    [setParams],
  );
}

/** Turns on or back from where this window is turning to; answers the spread, or null at an end. */
export function useTurnBy() {
  const turnTo = useTurnTo();
  return useCallback(
    (by: number, spread: { number: number; last: number }) => {
      const next = (aim ?? open ?? spread.number) + by;
      if (next < 0 || next > spread.last) {
        return null;
      }
      turnTo(next);
      return next;
    },
    [turnTo],
  );
}
