import type { SketchPage } from "../api/types";
import { Picture } from "../ui/Picture";

interface Props {
  left: SketchPage | undefined;
  right: SketchPage | undefined;
  label: string;
  /** The widest page of all that are drawn to one scale, in inches. */
  widest: number;
}

/** A spread in small, true to scale, with what would stand on it. */
export function Sketch({ left, right, label, widest: side }: Props) {
  const height = Math.max(left?.h ?? 0, right?.h ?? 0);
  return (
    <div
      role="img"
      aria-label={label}
      className="relative w-full"
      style={{ aspectRatio: `${2 * side} / ${height}` }}
    >
      {left && <Half page={left} x={side - left.w} across={2 * side} down={height} />}
      {right && <Half page={right} x={side} across={2 * side} down={height} />}
    </div>
  );
}

interface HalfProps {
  page: SketchPage;
  x: number;
  across: number;
  down: number;
}

function Half({ page, x, across, down }: HalfProps) {
  return (
    <div
      className="absolute top-0 bg-paper outline-1 outline-[#b9c6c8] outline-solid"
      style={{
        left: `${(100 * x) / across}%`,
        width: `${(100 * page.w) / across}%`,
        height: `${(100 * page.h) / down}%`,
      }}
    >
      {page.places.map((place) => (
        <span
          key={`${place.over} ${place.x} ${place.y}`}
          className={`absolute block overflow-hidden outline-1 outline-solid ${
            place.over
              ? "rounded-[1px] border-[2px] border-white shadow-[0_1px_4px_rgb(16_38_44/0.7)] outline-[#8fa3ab]"
              : "outline-[#c3cdcf]"
          }`}
          style={{
            left: `${(100 * place.x) / page.w}%`,
            top: `${(100 * place.y) / page.h}%`,
            width: `${(100 * place.w) / page.w}%`,
            height: `${(100 * place.h) / page.h}%`,
          }}
        >
          {place.photo && place.drawing && (
            <span className="absolute inset-px block">
              <Picture photo={place.photo} shown={place.drawing.shown} />
            </span>
          )}
        </span>
      ))}
    </div>
  );
}
