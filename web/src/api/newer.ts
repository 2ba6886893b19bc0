import type { Album, Chapter, Leaf, Line, LineChanges, Photo } from "./types";

/** The album as it is, of how it was seen and what differs from that. */
export function newerAlbum(seen: Album | undefined, answer: Album): Album {
  if (!answer.order) {
    return answer;
  }
  const leaves = new Map<number, Leaf>();
  for (const leaf of [...(seen?.leaves ?? []), ...answer.leaves]) {
    leaves.set(leaf.key, leaf);
  }
  return {
    ...answer,
    order: undefined,
    leaves: answer.order.flatMap((key) => leaves.get(key) ?? []),
  };
}

/** The line as it is, of how it was seen and what differs from that. */
export function newerLine(seen: Line, changes: LineChanges): Line {
  if (changes.whole) {
    return changes.whole;
  }
  const changed = new Map((changes.photos ?? []).map((photo) => [photo.id, photo]));
  return {
    revision: changes.revision ?? "",
    chapters: (changes.chapters ?? []).map(({ id, title, named, same, photos }) => {
      const before = same === undefined ? undefined : seen.chapters[same];
      const all = photos ?? [...(before?.photos ?? []), ...(before?.out ?? [])];
      return divided(
        { id, title, named },
        all.map((photo) => changed.get(photo.id) ?? photo),
      );
    }),
    stacks: changes.stacks ?? seen.stacks,
    allEphemera: changes.allEphemera ?? seen.allEphemera,
    wanted: changes.wanted,
  };
}

/** A chapter of photos, those that were dropped apart from the others. */
export function divided(chapter: Omit<Chapter, "photos" | "out">, photos: Photo[]): Chapter {
  const inOrder = [...photos].sort((a, b) => a.rank - b.rank);
  return {
    ...chapter,
    photos: inOrder.filter((photo) => photo.choice !== "out"),
    out: inOrder.filter((photo) => photo.choice === "out"),
  };
}
