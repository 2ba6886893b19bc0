import { useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect } from "react";
import { useSearchParams } from "react-router";
import { openSpread } from "../api/openSpread";
import type { Album } from "../api/types";

/** Keeps the album at the spread that the address names. */
export function useFollowSpread(album: number) {
  const queries = useQueryClient();
  const [params] = useSearchParams();
  // biome-ignore lint/correctness/useExhaustiveDependencies: another address may name another spread
  useEffect(() => {
    const wanted = openSpread();
    // By what is shown, not by what was rendered before: a rendering may be given up.
    const shown = queries.getQueryData<Album>(["album", album])?.spread.number;
    if (shown !== undefined && shown !== wanted) {
      void queries.invalidateQueries({ queryKey: ["album", album] });
    }
  }, [queries, album, params]);
}

/** Turns to a spread. The address says at once where this window is turning to. */
export function useTurnTo() {
  const [, setParams] = useSearchParams();
  return useCallback(
    (spread: number) => {
      if (spread !== openSpread()) {
        setParams(() => {
          const next = new URLSearchParams(window.location.search);
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
      const next = (openSpread() ?? spread.number) + by;
      if (next < 0 || next > spread.last) {
        return null;
      }
      turnTo(next);
      return next;
    },
    [turnTo],
  );
}
