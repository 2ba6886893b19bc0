import { useEffect, useRef } from "react";
import { useStep } from "../api/queries";
import type { Album, Choice } from "../api/types";
import { isTyping } from "../app/useBenchKeys";
import { useHand } from "../bench/hand";
import { type Row, type Tile, upOrDown } from "./contact";
import { useSheetView } from "./sheetView";
import { useChoose } from "./useChoose";

const CHOICES: Record<string, Choice> = { k: "keep", m: "maybe", x: "out", u: "open" };
const MOST_COMPARED = 4;

/** The keys of the contact sheet. */
export function useGatherKeys(album: Album, rows: Row[]) {
  const step = useStep(album.id);
  const { choose, chooseOfStack, mark: markPhotos } = useChoose(album.id);
  const latest = useRef<(event: KeyboardEvent) => boolean>(() => false);

  latest.current = (event) => {
    const { cursor, standAt } = useHand.getState();
    const view = useSheetView.getState();
    const tiles = rows.flatMap((row) => (row.kind === "tiles" ? row.tiles : []));
    const at = tiles.findIndex((each) => each.photo.id === cursor);
    const tile = tiles[at];
    const key = event.key.length === 1 ? event.key.toLowerCase() : event.key;

    function go(to: Tile | undefined) {
      if (!to) {
        return;
      }
      if (event.shiftKey && tile) {
        view.mark(new Set([...view.marked, tile.photo.id, to.photo.id]));
      } else if (view.marked.size > 0) {
        view.mark(new Set());
      }
      standAt(to.photo.id);
    }

    switch (key) {
      case "ArrowRight":
        go(tiles[at + 1] ?? (at < 0 ? tiles[0] : undefined));
        return true;
      case "ArrowLeft":
        go(tiles[at - 1] ?? (at < 0 ? tiles[0] : undefined));
        return true;
      case "ArrowDown":
      case "ArrowUp":
        go(tile ? upOrDown(rows, tile.photo.id, key === "ArrowDown" ? 1 : -1) : tiles[0]);
        return true;
      case "Home":
        go(tiles[0]);
        return true;
      case "End":
        go(tiles.at(-1));
        return true;
    }
    if (!tile || event.ctrlKey || event.metaKey) {
      return false;
    }
    const ids = view.marked.size > 0 ? [...view.marked] : [tile.photo.id];
    const choice = CHOICES[key];
    if (choice) {
      decide(choice);
      return true;
    }
    switch (key) {
      case "2":
        if (tile.stack) {
          moveOn();
          void chooseOfStack(tile.stack, 2);
        }
        return tile.stack !== null;
      case " ":
        if (tile.photo.lookalike && tile.stack) {
          view.toggleStack(tile.photo.lookalike);
        }
        return true;
      case "Enter":
        view.compare([tile.photo.id]);
        return true;
      case "c": {
        const group = view.marked.size > 1 ? ids : (tile.stack ?? []).map((each) => each.id);
        const rest = tiles.slice(at, at + 2).map((each) => each.photo.id);
        view.compare((group.length > 1 ? group : rest).slice(0, MOST_COMPARED));
        return true;
      }
      case "h":
        void markPhotos(ids, { hero: !tile.photo.hero });
        return true;
      case "p":
        void markPhotos(ids, { secret: !tile.photo.secret });
        return true;
      case "f":
        void markPhotos(ids, { flap: !tile.photo.flap });
        return true;
      case "b":
        void step("/api/albums/{id}/keep-as-proposed", { photos: ids });
        return true;
      case "g":
        if (ids.length > 1) {
          void step("/api/albums/{id}/stack", { photos: ids, together: true });
        }
        return true;
      case "a":
        if (tile.stack || tile.photo.alternates) {
          void step(tile.stack ? "/api/albums/{id}/stack" : "/api/albums/{id}/alternates", {
            photos: ids,
            together: false,
          });
        }
        return true;
      case "v":
        if (ids.length > 1) {
          void step("/api/albums/{id}/alternates", { photos: ids, together: true });
        }
        return true;
      case "n":
        void step("/api/albums/{id}/border", { photo: tile.photo.id, begins: true });
        return true;
      case "j": {
        const head = [...rows]
          .slice(
            0,
            rows.findIndex((row) => row.kind === "tiles" && row.tiles.includes(tile)),
          )
          .reverse()
          .find((row) => row.kind === "head");
        if (head?.kind === "head" && head.number > 0) {
          void step("/api/albums/{id}/border", { photo: head.chapter.id, begins: false });
        }
        return true;
      }
      case "t":
        view.turnTo("look");
        window.requestAnimationFrame(() => document.getElementById("caption")?.focus());
        return true;
      case "Escape":
        view.mark(new Set());
        return true;
    }
    return false;

    function decide(to: Choice) {
      if (!tile) {
        return;
      }
      if (view.marked.size > 0) {
        view.mark(new Set());
        void choose(ids, to);
        return;
      }
      const whole = tile.closed && tile.stack;
      moveOn();
      if (whole && to === "keep") {
        void chooseOfStack(whole, 1);
      } else if (whole) {
        void choose(
          whole.map((each) => each.id),
          to,
        );
      } else {
        void choose([tile.photo.id], to);
      }
    }

    /** What is decided on is left behind; the last one is stayed at. */
    function moveOn() {
      const next = tiles[at + 1] ?? tiles[at - 1];
      if (next) {
        standAt(next.photo.id);
      }
    }
  };

  useEffect(() => {
    function onKey(event: KeyboardEvent) {
      const target = event.target as HTMLElement | null;
      // A button, a tab or a link that has the focus has its own use for these.
      const own =
        [" ", "Enter", "ArrowLeft", "ArrowRight", "ArrowUp", "ArrowDown", "Home", "End"].includes(
          event.key,
        ) && target?.closest("button, a, [role='tab'], summary") != null;
      const elsewhere = useSheetView.getState().compared !== null;
      if (isTyping(event) || event.altKey || own || elsewhere) {
        return;
      }
      if (latest.current(event)) {
        event.preventDefault();
      }
    }
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, []);
}
