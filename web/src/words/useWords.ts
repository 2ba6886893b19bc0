import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useCallback } from "react";
import { useSearchParams } from "react-router";
import { answered, api } from "../api/client";
import type { Album, CardOfWords, WordsOfAlbum } from "../api/types";
import { useStep } from "../api/useStep";

/** The words of an album, those of one chapter in full. */
export function useWords(album: Album, chapter: string | null) {
  return useQuery({
    queryKey: ["words", album.id, album.revision, chapter],
    placeholderData: keepPreviousData,
    queryFn: () =>
      answered(
        api.GET("/api/albums/{id}/words", {
          params: { path: { id: album.id }, query: { chapter: chapter ?? undefined } },
        }),
      ),
  });
}

export interface Chosen {
  chapter: string | null;
  card: number | null;
  title: number | null;
}

/** What is looked at: it stands in the address, so that other stages can lead here. */
export function useChosen() {
  const [params, setParams] = useSearchParams();
  const number = (name: string) => {
    const value = params.get(name);
    return value === null ? null : Number(value);
  };
  const choose = useCallback(
    (next: Partial<Chosen>) =>
      setParams(
        (before) => {
          const after = new URLSearchParams(before);
          for (const [name, value] of Object.entries(next)) {
            if (value === null || value === undefined) {
              after.delete(name);
            } else {
              after.set(name, String(value));
            }
          }
          return after;
        },
        { replace: true },
      ),
    [setParams],
  );
  const chosen: Chosen = {
    chapter: params.get("chapter"),
    card: number("card"),
    title: number("title"),
  };
  return { chosen, choose };
}

/** The cards of the chapter in reading order. */
export function cardsOf(words: WordsOfAlbum): CardOfWords[] {
  return words.chapter?.rows.flatMap((row) => row.cards) ?? [];
}

/** Begins a card in a place or for a photo, and opens it to be written on. */
export function useBegin(album: Album, chapter: string | null) {
  const step = useStep(album.id);
  const { choose } = useChosen();
  return useCallback(
    async (where: { slot: string } | { photo: string }) => {
      const done =
        "slot" in where
          ? await step("/api/albums/{id}/words/begin", where)
          : await step("/api/albums/{id}/words/of-photo", where);
      if (!done) {
        return;
      }
      const words = await answered(
        api.GET("/api/albums/{id}/words", {
          params: { path: { id: album.id }, query: { chapter: chapter ?? undefined } },
        }),
      );
      // Keys grow, so that the newest card has the highest.
      const newest = Math.max(0, ...cardsOf(words).map((card) => card.key));
      choose({ card: newest, title: null });
    },
    [album.id, chapter, choose, step],
  );
}
