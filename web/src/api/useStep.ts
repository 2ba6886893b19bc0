import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useCallback } from "react";
import { useNotices } from "../ui/notices";
import { answered, api, Refusal } from "./client";
import { newerAlbum } from "./newer";
import { shown, stepKey } from "./queries";
import type { paths } from "./schema";
import type { Album } from "./types";

type AlbumPath = Extract<keyof paths, `/api/albums/{id}/${string}`>;

/** The steps a maker can take: addresses that answer with the album as it is then. */
type StepPath = {
  [P in AlbumPath]: paths[P] extends {
    post: {
      requestBody: { content: { "application/json": { version: number } } };
      responses: { 200: { content: { "application/json": Album } } };
    };
  }
    ? P
    : never;
}[AlbumPath];

type StepBody<P extends StepPath> = Omit<
  paths[P] extends { post: { requestBody: { content: { "application/json": infer B } } } }
    ? B
    : never,
  "version"
>;

/**
 * Takes a step on the album as the page has seen it. What is to be done may depend on how the album
 * is when the step's turn comes, so that fast presses never go by what is past. Answers the album as it is then, or null where
 * the step was refused; the refusal is shown, unless the caller takes it. Who takes many steps in a
 * row asks for the line later, once.
 */
export function useStep(id: number) {
  const queries = useQueryClient();
  const notify = useNotices((state) => state.notify);
  // Steps of one scope follow each other, each on the album as the one before has left it.
  const { mutateAsync: inTurn } = useMutation({
    mutationKey: stepKey(id),
    scope: { id: "steps" },
    networkMode: "always",
    mutationFn: (step: () => Promise<Album>) => step(),
  });
  return useCallback(
    async <P extends StepPath>(
      path: P,
      body: StepBody<P> | ((now: Album) => StepBody<P>),
      onRefusal?: (refusal: Refusal) => void,
      lineLater = false,
    ): Promise<Album | null> => {
      try {
        const album = await inTurn(async () => {
          // What was asked for before the step would come after it, and be older.
          await queries.cancelQueries({ queryKey: ["album", id] });
          const seen = queries.getQueryData<Album>(["album", id]);
          const said = typeof body === "function" ? seen && body(seen) : body;
          return answered<Album>(
            // The body of each path is checked by StepBody; the client's own type cannot follow that.
            api.POST(path as "/api/albums/{id}/undo", {
              params: { path: { id }, query: shown(seen) },
              body: { ...said, version: seen?.version ?? 0 },
            }),
          ).then((answer) => {
            const next = newerAlbum(seen, answer);
            queries.setQueryData(["album", id], next);
            return next;
          });
        });
        if (!lineLater) {
          void queries.invalidateQueries({ queryKey: ["line", id] });
        }
        return album;
      } catch (problem) {
        const refusal = problem instanceof Refusal ? problem : new Refusal({}, 0);
        if (refusal.status === 409) {
          await Promise.all([
            queries.invalidateQueries({ queryKey: ["album", id] }),
            queries.invalidateQueries({ queryKey: ["line", id] }),
          ]);
          notify(refusal.message);
        } else if (onRefusal) {
          onRefusal(refusal);
        } else {
          notify(refusal.message);
        }
        return null;
      }
    },
    [id, queries, notify, inTurn],
  );
}
