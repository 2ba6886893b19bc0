import { type PointerEvent, useRef, useState } from "react";
import type { Photo, PixelBox } from "../api/types";
import { pictureUrl } from "../ui/Picture";

interface Props {
  photo: Photo;
  proposal: PixelBox | undefined;
  quiet: PixelBox | undefined;
  onKeep: (box: PixelBox) => void;
}

/** The picture with its keep box, drawn or proposed, and its quiet area; drawing makes a new box. */
export function PictureBoxes({ photo, proposal, quiet, onKeep }: Props) {
  const picture = useRef<HTMLDivElement>(null);
  const [start, setStart] = useState<{ x: number; y: number } | null>(null);
  const [draft, setDraft] = useState<PixelBox | null>(null);
  const { w, h } = photo.pixels;
  const keep = draft ?? photo.keep;

  function pixel(event: PointerEvent) {
    const frame = picture.current?.getBoundingClientRect();
    const share = (at: number, from: number, length: number) =>
      Math.max(0, Math.min(1, (at - from) / length));
    return frame
      ? {
          x: Math.round(share(event.clientX, frame.left, frame.width) * w),
          y: Math.round(share(event.clientY, frame.top, frame.height) * h),
        }
      : { x: 0, y: 0 };
  }

  function move(event: PointerEvent) {
    if (start) {
      const to = pixel(event);
      setDraft({
        x: Math.min(start.x, to.x, w - 1),
        y: Math.min(start.y, to.y, h - 1),
        w: Math.max(1, Math.abs(to.x - start.x)),
        h: Math.max(1, Math.abs(to.y - start.y)),
      });
    }
  }

  function finish() {
    // A click is no box.
    if (draft && draft.w * draft.h > (w * h) / 2500) {
      onKeep(draft);
    }
    setStart(null);
    setDraft(null);
  }

  return (
    <>
      <div className="flex justify-center bg-black/5">
        <div
          ref={picture}
          className="relative max-h-[230px] max-w-full touch-none cursor-crosshair"
          style={{
            aspectRatio: `${w} / ${h}`,
            width: w >= h ? "100%" : undefined,
            height: w >= h ? undefined : 230,
          }}
          onPointerDown={(event) => {
            event.preventDefault();
            picture.current?.setPointerCapture(event.pointerId);
            setStart(pixel(event));
          }}
          onPointerMove={move}
          onPointerUp={finish}
          onPointerCancel={finish}
        >
          <img
            src={pictureUrl(photo.id, "large")}
            alt={photo.name}
            draggable={false}
            className="h-full w-full select-none"
          />
          {quiet && !draft && (
            <Box box={quiet} w={w} h={h} className="border border-dotted border-white bg-white/25">
              <span className="absolute bottom-0 left-0 bg-[#10262c]/75 px-1 text-[10px] leading-[1.4] text-white">
                quiet
              </span>
            </Box>
          )}
          {keep ? (
            <Box
              box={keep}
              w={w}
              h={h}
              className="border-2 border-white [box-shadow:0_0_0_1px_rgb(16_38_44/0.7)]"
            >
              <Tag words="keep box" />
            </Box>
          ) : (
            proposal && (
              <Box
                box={proposal}
                w={w}
                h={h}
                className="border-2 border-dashed border-white [box-shadow:0_0_0_1px_rgb(16_38_44/0.7)]"
              >
                <Tag words="proposed" />
              </Box>
            )
          )}
        </div>
      </div>
      {!photo.noFile && (
        <p className="mt-1 text-[12px] text-quiet">Draw on it what must stay when it is cropped.</p>
      )}
    </>
  );
}

function Tag({ words }: { words: string }) {
  return (
    <span className="absolute top-0 left-0 bg-[#10262c]/75 px-1 text-[10px] leading-[1.4] text-white">
      {words}
    </span>
  );
}

interface BoxProps {
  box: PixelBox;
  w: number;
  h: number;
  className: string;
  children: React.ReactNode;
}

function Box({ box, w, h, className, children }: BoxProps) {
  return (
    <span
      className={`pointer-events-none absolute ${className}`}
      style={{
        left: `${(100 * box.x) / w}%`,
        top: `${(100 * box.y) / h}%`,
        width: `${(100 * box.w) / w}%`,
        height: `${(100 * box.h) / h}%`,
      }}
    >
      {children}
    </span>
  );
}
