import { Dialog } from "radix-ui";
import { type PointerEvent, useEffect, useRef, useState } from "react";
import type { Album, Choice, Line, Photo } from "../api/types";
import { Key } from "../ui/Key";
import { deedOf } from "../ui/keys";
import { wholeUrl } from "../ui/Picture";
import { weaknessOf } from "../ui/weakness";
import { CHOICE_WORDS, CHOICES } from "./choices";
import { everyPhoto } from "./contact";
import { useSheetView } from "./sheetView";
import { useChoose } from "./useChoose";

interface Props {
  album: Album;
  line: Line;
}

/** Where all the pictures are looked at: a zoom, 1 for the whole, and a point of each. */
interface View {
  zoom: number;
  x: number;
  y: number;
}

const WHOLE: View = { zoom: 1, x: 0.5, y: 0.5 };
const CLOSEST = 24;

/** One to four photos side by side in all their pixels, zoomed and moved together. */
export function Compare({ album, line }: Props) {
  const { compared, compare } = useSheetView();
  const photos = everyPhoto(line).filter((photo) => compared?.includes(photo.id));
  const ordered = (compared ?? []).flatMap((id) => photos.filter((photo) => photo.id === id));
  return (
    <Dialog.Root open={ordered.length > 0} onOpenChange={(open) => !open && compare(null)}>
      <Dialog.Portal>
        <Dialog.Content
          aria-describedby={undefined}
          onOpenAutoFocus={(event) => {
            event.preventDefault();
            document.getElementById("comparison")?.focus();
          }}
          onCloseAutoFocus={(event) => {
            event.preventDefault();
            document.getElementById("contact-sheet")?.focus();
          }}
          className="fixed inset-0 z-40 flex flex-col bg-[#0d171a] text-[#eef4f3]"
        >
          <Comparison album={album} line={line} photos={ordered} />
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

function Comparison({ album, line, photos }: Props & { photos: Photo[] }) {
  const [view, setView] = useState(WHOLE);
  const [at, setAt] = useState(0);
  const { choose } = useChoose(album.id);
  const active = photos[Math.min(at, photos.length - 1)];

  function zoom(by: number) {
    setView((before) => settled({ ...before, zoom: before.zoom * by }));
  }

  function onKey(event: React.KeyboardEvent) {
    const key = event.key;
    const does = deedOf(event, "compare");
    const choice = does && CHOICES[does];
    if (choice && active) {
      void choose([active.id], choice);
    } else if (event.ctrlKey || event.metaKey || event.altKey) {
      return;
    } else if (event.shiftKey && key.startsWith("Arrow")) {
      const by = 0.15 / view.zoom;
      setView((before) =>
        settled({
          ...before,
          x: before.x + (key === "ArrowRight" ? by : key === "ArrowLeft" ? -by : 0),
          y: before.y + (key === "ArrowDown" ? by : key === "ArrowUp" ? -by : 0),
        }),
      );
    } else if (key === "ArrowRight") {
      setAt((before) => Math.min(photos.length - 1, before + 1));
    } else if (key === "ArrowLeft") {
      setAt((before) => Math.max(0, before - 1));
    } else if (key === "+" || key === "=") {
      zoom(1.5);
    } else if (key === "-") {
      zoom(1 / 1.5);
    } else if (key === "0") {
      setView(WHOLE);
    } else if (key === ".") {
      setView((before) => ({ ...before, zoom: pixelForPixel(active) }));
    } else {
      return;
    }
    event.preventDefault();
    event.stopPropagation();
  }

  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: the dialog around it says what it is
    <div
      id="comparison"
      tabIndex={-1}
      onKeyDown={onKey}
      className="flex min-h-0 flex-1 flex-col outline-none"
    >
      <div className="flex flex-wrap items-center gap-x-5 gap-y-1 px-4 py-2.5 text-[13px]">
        <Dialog.Title className="text-[16px] font-semibold">
          {photos.length === 1 ? "Every pixel" : `${photos.length} side by side`}
        </Dialog.Title>
        <span>
          <Key>+</Key> <Key>−</Key> zoom, <Key>0</Key> whole, <Key>.</Key> pixel for pixel
        </span>
        <span className="hidden md:inline">
          <Key>Shift</Key> and arrows move
        </span>
        {photos.length > 1 && (
          <span>
            <Key>←</Key> <Key>→</Key> choose one
          </span>
        )}
        <span>
          <Key>K</Key> <Key>M</Key> <Key>O</Key> <Key>I</Key> decide
        </span>
        <span className="flex-1" />
        <span role="status">{Math.round(view.zoom * 100)} % of the whole</span>
        <Dialog.Close className="font-semibold underline underline-offset-2">
          Close <Key>Esc</Key>
        </Dialog.Close>
      </div>
      <div
        className={`grid min-h-0 flex-1 gap-2 px-2 pb-2 ${photos.length === 1 ? "" : photos.length === 4 ? "grid-cols-2 grid-rows-2" : photos.length === 3 ? "grid-rows-3 md:grid-cols-3 md:grid-rows-1" : "grid-rows-2 md:grid-cols-2 md:grid-rows-1"}`}
      >
        {photos.map((photo, i) => (
          <Pane
            key={photo.id}
            photo={photo}
            active={photo === active && photos.length > 1}
            reason={line.stacks.find((stack) => stack.photos[0] === photo.id)?.reason}
            view={view}
            onView={(next) => setView(settled(next))}
            onActive={() => setAt(i)}
            onChoose={(choice) => choose([photo.id], choice)}
          />
        ))}
      </div>
    </div>
  );
}

function settled(view: View): View {
  const zoom = Math.max(1, Math.min(CLOSEST, view.zoom));
  const margin = 0.5 / zoom;
  const within = (at: number) => Math.max(margin, Math.min(1 - margin, at));
  return { zoom, x: within(view.x), y: within(view.y) };
}

function frameOf(photo: Photo | undefined) {
  return photo && document.querySelector(`[data-pane="${photo.id}"]`)?.getBoundingClientRect();
}

/** How large the whole picture is in its pane. */
function fitted(photo: Photo, frame: { width: number; height: number }) {
  const scale = Math.min(frame.width / photo.pixels.w, frame.height / photo.pixels.h);
  return { w: photo.pixels.w * scale, h: photo.pixels.h * scale, scale };
}

function pixelForPixel(photo: Photo | undefined) {
  const frame = frameOf(photo);
  return photo && frame
    ? Math.max(1, Math.min(CLOSEST, 1 / (fitted(photo, frame).scale * window.devicePixelRatio)))
    : 1;
}

interface Point {
  x: number;
  y: number;
}

/** Where a picture is held: the middle of the fingers, and how far two of them are apart. */
interface Grip extends Point {
  apart: number;
  view: View;
}

function hold(fingers: Map<number, Point>) {
  const [one, other] = [...fingers.values()];
  const to = other ?? one ?? { x: 0, y: 0 };
  const from = one ?? to;
  return {
    x: (from.x + to.x) / 2,
    y: (from.y + to.y) / 2,
    apart: Math.hypot(from.x - to.x, from.y - to.y),
  };
}

interface PaneProps {
  photo: Photo;
  active: boolean;
  reason: string | undefined;
  view: View;
  onView: (view: View) => void;
  onActive: () => void;
  onChoose: (choice: Choice) => void;
}

function Pane({ photo, active, reason, view, onView, onActive, onChoose }: PaneProps) {
  const pane = useRef<HTMLDivElement>(null);
  const [frame, setFrame] = useState({ width: 1, height: 1 });
  const fingers = useRef(new Map<number, Point>());
  const grip = useRef<Grip | null>(null);
  const latest = useRef({ view, onView });
  latest.current = { view, onView };

  useEffect(() => {
    const element = pane.current;
    if (!element) {
      return;
    }
    const observer = new ResizeObserver(() =>
      setFrame({ width: element.clientWidth, height: element.clientHeight }),
    );
    observer.observe(element);
    const onWheel = (event: WheelEvent) => {
      event.preventDefault();
      const { view: now, onView: change } = latest.current;
      change({ ...now, zoom: now.zoom * (event.deltaY < 0 ? 1.2 : 1 / 1.2) });
    };
    element.addEventListener("wheel", onWheel, { passive: false });
    return () => {
      observer.disconnect();
      element.removeEventListener("wheel", onWheel);
    };
  }, []);

  const size = fitted(photo, frame);
  const w = size.w * view.zoom;
  const h = size.h * view.zoom;
  // A picture that is smaller than its pane stays in the middle of it.
  const left =
    w <= frame.width
      ? (frame.width - w) / 2
      : within(frame.width / 2 - view.x * w, frame.width - w);
  const top =
    h <= frame.height
      ? (frame.height - h) / 2
      : within(frame.height / 2 - view.y * h, frame.height - h);

  function take(from: View) {
    grip.current = fingers.current.size > 0 ? { ...hold(fingers.current), view: from } : null;
  }

  /** One finger or the mouse moves the picture; two move it and draw it larger or smaller. */
  function move(event: PointerEvent) {
    const from = grip.current;
    if (!from || !fingers.current.has(event.pointerId)) {
      return;
    }
    fingers.current.set(event.pointerId, { x: event.clientX, y: event.clientY });
    const now = hold(fingers.current);
    const zoom = from.apart > 0 ? (from.view.zoom * now.apart) / from.apart : from.view.zoom;
    onView({
      zoom,
      x: from.view.x - (now.x - from.x) / (size.w * zoom),
      y: from.view.y - (now.y - from.y) / (size.h * zoom),
    });
  }

  function letGo(event: PointerEvent) {
    fingers.current.delete(event.pointerId);
    take(view);
  }

  return (
    <figure className="flex min-h-0 min-w-0 flex-col">
      <div
        ref={pane}
        data-pane={photo.id}
        className={`relative min-h-0 flex-1 cursor-grab touch-none overflow-hidden bg-black ${active ? "outline-3 outline-[#f0654f]" : ""}`}
        onPointerDown={(event) => {
          onActive();
          pane.current?.setPointerCapture(event.pointerId);
          fingers.current.set(event.pointerId, { x: event.clientX, y: event.clientY });
          take(view);
        }}
        onPointerMove={move}
        onPointerUp={letGo}
        onPointerCancel={letGo}
      >
        <img
          src={wholeUrl(photo.id)}
          alt={photo.name}
          draggable={false}
          className="absolute max-w-none select-none"
          style={{ left, top, width: w, height: h }}
        />
      </div>
      <figcaption className="flex flex-wrap items-center gap-x-3 pt-1.5 text-[13px]">
        <strong className="truncate">{photo.name}</strong>
        <span>{CHOICE_WORDS[photo.choice] ?? photo.choice}</span>
        {reason && <span>{reason}</span>}
        {photo.weakness && <span>{weaknessOf(photo)}</span>}
        <span className="text-[#93a9ae]">
          {photo.pixels.w} × {photo.pixels.h} px
        </span>
        <span className="flex-1" />
        <button
          type="button"
          className="underline underline-offset-2"
          aria-label={`Keep ${photo.name}`}
          onClick={() => onChoose("keep")}
        >
          keep
        </button>
        <button
          type="button"
          className="underline underline-offset-2"
          aria-label={`Drop ${photo.name}`}
          onClick={() => onChoose("out")}
        >
          out
        </button>
      </figcaption>
    </figure>
  );
}

function within(at: number, least: number) {
  return Math.max(least, Math.min(0, at));
}
