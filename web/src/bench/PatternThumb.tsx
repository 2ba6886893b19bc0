import type { Entry } from "../api/types";

/** A kind of leaf in small, to one scale with the others. */
export function PatternThumb({ entry, inch }: { entry: Entry; inch: number }) {
  if (!entry.size) {
    return null;
  }
  const w = Number(entry.size.w.in);
  const h = Number(entry.size.h.in);
  return (
    <svg
      aria-hidden="true"
      viewBox={`0 0 ${w} ${h}`}
      width={Math.min(104, w * inch)}
      height={Math.min(104, w * inch) * (h / w)}
      className="block"
    >
      <rect
        width={w}
        height={h}
        fill="var(--paper)"
        stroke="var(--quiet)"
        strokeWidth="1"
        vectorEffect="non-scaling-stroke"
      />
      {entry.pockets?.map((pocket) => (
        <rect
          key={pocket.number}
          x={Number(pocket.box.x.in)}
          y={Number(pocket.box.y.in)}
          width={Number(pocket.box.w.in)}
          height={Number(pocket.box.h.in)}
          fill={pocket.opening ? "color-mix(in srgb, var(--fits) 18%, transparent)" : "none"}
          stroke="var(--quiet)"
          strokeWidth="0.800"
          vectorEffect="non-scaling-stroke"
        />
      ))}
    </svg>
  );
}
