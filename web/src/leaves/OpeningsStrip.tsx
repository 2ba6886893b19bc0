import { useEffect, useRef } from "react";
import type { Album, Leaf } from "../api/types";
import { useHand } from "../bench/hand";
import { useTurnTo } from "../bench/turning";

const INCH = 4.4;
/** More leaves than these on a side are covered by those before. */
const DEEP = 4;

/** The album as it opens, spread by spread, to one scale; small leaves lie over larger ones. */
export function OpeningsStrip({ album }: { album: Album }) {
  const turnTo = useTurnTo();
  const lookAtLeaf = useHand((hand) => hand.lookAtLeaf);
  const { leaves } = album;
  const open = album.spread.number;
  const strip = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const element = strip.current;
    const current = element?.children[open] as HTMLElement | undefined;
    if (element && current) {
      element.scrollLeft = current.offsetLeft - (element.clientWidth - current.offsetWidth) / 2;
    }
  }, [open]);
  const bottom = Math.max(
    ...leaves.map((leaf) => Number(leaf.drop.in) + Number(leaf.size.h.in)),
    1,
  );
  return (
    <section aria-label="How it opens" className="mt-6">
      <h2 className="text-[15px]">How it opens</h2>
      <div
        ref={strip}
        className="slim-scroll relative mt-1.5 flex items-end gap-4 overflow-x-auto pb-2"
      >
        {Array.from({ length: leaves.length + 1 }, (_, number) => {
          const left = leaves.slice(Math.max(0, number - DEEP), number);
          const right = leaves.slice(number, number + DEEP).reverse();
          const leftWidth = Math.max(...left.map((leaf) => Number(leaf.size.w.in)), 0);
          const rightWidth = Math.max(...right.map((leaf) => Number(leaf.size.w.in)), 0);
          const w = leftWidth + rightWidth;
          const current = number === open;
          return (
            <button
              // biome-ignore lint/suspicious/noArrayIndexKey: spreads are known by their number
              key={number}
              type="button"
              aria-current={current ? "true" : undefined}
              aria-label={`Turn to spread ${number + 1}`}
              onClick={() => {
                turnTo(number);
                lookAtLeaf((leaves[number] ?? leaves[number - 1])?.key ?? null);
              }}
              className="shrink-0 text-center text-[11px] text-quiet aria-[current=true]:font-semibold aria-[current=true]:text-ink"
            >
              <svg
                aria-hidden="true"
                width={w * INCH}
                height={bottom * INCH}
                viewBox={`0 0 ${w} ${bottom}`}
                className={current ? "outline-2 outline-signal outline-solid" : ""}
              >
                {left.map((leaf) => (
                  <Sheet key={leaf.key} leaf={leaf} x={leftWidth - Number(leaf.size.w.in)} />
                ))}
                {right.map((leaf) => (
                  <Sheet key={leaf.key} leaf={leaf} x={leftWidth} />
                ))}
              </svg>
              {number + 1}
            </button>
          );
        })}
      </div>
      <p className="mt-1 text-[13px] text-quiet">
        Leaves are moved on the fore-edge by dragging, or by keys while it is in focus.
      </p>
    </section>
  );
}

function Sheet({ leaf, x }: { leaf: Leaf; x: number }) {
  return (
    <rect
      x={x}
      y={Number(leaf.drop.in)}
      width={Number(leaf.size.w.in)}
      height={Number(leaf.size.h.in)}
      fill="var(--paper)"
      stroke="var(--quiet)"
      strokeWidth="1"
      vectorEffect="non-scaling-stroke"
    />
  );
}
