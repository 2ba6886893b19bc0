import type { Album, Page } from "../api/types";
import { SIDES, startOf } from "../bench/places";

/** Where the rings go through, as parts of the height. */
const RINGS = [1 / 8, 1 / 2, 7 / 8];

/** Pages of a side, the lowest first. */
export function pagesOf({ spread }: Album, side: "left" | "right"): Page[] {
  const behind = side === "left" ? spread.leftBehind : spread.rightBehind;
  const top = spread[side];
  return top ? [...behind].reverse().concat(top) : [];
}

/** The fold in which the pages of a notebook meet, as high as they are. */
function FoldBetween({ spread, inch }: { spread: Album["spread"]; inch: number }) {
  const at = inch * spread.leftWidth.in;
  const box = (spread.left ?? spread.right)?.box;
  const top = inch * (box?.y.in ?? 0);
  const height = inch * (box?.h.in ?? 0);
  const wide = inch * 0.35;
  return (
    <svg
      aria-hidden="true"
      data-gutter="fold"
      className="pointer-events-none absolute overflow-visible"
      style={{ left: at - wide, top }}
      width={2 * wide}
      height={height}
    >
      <defs>
        <linearGradient id="fold-shade">
          <stop offset="0" stopColor="rgb(16 38 44)" stopOpacity="0" />
          <stop offset="0.5" stopColor="rgb(16 38 44)" stopOpacity="0.22" />
          <stop offset="1" stopColor="rgb(16 38 44)" stopOpacity="0" />
        </linearGradient>
      </defs>
      <rect width={2 * wide} height={height} fill="url(#fold-shade)" />
      <line x1={wide} x2={wide} y2={height} stroke="rgb(16 38 44 / 0.4)" strokeWidth="0.8" />
    </svg>
  );
}

/** The punched strips by which the leaves hang, and the rings that hold them; or their fold. */
export function Gutter({ album, inch }: { album: Album; inch: number }) {
  const { spread } = album;
  const gutter = inch * Number(spread.gutter.in);
  const from = inch * Number(spread.leftWidth.in);
  const height = inch * Number(spread.height.in);
  if (gutter === 0) {
    return <FoldBetween spread={spread} inch={inch} />;
  }
  const strip = spread.left && spread.right ? gutter / 2 : gutter;
  const middle = from + gutter / 2;
  const reach = Math.max(5, gutter * 0.29);
  const thick = Math.max(2.5, inch * 0.1);
  return (
    <svg
      aria-hidden="true"
      data-gutter="rings"
      className="pointer-events-none absolute overflow-visible"
      style={{ left: 0, top: 0 }}
      width={from + gutter}
      height={height}
    >
      {SIDES.map((side) =>
        pagesOf(album, side).map((page) => (
          <rect
            key={page.key}
            x={side === "left" ? from : inch * startOf("right", album) - strip}
            y={inch * Number(page.box.y.in)}
            width={strip}
            height={inch * Number(page.box.h.in)}
            className="fill-paper stroke-[#c3cdcf]"
            strokeWidth="0.800"
          />
        )),
      )}
      {RINGS.map((part) => {
        const y = part * height;
        return (
          <g key={part} strokeLinecap="round" fill="none">
            {[-reach, reach].map((x) => (
              <circle key={x} cx={middle + x} cy={y} r={thick} className="fill-[#7b8c92]" />
            ))}
            <path
              d={`M ${middle - reach} ${y + 1.5} q ${reach} ${thick} ${2 * reach} 0`}
              stroke="rgb(16 38 44 / 0.25)"
              strokeWidth={thick}
            />
            <path
              d={`M ${middle - reach} ${y} q ${reach} ${-thick * 0.8} ${2 * reach} 0`}
              stroke="#566870"
              strokeWidth={thick}
            />
            <path
              d={`M ${middle - reach} ${y - thick * 0.2} q ${reach} ${-thick * 0.8} ${2 * reach} 0`}
              stroke="#dfe7ea"
              strokeWidth={thick * 0.35}
            />
          </g>
        );
      })}
    </svg>
  );
}
