import { type KeyboardEvent, type PointerEvent, useRef, useState } from "react";
import type { Corner, Photo } from "../api/types";
import { wholeUrl } from "../ui/Picture";

/** Four corners of something flat, and what it is called. */
export interface Outline {
  name: string;
  corners: Corner[];
  colour: string;
}

interface Props {
  photo: Photo;
  outlines: Outline[];
  /** A corner of an outline was moved. */
  onMove: (outline: string, corners: Corner[]) => void;
}

const CORNER_NAMES = ["Top left", "Top right", "Bottom right", "Bottom left"];
const KEY_STEP = 0.002;
const LARGE_STEP = 10;

/** A snap with the corners of what lies on the table, to be dragged or moved by arrows. */
export function Corners({ photo, outlines, onMove }: Props) {
  const picture = useRef<HTMLDivElement>(null);
  const [held, setHeld] = useState<{ outline: Outline; at: number } | null>(null);
  const { w, h } = photo.pixels;

  function moved(outline: Outline, at: number, x: number, y: number) {
    const corner = { x: Math.max(0, Math.min(w, x)), y: Math.max(0, Math.min(h, y)) };
    onMove(
      outline.name,
      outline.corners.map((each, i) => (i === at ? corner : each)),
    );
  }

  function move(event: PointerEvent) {
    const frame = picture.current?.getBoundingClientRect();
    const outline = outlines.find((each) => each.name === held?.outline.name);
    if (held && outline && frame) {
      moved(
        outline,
        held.at,
        ((event.clientX - frame.left) / frame.width) * w,
        ((event.clientY - frame.top) / frame.height) * h,
      );
    }
  }

  function onKey(event: KeyboardEvent, outline: Outline, at: number) {
    const direction = {
      ArrowLeft: [-1, 0],
      ArrowRight: [1, 0],
      ArrowUp: [0, -1],
      ArrowDown: [0, 1],
    }[event.key];
    const corner = outline.corners[at];
    if (direction && corner) {
      event.preventDefault();
      const [dx = 0, dy = 0] = direction;
      const by = Math.max(w, h) * KEY_STEP * (event.shiftKey ? LARGE_STEP : 1);
      moved(outline, at, corner.x + dx * by, corner.y + dy * by);
    }
  }

  return (
    <div className="bg-black/5">
      <div
        ref={picture}
        className="relative mx-auto touch-none"
        style={{ aspectRatio: `${w} / ${h}`, width: `min(100%, calc(44vh * ${w} / ${h}))` }}
        onPointerMove={move}
        onPointerUp={() => setHeld(null)}
        onPointerCancel={() => setHeld(null)}
      >
        <img
          src={wholeUrl(photo.id)}
          alt={photo.name}
          draggable={false}
          className="absolute inset-0 h-full w-full select-none"
        />
        <svg
          aria-hidden="true"
          viewBox={`0 0 ${w} ${h}`}
          className="pointer-events-none absolute inset-0 h-full w-full"
        >
          {outlines.map((outline) => (
            <g key={outline.name} fill="none" vectorEffect="non-scaling-stroke">
              {[
                ["#10262c", 4],
                [outline.colour, 2],
              ].map(([colour, width]) => (
                <polygon
                  key={colour}
                  points={outline.corners.map(({ x, y }) => `${x},${y}`).join(" ")}
                  stroke={String(colour)}
                  strokeWidth={width}
                  vectorEffect="non-scaling-stroke"
                />
              ))}
            </g>
          ))}
        </svg>
        {outlines.map((outline) =>
          outline.corners.map((corner, at) => (
            <button
              key={`${outline.name} ${CORNER_NAMES[at]}`}
              type="button"
              aria-label={`${CORNER_NAMES[at]} corner of the ${outline.name}`}
              className="absolute -mt-[15px] -ml-[15px] h-[30px] w-[30px] cursor-move"
              style={{ left: `${(100 * corner.x) / w}%`, top: `${(100 * corner.y) / h}%` }}
              onPointerDown={(event) => {
                event.preventDefault();
                event.currentTarget.focus();
                picture.current?.setPointerCapture(event.pointerId);
                setHeld({ outline, at });
              }}
              onKeyDown={(event) => onKey(event, outline, at)}
            >
              <span
                className="absolute inset-[8px] border-2 border-[#10262c]"
                style={{ background: outline.colour }}
              />
            </button>
          )),
        )}
      </div>
    </div>
  );
}
