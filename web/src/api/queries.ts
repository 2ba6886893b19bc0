import { keepPreviousData, queryOptions, useQuery, useQueryClient } from "@tanstack/react-query";
import { useSettled } from "../ui/useSettled";
import { answered, api } from "./client";
import { newerAlbum, newerLine } from "./newer";
import { openSpread } from "./openSpread";
import type { Album, Breathing, Line, Order } from "./types";

export function useShelf() {
  return useQuery({
    queryKey: ["shelf"],
    queryFn: () => answered(api.GET("/api/albums")),
  });
}

/** By what the steps of this window on an album are known. */
export function stepKey(album: number | undefined) {
  return ["step", album];
}

/** What the page shows of an album, so that it is told only what differs. */
export function shown(seen: Album | undefined) {
  return { spread: openSpread(), since: seen?.revision };
}

/** The album with the spread that lies open. */
export function useAlbum(id: number | undefined) {
  const queries = useQueryClient();
  return useQuery({
    queryKey: ["album", id],
    enabled: id !== undefined,
    queryFn: async () => {
      const seen = queries.getQueryData<Album>(["album", id]);
      const answer = await answered(
        api.GET("/api/albums/{id}", {
          params: { path: { id: id ?? 0 }, query: shown(seen) },
        }),
      );
      return newerAlbum(seen, answer);
    },
  });
}

/** How often the page asks whether another window, the tablet or an intake has changed the album. */
const ASKED_EVERY_MS = 1_500;

/** What all albums draw on. */
const SHARED = ["catalogue", "rules", "settings"];

/** What is asked for by an album's revision or brings it, and what a picture's pixels alone tell. */
const APART = ["album", "line", "revision", "plans", "words", "corners", "measured"];

/** Shows what others change in an album within two seconds, for as long as the window is seen. */
export function useNewest(id: number | undefined) {
  const queries = useQueryClient();
  useQuery({
    queryKey: ["revision", id],
    enabled: id !== undefined,
    refetchInterval: ASKED_EVERY_MS,
    retry: false,
    queryFn: async () => {
      const { revision } = await answered(
        api.GET("/api/albums/{id}/revision", { params: { path: { id: id ?? 0 } } }),
      );
      const known = queries.getQueryData<Album>(["album", id]);
      // A step of this window that is under way brings the album itself.
      const stepping = queries.isMutating({ mutationKey: stepKey(id) }) > 0;
      if (known && revision !== known.revision && !stepping) {
        await Promise.all([
          queries.invalidateQueries({ queryKey: ["album", id] }),
          queries.invalidateQueries({ queryKey: ["line", id] }),
        ]);
        // House rules, the catalogue and what others use of it change what is said of an album
        // whose version stays.
        if (queries.getQueryData<Album>(["album", id])?.version === known.version) {
          void queries.invalidateQueries({
            predicate: ({ queryKey: [what, of] }) =>
              SHARED.includes(String(what)) || (of === id && !APART.includes(String(what))),
          });
        }
      }
      return revision;
    },
  });
}

/** A leaf from both sides, of one version of the album. */
export function useLeaf(id: number, version: number, leaf: number | null) {
  return useQuery({
    queryKey: ["leaf", id, version, leaf],
    enabled: leaf !== null,
    placeholderData: (previous) => (previous?.leaf.key === leaf ? previous : undefined),
    queryFn: () =>
      answered(
        api.GET("/api/albums/{id}/leaves/{leaf}", { params: { path: { id, leaf: leaf ?? 0 } } }),
      ),
  });
}

export function useSettings() {
  return useQuery({
    queryKey: ["settings"],
    staleTime: Number.POSITIVE_INFINITY,
    queryFn: () => answered(api.GET("/api/settings")),
  });
}

/** Whether lengths are shown in millimetres. */
export function useMetric() {
  return useSettings().data?.units === "millimetres";
}

export function useLine(id: number) {
  const queries = useQueryClient();
  return useQuery({
    queryKey: ["line", id],
    enabled: Number.isInteger(id),
    queryFn: async () => {
      const shown = queries.getQueryData<Line>(["line", id]);
      // What differs, differs from what was told, not from what is shown before it is confirmed.
      const seen = shown?.told ?? shown;
      if (!seen) {
        return answered(api.GET("/api/albums/{id}/line", { params: { path: { id } } }));
      }
      const changes = await answered(
        api.GET("/api/albums/{id}/line/changes", {
          params: { path: { id }, query: { since: seen.revision } },
        }),
      );
      return newerLine(seen, changes);
    },
  });
}

/** A photo looked at closely, of one version of the album. */
export function useClose(id: number, version: number, photo: string | null) {
  return useQuery({
    queryKey: ["close", id, version, photo],
    enabled: photo !== null,
    placeholderData: keepPreviousData,
    queryFn: () =>
      answered(
        api.GET("/api/albums/{id}/photos/{photo}", {
          params: { path: { id, photo: photo ?? "" } },
        }),
      ),
  });
}

/** What an album's photos and places depend on: its version, which arrivals do not raise, and them. */
function stateOf(album: Album) {
  return `${album.version}-${album.counts.onLine}`;
}

/** Kept photos against places, of an album as it is; asked for when steps and arrivals pause. */
export function useBudget(album: Album) {
  const { id } = album;
  const settled = useSettled(stateOf(album));
  return useQuery({
    queryKey: ["budget", id, settled],
    placeholderData: keepPreviousData,
    queryFn: () => answered(api.GET("/api/albums/{id}/budget", { params: { path: { id } } })),
  });
}

/** The cameras of an album, of one version of it. */
export function useCameras(id: number, version: number) {
  return useQuery({
    queryKey: ["cameras", id, version],
    placeholderData: keepPreviousData,
    queryFn: () => answered(api.GET("/api/albums/{id}/cameras", { params: { path: { id } } })),
  });
}

/** The ticket of a slot, of one version of the album. */
export function ticketQuery(id: number, version: number | undefined, slot: string | null) {
  return queryOptions({
    queryKey: ["ticket", id, version, slot],
    queryFn: () =>
      answered(
        api.GET("/api/albums/{id}/tickets/{slot}", {
          params: { path: { id, slot: slot ?? "" } },
        }),
      ),
  });
}

export function useTicket(id: number, version: number | undefined, slot: string | null) {
  return useQuery({
    ...ticketQuery(id, version, slot),
    enabled: slot !== null && version !== undefined,
    placeholderData: keepPreviousData,
  });
}

/** How good a spread is, of one version of the album. */
export function useAccount(
  id: number,
  version: number,
  spread: number,
  order: Order,
  breathing: Breathing,
) {
  const settled = useSettled(version);
  return useQuery({
    queryKey: ["account", id, settled, spread, order, breathing],
    placeholderData: keepPreviousData,
    queryFn: () =>
      answered(
        api.GET("/api/albums/{id}/account", {
          params: { path: { id }, query: { spread, order, breathing } },
        }),
      ),
  });
}

/** Why the photo of a slot is there, of one version of the album; asked while it is. */
export function useWhy(
  id: number,
  version: number,
  slot: string,
  there: boolean,
  order: Order,
  breathing: Breathing,
) {
  return useQuery({
    queryKey: ["why", id, version, slot, order, breathing],
    enabled: there,
    queryFn: () =>
      answered(
        api.GET("/api/albums/{id}/why/{slot}", {
          params: { path: { id, slot }, query: { order, breathing } },
        }),
      ),
  });
}

/** The movers that could go at a slot, of one version of the album. */
export function useMoverChoices(album: Album, slot: string) {
  const { id, version } = album;
  return useQuery({
    queryKey: ["mover-choices", id, version, slot],
    queryFn: () =>
      answered(
        api.GET("/api/albums/{id}/movers/choices", { params: { path: { id }, query: { slot } } }),
      ),
  });
}

/** The movers that would take in what is left over, on the open spread. */
export function useSuggestedMovers(album: Album, enabled: boolean) {
  const { id, version, spread } = album;
  return useQuery({
    queryKey: ["suggested-movers", id, version, spread.number],
    enabled,
    queryFn: () =>
      answered(
        api.GET("/api/albums/{id}/spreads/{spread}/suggested", {
          params: { path: { id, spread: spread.number } },
        }),
      ),
    placeholderData: keepPreviousData,
  });
}

/** A spread with these flaps open, of one version of the album. */
export function useMotion(album: Album, open: string[]) {
  const { id, version, spread } = album;
  const has = [spread.left, spread.right].some((page) => page && page.flaps.length > 0);
  return useQuery({
    queryKey: ["motion", id, version, spread.number, open],
    queryFn: () =>
      answered(
        api.GET("/api/albums/{id}/spreads/{spread}/motion", {
          params: { path: { id, spread: spread.number }, query: { open } },
        }),
      ),
    enabled: has,
    placeholderData: keepPreviousData,
  });
}

/** What would make room for a photo on a spread, of one version of the album. */
export function useRoom(id: number, version: number, photo: string, spread: number) {
  return useQuery({
    queryKey: ["room", id, version, photo, spread],
    queryFn: () =>
      answered(
        api.GET("/api/albums/{id}/room/{photo}", {
          params: { path: { id, photo }, query: { spread } },
        }),
      ),
  });
}

/** Photos without a place and the gaps they are offered to; asked for when steps and arrivals pause. */
export function useLate(album: Album, enabled: boolean) {
  const { id } = album;
  const settled = useSettled(stateOf(album));
  return useQuery({
    queryKey: ["late", id, settled],
    enabled,
    placeholderData: keepPreviousData,
    queryFn: () => answered(api.GET("/api/albums/{id}/late", { params: { path: { id } } })),
  });
}

/** How often it is asked for what is still being looked for in photos. */
const LOOKED_FOR_EVERY_MS = 2_000;

/** Crops that could follow what was found since; asked again while it is still being looked for. */
export function useCrops(album: Album) {
  const { id } = album;
  const settled = useSettled(stateOf(album));
  return useQuery({
    queryKey: ["crops", id, settled],
    placeholderData: keepPreviousData,
    refetchInterval: ({ state }) =>
      state.data && state.data.looked < state.data.toLook ? LOOKED_FOR_EVERY_MS : false,
    queryFn: () => answered(api.GET("/api/albums/{id}/crops", { params: { path: { id } } })),
  });
}

export function useLists(id: number, version: number | undefined) {
  return useQuery({
    queryKey: ["lists", id, version],
    enabled: version !== undefined,
    placeholderData: keepPreviousData,
    queryFn: () => answered(api.GET("/api/albums/{id}/lists", { params: { path: { id } } })),
  });
}

/** All that is on the shelf. */
export function useCatalogue() {
  return useQuery({
    queryKey: ["catalogue"],
    queryFn: () => answered(api.GET("/api/catalogue")),
  });
}

export function useAbout(open: boolean) {
  return useQuery({
    queryKey: ["about"],
    enabled: open,
    staleTime: Number.POSITIVE_INFINITY,
    queryFn: () => answered(api.GET("/api/about")),
  });
}
