import type { Shape } from "./useAnswer";

const LOOK: Record<Shape["kind"], { fill: string; stroke: string; dash?: string }> = {
  room: { fill: "var(--paper)", stroke: "var(--quiet)" },
  piece: { fill: "color-mix(in srgb, var(--fits) 22%, transparent)", stroke: "var(--fits)" },
  cover: {
    fill: "color-mix(in srgb, var(--quiet) 30%, transparent)",
    stroke: "var(--quiet)",
    dash: "4 3",
  },
  mark: { fill: "none", stroke: "var(--fold)" },
  open: {
    fill: "color-mix(in srgb, var(--fold) 10%, transparent)",
    stroke: "var(--fold)",
    dash: "6 3",
  },
  glue: {
    fill: "color-mix(in srgb, var(--signal) 25%, transparent)",
    stroke: "var(--signal)",
  },
};

/** What has no width is a line. */
const HAIR = 0.0001;

/** The answer drawn to scale. */
export function SumDrawing({ shapes }: { shapes: Shape[] }) {
  const left = Math.min(...shapes.map((shape) => shape.x));
  const top = Math.min(...shapes.map((shape) => shape.y));
  const right = Math.max(...shapes.map((shape) => shape.x + shape.w));
  const bottom = Math.max(...shapes.map((shape) => shape.y + shape.h));
  const margin = Math.max(right - left, bottom - top) * 0.02;
  return (
    <svg
      aria-hidden="true"
      viewBox={`${left - margin} ${top - margin} ${right - left + 2 * margin} ${bottom - top + 2 * margin}`}
      className="block max-h-[260px] w-full"
      preserveAspectRatio="xMinYMid meet"
    >
      {shapes.map((shape) => (
        <rect
          key={`${shape.kind} ${shape.x} ${shape.y} ${shape.w} ${shape.h}`}
          x={shape.x}
          y={shape.y}
          width={Math.max(shape.w, HAIR)}
          height={Math.max(shape.h, HAIR)}
          fill={LOOK[shape.kind].fill}
          stroke={LOOK[shape.kind].stroke}
          strokeWidth="1.5"
          strokeDasharray={LOOK[shape.kind].dash}
          vectorEffect="non-scaling-stroke"
        />
      ))}
    </svg>
  );
}
