import { useCallback, useEffect, useRef, useState } from "react";
import { create } from "zustand";
import { answered, api, Refusal } from "../api/client";
import type { Album, CardLayout, CardOfWords } from "../api/types";
import { useStep } from "../api/useStep";

/** What is typed on a card. */
export interface Written {
  heading: string;
  date: string;
  body: string;
}

/**
 * How cards stand while they are written, before that is kept: true for as long as the words that
 * are shown are of this version of the album.
 */
const useDrafted = create<{ version: number; layouts: Record<number, CardLayout> }>()(() => ({
  version: -1,
  layouts: {},
}));

/** How a card stands: as it is written just now, or as it was told. */
export function useCardLayout(card: CardOfWords, version: number): CardLayout {
  const drafted = useDrafted((state) =>
    state.version === version ? state.layouts[card.key] : undefined,
  );
  return drafted ?? card.layout;
}

const KEPT_AFTER_MS = 600;
const TRIED_AGAIN_MS = 3_000;

function shelf(album: number, card: number) {
  return `drumnest-words-${album}-${card}`;
}

/** Texts of this album that were typed in this browser and never confirmed. */
export function unconfirmed(album: number): { card: number; written: Written }[] {
  const prefix = `drumnest-words-${album}-`;
  return Object.keys(localStorage)
    .filter((key) => key.startsWith(prefix))
    .flatMap((key) => {
      try {
        return [
          {
            card: Number(key.slice(prefix.length)),
            written: JSON.parse(localStorage.getItem(key) ?? "") as Written,
          },
        ];
      } catch {
        return [];
      }
    });
}

/** What was typed on a card has come where it is kept for good. */
export function confirmed(album: number, card: number) {
  localStorage.removeItem(shelf(album, card));
}

function same(a: Written, b: Written) {
  return a.heading === b.heading && a.date === b.date && a.body === b.body;
}

/**
 * Writing on a card: what is typed is measured at once, put by in this browser, and kept as a step
 * when the keys pause. What is not confirmed stays put by, and is tried again. Where somebody else
 * has written on the card meanwhile, nothing is kept before the maker has said which it is to be.
 *
 * @param version of the album whose words are shown
 */
export function useWriting(album: Album, card: CardOfWords, version: number) {
  const step = useStep(album.id);
  const { heading, date, body } = card;
  const [written, setWritten] = useState<Written>({ heading, date, body });
  const [trouble, setTrouble] = useState<string | null>(null);
  const [tooMuch, setTooMuch] = useState<string | null>(null);
  const [theirs, setTheirs] = useState<Written | null>(null);
  const latest = useRef(written);
  const kept = useRef(written);
  const waiting = useRef<Written | null>(null);
  const sent = useRef(new Set<string>());
  const shown = useRef(version);
  const timer = useRef<number | undefined>(undefined);
  const measuring = useRef({ busy: false, again: false });
  shown.current = version;
  waiting.current = theirs;

  const keep = useCallback(async () => {
    window.clearTimeout(timer.current);
    const now = latest.current;
    if (same(now, kept.current) || waiting.current) {
      return;
    }
    sent.current.add(JSON.stringify(now));
    const done = await step(
      "/api/albums/{id}/words/write",
      { card: card.key, ...now },
      (refusal) => setTrouble(refusal.message),
      true,
    );
    if (done) {
      kept.current = now;
      setTrouble(null);
      if (same(latest.current, now)) {
        confirmed(album.id, card.key);
      }
    } else {
      timer.current = window.setTimeout(() => void keep(), TRIED_AGAIN_MS);
    }
  }, [step, album.id, card.key]);

  const measure = useCallback(async () => {
    if (measuring.current.busy) {
      measuring.current.again = true;
      return;
    }
    measuring.current.busy = true;
    do {
      measuring.current.again = false;
      try {
        const answer = await answered(
          api.POST("/api/albums/{id}/words/measure", {
            params: { path: { id: album.id } },
            body: { card: card.key, ...latest.current },
          }),
        );
        useDrafted.setState({
          version: shown.current,
          layouts: Object.fromEntries(answer.cards.map((each) => [each.key, each])),
        });
        setTooMuch(null);
      } catch (refusal) {
        // What it comes to is told again with the next key, or once it is kept.
        if (refusal instanceof Refusal && refusal.status === 400) {
          setTooMuch(refusal.message);
        }
      }
    } while (measuring.current.again);
    measuring.current.busy = false;
  }, [album.id, card.key]);

  const write = useCallback(
    (next: Partial<Written>) => {
      const now = { ...latest.current, ...next };
      latest.current = now;
      setWritten(now);
      localStorage.setItem(shelf(album.id, card.key), JSON.stringify(now));
      void measure();
      window.clearTimeout(timer.current);
      timer.current = window.setTimeout(() => void keep(), KEPT_AFTER_MS);
    },
    [album.id, card.key, keep, measure],
  );

  useEffect(() => {
    const told = { heading, date, body };
    if (same(latest.current, told)) {
      kept.current = told;
    } else if (same(latest.current, kept.current)) {
      // What an undo, a fix or somebody else has made of it, where nothing typed here waits.
      latest.current = told;
      kept.current = told;
      setWritten(told);
    } else if (!same(told, kept.current) && !sent.current.has(JSON.stringify(told))) {
      setTheirs(told);
    } else {
      void measure();
    }
  }, [heading, date, body, measure]);

  useEffect(() => () => void keep(), [keep]);

  /** Says which of two texts it is to be. */
  const settle = useCallback(
    (mine: boolean) => {
      const other = waiting.current;
      if (!other) {
        return;
      }
      waiting.current = null;
      kept.current = other;
      setTheirs(null);
      if (mine) {
        void keep();
      } else {
        latest.current = other;
        setWritten(other);
        confirmed(album.id, card.key);
      }
    },
    [album.id, card.key, keep],
  );

  return { written, write, keep, trouble: tooMuch ?? trouble, theirs, settle };
}
