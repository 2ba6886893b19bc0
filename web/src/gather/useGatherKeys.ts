import { useEffect, useRef } from "react";
import type { Album, Choice, Photo } from "../api/types";
import { useStep } from "../api/useStep";
import { useHand } from "../bench/hand";
import { deedOf, isTyping } from "../ui/keys";
import { useNotices } from "../ui/notices";
import { has } from "../ui/photo";
import { CHOICE_WORDS, CHOICES, nextShowing } from "./choices";
import { type Row, type Tile, upOrDown } from "./contact";
import { useSheetView } from "./sheetView";
import { useChoose } from "./useChoose";

const MOST_COMPARED = 4;

function idOf(photo: string | Photo) {
  return typeof photo === "string" ? photo : photo.id;
}

/** The keys of the contact sheet. */
export function useGatherKeys(album: Album, rows: Row[]) {
  const step = useStep(album.id);
  const { choose, chooseOfStack, mark: markPhotos } = useChoose(album.id);
  const speak = useNotices((state) => state.speak);
  const latest = useRef<(event: KeyboardEvent) => boolean>(() => false);

  latest.current = (event) => {
    const { cursor, standAt } = useHand.getState();
    const view = useSheetView.getState();
    const tiles = rows.flatMap((row) => (row.kind === "tiles" ? row.tiles : []));
    const at = tiles.findIndex((each) => each.photo.id === cursor);
    const tile = tiles[at];

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
      speak(`${to.photo.name}, ${CHOICE_WORDS[to.photo.choice]}`);
    }

    switch (event.key) {
      case "ArrowRight":
        go(tiles[at + 1] ?? (at < 0 ? tiles[0] : undefined));
        return true;
      case "ArrowLeft":
        go(tiles[at - 1] ?? (at < 0 ? tiles[0] : undefined));
        return true;
      case "ArrowDown":
      case "ArrowUp":
        go(tile ? upOrDown(rows, tile.photo.id, event.key === "ArrowDown" ? 1 : -1) : tiles[0]);
        return true;
      case "Home":
        go(tiles[0]);
        return true;
      case "End":
        go(tiles.at(-1));
        return true;
    }
    if (event.key === "Escape") {
      view.mark(new Set());
      return true;
    }
    const does = deedOf(event, "gather");
    if (!tile || !does) {
      return false;
    }
    const ids = view.marked.size > 0 ? [...view.marked] : [tile.photo.id];
    const choice = CHOICES[does];
    if (choice) {
      decide(choice);
      return true;
    }
    switch (does) {
      case "keep-two":
        if (tile.stack) {
          moveOn();
          void chooseOfStack(tile.stack, 2);
        }
        return tile.stack !== null;
      case "open-stack":
        if (tile.photo.lookalike && tile.stack) {
          view.toggleStack(tile.photo.lookalike);
        }
        return true;
      case "look": {
        const group = view.marked.size > 1 ? ids : tile.closed ? tile.stack : null;
        view.compare((group?.map(idOf) ?? [tile.photo.id]).slice(0, MOST_COMPARED));
        return true;
      }
      case "hero":
        void markPhotos(ids, { hero: !has(tile.photo, "hero") });
        return true;
      case "private":
        void markPhotos(ids, { secret: !has(tile.photo, "secret") });
        return true;
      case "flap":
        void markPhotos(ids, { flap: !has(tile.photo, "flap") });
        return true;
      case "showing":
        void markPhotos(ids, { showing: nextShowing(tile.photo.showing) });
        return true;
      case "keep-box":
        void step("/api/albums/{id}/keep-as-proposed", { photos: ids });
        return true;
      case "crop":
        void step("/api/albums/{id}/frame", { photos: ids, follows: tile.photo.centred });
        return true;
      case "conceal":
        view.conceal(!view.conceals);
        return true;
      case "one-stack":
        if (ids.length > 1) {
          void step("/api/albums/{id}/stack", { photos: ids, together: true });
        }
        return true;
      case "alone":
        if (tile.stack || tile.photo.alternates) {
          void step(tile.stack ? "/api/albums/{id}/stack" : "/api/albums/{id}/alternates", {
            photos: ids,
            together: false,
          });
        }
        return true;
      case "versions":
        if (ids.length > 1) {
          void step("/api/albums/{id}/alternates", { photos: ids, together: true });
        }
        return true;
      case "begin-chapter":
        void step("/api/albums/{id}/border", { photo: tile.photo.id, begins: true });
        return true;
      case "join-chapter": {
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
      case "words":
        view.turnTo("look");
        window.requestAnimationFrame(() => document.getElementById("caption")?.focus());
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
      if (isTyping(event) || event.altKey || event.ctrlKey || event.metaKey || own || elsewhere) {
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
