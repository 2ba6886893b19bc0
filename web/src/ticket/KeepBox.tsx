import { useQueryClient } from "@tanstack/react-query";
import {
  type KeyboardEvent,
  type PointerEvent,
  useCallback,
  useEffect,
  useRef,
  useState,
} from "react";
import { ticketQuery, useStep } from "../api/queries";
import type { Photo, PixelBox, ShareBox, Ticket } from "../api/types";
import { pictureUrl } from "../ui/Picture";
import { endKeepBox, endPreview, preview } from "./preview";

type Grip = "move" | "draw" | "nw" | "ne" | "sw" | "se";

interface Drag {
  grip: Grip;
  startX: number;
  startY: number;
  box: PixelBox;
}

interface Props {
  album: number;
  photo: Photo;
  ticket: Ticket;
}

const CORNERS = ["nw", "ne", "sw", "se"] as const;
const KEY_STEP = 0.02;

/** The whole picture with what is printed of it, and the keep box to drag. */
export function KeepBox({ album, photo, ticket }: Props) {
  const picture = useRef<HTMLDivElement>(null);
  const [drag, setDrag] = useState<Drag | null>(null);
  const [draft, showDraft] = useState<PixelBox | null>(null);
  // What is being drawn, at once: a key can be let go before the page has shown the last change.
  const drawn = useRef<PixelBox | null>(null);
  const step = useStep(album);
  const queries = useQueryClient();
  const { w, h } = photo.pixels;
  const keep = draft ?? photo.keep ?? null;

  const setDraft = useCallback((box: PixelBox | null) => {
    drawn.current = box;
    showDraft(box);
  }, []);

  // biome-ignore lint/correctness/useExhaustiveDependencies: another photo or slot ends what was begun
  useEffect(() => {
    setDraft(null);
    setDrag(null);
    endKeepBox();
  }, [photo.id, ticket.slot, setDraft]);

  function pixel(event: PointerEvent) {
    const frame = picture.current?.getBoundingClientRect();
    if (!frame) {
      return { x: 0, y: 0 };
    }
    return {
      x: Math.round(((event.clientX - frame.left) / frame.width) * w),
      y: Math.round(((event.clientY - frame.top) / frame.height) * h),
    };
  }

  function begin(event: PointerEvent, grip: Grip) {
    event.preventDefault();
    event.stopPropagation();
    picture.current?.setPointerCapture(event.pointerId);
    const { x, y } = pixel(event);
    const box = keep && grip !== "draw" ? keep : { x, y, w: 1, h: 1 };
    setDrag({ grip, startX: x, startY: y, box });
  }

  function move(event: PointerEvent) {
    if (!drag) {
      return;
    }
    const { x, y } = pixel(event);
    change(dragged(drag, x, y, w, h));
  }

  function change(next: PixelBox) {
    setDraft(next);
    void preview({ album, slot: ticket.slot, keep: next });
  }

  async function finish() {
    const box = drawn.current;
    setDrag(null);
    const isBox = box !== null && box.w * box.h > (w * h) / 2500;
    const next = isBox && (await step("/api/albums/{id}/keep", { photo: photo.id, keep: box }));
    if (next) {
      // The preview stays until the ticket that says the same is there.
      await queries.prefetchQuery(ticketQuery(album, next.version, ticket.slot));
    }
    if (drawn.current === box) {
      setDraft(null);
      endPreview();
    }
  }

  function onKey(event: KeyboardEvent) {
    const direction = {
      ArrowLeft: [-1, 0],
      ArrowRight: [1, 0],
      ArrowUp: [0, -1],
      ArrowDown: [0, 1],
    }[event.key];
    if (!direction) {
      return;
    }
    event.preventDefault();
    event.stopPropagation();
    const [dx = 0, dy = 0] = direction;
    const by = Math.max(1, Math.round(Math.min(w, h) * KEY_STEP));
    const from = drawn.current ?? photo.keep ?? middle(w, h);
    change(nudged(from, dx * by, dy * by, event.shiftKey, w, h));
  }

  return (
    <div className="relative w-full bg-black/5">
      <div
        ref={picture}
        className="relative mx-auto touch-none cursor-crosshair"
        style={{
          aspectRatio: `${w} / ${h}`,
          maxHeight: 196,
          width: w >= h ? "100%" : undefined,
          height: w >= h ? undefined : 196,
        }}
        onPointerDown={(event) => begin(event, "draw")}
        onPointerMove={move}
        onPointerUp={finish}
        onPointerCancel={finish}
      >
        <img
          src={pictureUrl(photo.id, "large")}
          alt={photo.name}
          draggable={false}
          className="absolute inset-0 h-full w-full select-none"
        />
        <span className="pointer-events-none absolute inset-0 overflow-hidden">
          {ticket.cropShare && <Veil shown={ticket.cropShare} />}
        </span>
        <button
          type="button"
          id="keep-box"
          data-own-keys=""
          aria-label="Keep box: what must stay. Arrows move it, Shift and arrows size it."
          onKeyDown={onKey}
          onKeyUp={(event) => {
            if (event.key.startsWith("Arrow") && drawn.current) void finish();
          }}
          onPointerDown={(event) => begin(event, keep ? "move" : "draw")}
          className={`absolute cursor-move outline-offset-1 ${keep ? "border-[1.5px] border-dashed border-white [box-shadow:0_0_0_1px_rgb(16_38_44/0.7)]" : ""}`}
          style={
            keep
              ? place(keep, w, h)
              : { left: 0, top: 0, width: "100%", height: "100%", cursor: "crosshair" }
          }
        />
        {keep &&
          CORNERS.map((corner) => (
            <span
              key={corner}
              onPointerDown={(event) => begin(event, corner)}
              className="absolute z-10 -mt-[7px] -ml-[7px] h-[14px] w-[14px]"
              style={{
                left: `${(100 * (keep.x + (corner.endsWith("e") ? keep.w : 0))) / w}%`,
                top: `${(100 * (keep.y + (corner.startsWith("s") ? keep.h : 0))) / h}%`,
                cursor: corner === "nw" || corner === "se" ? "nwse-resize" : "nesw-resize",
              }}
            >
              <span className="absolute inset-[3px] border border-[#10262c] bg-white" />
            </span>
          ))}
      </div>
    </div>
  );
}

/** Darkens what is not printed and frames what is. */
function Veil({ shown }: { shown: ShareBox }) {
  return (
    <span
      aria-hidden="true"
      data-crop=""
      className="pointer-events-none absolute border-2 border-white [box-shadow:0_0_0_999px_rgb(16_38_44/0.62)]"
      style={{
        left: `${100 * shown.x}%`,
        top: `${100 * shown.y}%`,
        width: `${100 * shown.w}%`,
        height: `${100 * shown.h}%`,
      }}
    />
  );
}

function place(box: PixelBox, w: number, h: number) {
  return {
    left: `${(100 * box.x) / w}%`,
    top: `${(100 * box.y) / h}%`,
    width: `${(100 * box.w) / w}%`,
    height: `${(100 * box.h) / h}%`,
  };
}

function middle(w: number, h: number): PixelBox {
  return {
    x: Math.round(w / 3),
    y: Math.round(h / 3),
    w: Math.round(w / 3),
    h: Math.round(h / 3),
  };
}

function within(value: number, least: number, most: number) {
  return Math.max(least, Math.min(most, value));
}

function dragged(drag: Drag, x: number, y: number, w: number, h: number): PixelBox {
  const { box, grip } = drag;
  if (grip === "move") {
    return {
      ...box,
      x: within(box.x + x - drag.startX, 0, w - box.w),
      y: within(box.y + y - drag.startY, 0, h - box.h),
    };
  }
  const fixedX = grip === "draw" ? drag.startX : grip.endsWith("e") ? box.x : box.x + box.w;
  const fixedY = grip === "draw" ? drag.startY : grip.startsWith("s") ? box.y : box.y + box.h;
  return between(
    within(fixedX, 0, w),
    within(fixedY, 0, h),
    within(x, 0, w),
    within(y, 0, h),
    w,
    h,
  );
}

function between(ax: number, ay: number, bx: number, by: number, w: number, h: number): PixelBox {
  const x = Math.min(ax, bx, w - 1);
  const y = Math.min(ay, by, h - 1);
  return { x, y, w: Math.max(1, Math.abs(ax - bx)), h: Math.max(1, Math.abs(ay - by)) };
}

function nudged(box: PixelBox, dx: number, dy: number, size: boolean, w: number, h: number) {
  if (size) {
    return { ...box, w: within(box.w + dx, 1, w - box.x), h: within(box.h + dy, 1, h - box.y) };
  }
  return { ...box, x: within(box.x + dx, 0, w - box.w), y: within(box.y + dy, 0, h - box.h) };
}
