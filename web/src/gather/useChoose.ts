import { useQueryClient } from "@tanstack/react-query";
import { useCallback } from "react";
import { divided } from "../api/newer";
import { stepKey } from "../api/queries";
import type { Choice, Line, Photo, Showing } from "../api/types";
import { useStep } from "../api/useStep";

/** Decides on photos: shown at once, done in turn, and told anew when all of it is done. */
export function useChoose(album: number) {
  const step = useStep(album);
  const queries = useQueryClient();

  const run = useCallback(
    async (photos: ReadonlyMap<string, Partial<Photo>>, send: () => Promise<unknown>) => {
      await queries.cancelQueries({ queryKey: ["line", album] });
      queries.setQueryData<Line>(["line", album], (line) => line && patched(line, photos));
      await send();
      if (queries.isMutating({ mutationKey: stepKey(album) }) === 0) {
        void queries.invalidateQueries({ queryKey: ["line", album] });
      }
    },
    [queries, album],
  );

  const choose = useCallback(
    (ids: string[], choice: Choice) =>
      run(new Map(ids.map((id) => [id, { choice }])), () =>
        step("/api/albums/{id}/choose", { photos: ids, choice }, undefined, true),
      ),
    [run, step],
  );

  const chooseOfStack = useCallback(
    (stack: Photo[], keep: number) => {
      const first = stack[0];
      return first
        ? run(
            new Map(inTurn(stack).map(({ id }, i) => [id, { choice: i < keep ? "keep" : "out" }])),
            () =>
              step("/api/albums/{id}/choose-of-stack", { photo: first.id, keep }, undefined, true),
          )
        : Promise.resolve();
    },
    [run, step],
  );

  const mark = useCallback(
    (
      ids: string[],
      what: { hero?: boolean; secret?: boolean; flap?: boolean; showing?: Showing },
    ) =>
      run(new Map(ids.map((id) => [id, what])), () =>
        step("/api/albums/{id}/flags", { photos: ids, ...what }, undefined, true),
      ),
    [run, step],
  );

  return { choose, chooseOfStack, mark };
}

const TURNS: Record<string, number> = { keep: 0, open: 1, maybe: 1, out: 2 };

/** The photos of a stack as they are kept: what is kept first, what was dropped last. */
function inTurn(stack: Photo[]) {
  return [...stack].sort((a, b) => (TURNS[a.choice] ?? 1) - (TURNS[b.choice] ?? 1));
}

/** The line as it will be when these photos have changed; it keeps what it was told as. */
function patched(line: Line, changes: ReadonlyMap<string, Partial<Photo>>): Line {
  return {
    ...line,
    told: line.told ?? line,
    chapters: line.chapters.map((chapter) => {
      const photos = [...chapter.photos, ...chapter.out];
      return photos.some((photo) => changes.has(photo.id))
        ? divided(
            chapter,
            photos.map((photo) => ({ ...photo, ...changes.get(photo.id) })),
          )
        : chapter;
    }),
  };
}
