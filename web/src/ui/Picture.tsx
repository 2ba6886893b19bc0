import type { ShareBox } from "../api/types";

const WHOLE: ShareBox = { x: 0, y: 0, w: 1, h: 1 };

export function pictureUrl(photo: string, size: "small" | "large") {
  return `/api/photos/${photo}/${size}`;
}

/** The picture in all its pixels. */
export function wholeUrl(photo: string) {
  return `/api/photos/${photo}/whole`;
}

interface Props {
  photo: string;
  /** The part that is seen; it fills the box around it. */
  shown?: ShareBox;
  /** Whether the larger picture is wanted even on an ordinary screen. */
  large?: boolean;
}

/** A part of a photo that fills its box. The box says how large it is. */
export function Picture({ photo, shown = WHOLE, large = false }: Props) {
  return (
    <span className="absolute inset-0 block overflow-hidden">
      <img
        src={pictureUrl(photo, large ? "large" : "small")}
        srcSet={`${pictureUrl(photo, large ? "large" : "small")} 1x, ${pictureUrl(photo, "large")} 2x`}
        alt=""
        draggable={false}
        decoding="async"
        className="absolute max-w-none select-none"
        style={{
          width: `${100 / shown.w}%`,
          height: `${100 / shown.h}%`,
          left: `${(-100 * shown.x) / shown.w}%`,
          top: `${(-100 * shown.y) / shown.h}%`,
        }}
      />
    </span>
  );
}
