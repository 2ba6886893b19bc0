import {
  type KeyboardEvent,
  type PointerEvent,
  type ReactNode,
  useCallback,
  useEffect,
  useRef,
  useState,
} from "react";
import type { Photo, PixelBox } from "../api/types";
import { pictureUrl } from "../ui/Picture";
import { type BoxDrag, dragged, type Grip, middle, nudged, placed } from "./pixelBoxes";

interface Props {
  photo: Photo;
  /** The box that is there, to be moved and sized; undefined where one is to be drawn. */
  box: PixelBox | undefined;
  /** What it is for, and what the keys do, for those who do not see it. */
  label: string;
  /** How high it may be, in pixels. */
  height: number;
  /** Whatever else is shown on the picture, given the box that is being drawn. */
  overlay: (draft: PixelBox | null) => ReactNode;
  /** While a box is being drawn. */
  onDraft?: (box: PixelBox) => void;
  /** Once it is drawn; the draft is shown until that is done. */
  onDrawn: (box: PixelBox) => Promise<unknown>;
  /** Once nothing is drawn any more. */
  onEnd?: () => void;
}

const CORNERS = ["nw", "ne", "sw", "se"] as const;
const KEY_STEP = 0.02;

/** A click is no box: the least share of a picture that one is. */
const LEAST_SHARE = 1 / 2500;

/** The whole picture with a box on it, to be drawn, moved and sized by pointer or by keys. */
export function DrawnBox({
  photo,
  box: there,
  label,
  height,
  overlay,
  onDraft,
  onDrawn,
  onEnd,
}: Props) {
  const picture = useRef<HTMLDivElement>(null);
  const [drag, setDrag] = useState<BoxDrag | null>(null);
  const [draft, showDraft] = useState<PixelBox | null>(null);
  // What is being drawn, at once: a key can be let go before the page has shown the last change.
  const drawn = useRef<PixelBox | null>(null);
  const { w, h } = photo.pixels;
  const shown = draft ?? there ?? null;

  const setDraft = useCallback((box: PixelBox | null) => {
    drawn.current = box;
    showDraft(box);
  }, []);

  // biome-ignore lint/correctness/useExhaustiveDependencies: another photo ends what was begun
  useEffect(() => {
    setDraft(null);
    setDrag(null);
  }, [photo.id, setDraft]);

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
    const box = shown && grip !== "draw" ? shown : { x, y, w: 1, h: 1 };
    setDrag({ grip, startX: x, startY: y, box });
  }

  function move(event: PointerEvent) {
    if (drag) {
      const { x, y } = pixel(event);
      change(dragged(drag, x, y, w, h));
    }
  }

  function change(next: PixelBox) {
    setDraft(next);
    onDraft?.(next);
  }

  async function finish() {
    const box = drawn.current;
    setDrag(null);
    if (box !== null && box.w * box.h > w * h * LEAST_SHARE) {
      await onDrawn(box);
    }
    if (drawn.current === box) {
      setDraft(null);
      onEnd?.();
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
    const from = drawn.current ?? there ?? middle(w, h);
    change(nudged(from, dx * by, dy * by, event.shiftKey, w, h));
  }

  return (
    <div className="relative w-full bg-black/5">
      <div
        ref={picture}
        className="relative mx-auto touch-none cursor-crosshair"
        style={{
          aspectRatio: `${w} / ${h}`,
          width: `min(100%, ${(height * w) / h}px)`,
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
          {overlay(draft)}
        </span>
        <button
          type="button"
          id="keep-box"
          data-own-keys=""
          aria-label={label}
          onKeyDown={onKey}
          onKeyUp={(event) => {
            if (event.key.startsWith("Arrow") && drawn.current) void finish();
          }}
          onPointerDown={(event) => begin(event, shown ? "move" : "draw")}
          className={`absolute cursor-move outline-offset-1 ${shown ? "border-[1.5px] border-dashed border-white [box-shadow:0_0_0_1px_rgb(16_38_44/0.7)]" : ""}`}
          style={
            shown
              ? placed(shown, w, h)
              : { left: 0, top: 0, width: "100%", height: "100%", cursor: "crosshair" }
          }
        />
        {shown &&
          CORNERS.map((corner) => (
            <span
              key={corner}
              onPointerDown={(event) => begin(event, corner)}
              className="absolute z-10 -mt-[7px] -ml-[7px] h-[14px] w-[14px]"
              style={{
                left: `${(100 * (shown.x + (corner.endsWith("e") ? shown.w : 0))) / w}%`,
                top: `${(100 * (shown.y + (corner.startsWith("s") ? shown.h : 0))) / h}%`,
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
