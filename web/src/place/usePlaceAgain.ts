import { useCallback } from "react";
import type { Album, Line } from "../api/types";
import { useStep } from "../api/useStep";
import { slotsOf } from "../bench/places";
import { type Over, usePlacingChoices } from "../bench/placingChoices";
import { useRun } from "../ui/useRun";

/** The chapter that the open spread tells of: that of its first photo, or the first chapter. */
export function chapterHere(album: Album, line: Line) {
  const here = slotsOf(album).find(({ slot }) => slot.seat)?.slot.seat?.photo;
  return (
    line.chapters.find((chapter) => chapter.photos.some((photo) => photo.id === here)) ??
    line.chapters[0]
  );
}

/** Places photos again as it is chosen. */
export function usePlaceAgain(album: Album, line: Line) {
  const step = useStep(album.id);
  const run = useRun();
  const { order, breathing, over } = usePlacingChoices();
  const { watch } = run;
  const chapter = chapterHere(album, line)?.id;
  const { number } = album.spread;

  const place = useCallback(
    (scope: Over = over) =>
      watch((name) =>
        step("/api/albums/{id}/place-again", {
          order,
          breathing,
          run: name,
          ...(scope === "spread" ? { spread: number } : {}),
          ...(scope === "chapter" && chapter ? { chapter } : {}),
        }),
      ),
    [watch, step, order, breathing, over, number, chapter],
  );
  return { ...run, place };
}
