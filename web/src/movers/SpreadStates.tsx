import type { Album, Motion } from "../api/types";
import { SIDES, startOf } from "../bench/places";

interface Props {
  album: Album;
  motion: Motion;
  open: string[];
  onOpen: (open: string[]) => void;
}

/** The states of the spread as small pictures, one after the other, as it is leafed. */
export function SpreadStates({ album, motion, open, onOpen }: Props) {
  const now = motion.states.findIndex((state) => isSame(state.open, open));
  return (
    // biome-ignore lint/a11y/useSemanticElements: a field set has no use for steps that are buttons
    <div
      role="group"
      aria-label="Leaf through the spread"
      className="slim-scroll flex min-w-0 flex-1 items-start gap-2 overflow-x-auto pb-1"
      onKeyDown={(event) => {
        const by = event.key === "ArrowRight" ? 1 : event.key === "ArrowLeft" ? -1 : 0;
        const next = motion.states[now + by];
        if (by !== 0 && next) {
          event.preventDefault();
          onOpen(next.open);
          const buttons = event.currentTarget.querySelectorAll("button");
          buttons[now + by]?.focus();
        }
      }}
    >
      {motion.states.map((state, index) => (
        <button
          key={state.name}
          type="button"
          aria-pressed={index === now}
          onClick={() => onOpen(state.open)}
          className="group shrink-0 text-center text-[11px] leading-none"
        >
          <Small album={album} state={state} now={index === now} />
          <span className={`block max-w-[76px] ${index === now ? "font-semibold" : "text-quiet"}`}>
            {state.name}
          </span>
        </button>
      ))}
    </div>
  );
}

function isSame(one: string[], other: string[]) {
  return one.length === other.length && one.every((id) => other.includes(id));
}

/** The spread in a few lines: its pages, what lies closed on them, and what is open. */
function Small({
  album,
  state,
  now,
}: {
  album: Album;
  state: Motion["states"][number];
  now: boolean;
}) {
  const { spread } = album;
  const width = startOf("right", album) + Number(spread.rightWidth.in);
  const height = Number(spread.height.in);
  return (
    <svg
      viewBox={`${-0.2 * width} ${-0.1 * height} ${1.4 * width} ${1.2 * height}`}
      className={`h-8 w-[68px] border-2 bg-mat ${now ? "border-signal" : "border-hair"}`}
      aria-hidden="true"
    >
      {SIDES.map((side) => {
        const page = spread[side];
        return (
          page && (
            <rect
              key={side}
              x={startOf(side, album) + Number(page.box.x.in)}
              y={Number(page.box.y.in)}
              width={Number(page.box.w.in)}
              height={Number(page.box.h.in)}
              className="fill-sheet stroke-quiet"
              strokeWidth={width / 150}
            />
          )
        );
      })}
      {state.areas.map(({ flap, box }) => (
        <rect
          key={flap}
          x={Number(box.x.in)}
          y={Number(box.y.in)}
          width={Number(box.w.in)}
          height={Number(box.h.in)}
          className={
            state.open.includes(flap) ? "fill-fold/50 stroke-fold" : "fill-fold/20 stroke-fold/60"
          }
          strokeWidth={width / 200}
        />
      ))}
    </svg>
  );
}
