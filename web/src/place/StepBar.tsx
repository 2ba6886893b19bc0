import { useStep } from "../api/queries";
import type { Album } from "../api/types";
import { useHand } from "../bench/hand";
import { useTurnTo } from "../bench/openSpread";
import { Button } from "../ui/Button";
import { Key } from "../ui/Key";
import { Measures } from "../ui/Measures";

/** What lies open, and the steps that concern the whole spread. */
export function StepBar({ album }: { album: Album }) {
  const step = useStep(album.id);
  const inHand = useHand((hand) => hand.inHand);
  const { counts } = album;
  return (
    <div className="mt-2 mb-3 shrink-0 pl-6">
      <div className="grid grid-cols-2 items-baseline gap-x-4 gap-y-1 text-[13px] text-quiet sm:flex sm:justify-between">
        <span>
          <Measures text={album.spread.left?.caption ?? "inside of the front cover"} />
        </span>
        <PageTurner album={album} />
        <span className="text-right">
          <Measures text={album.spread.right?.caption ?? "inside of the back cover"} />
        </span>
      </div>
      <div className="mt-2 flex flex-wrap items-center gap-2 border-t-2 border-ink pt-2">
        <Button
          strong={counts.placed === 0 && counts.onLine > 0}
          disabled={counts.onLine === 0}
          onClick={() => step("/api/albums/{id}/place-again", { spread: album.spread.number })}
        >
          {counts.placed === 0 ? "Place in story order" : "Place again"} <Key>P</Key>
        </Button>
        {album.leaves.length > 1 && (
          <Button
            disabled={counts.onLine === 0}
            onClick={() => step("/api/albums/{id}/place-again", {})}
          >
            Fill the album
          </Button>
        )}
        <Button disabled={!album.undo} onClick={() => step("/api/albums/{id}/undo", {})}>
          Undo <Key>Z</Key>
        </Button>
        <Button disabled={!album.redo} onClick={() => step("/api/albums/{id}/redo", {})}>
          Redo <Key>Y</Key>
        </Button>
        <p
          className="line-clamp-2 min-w-0 flex-1 text-[13px] leading-tight text-quiet"
          role="status"
        >
          {inHand ? (
            <span className="font-semibold text-ink">
              {inHand.name} is in your hand: choose a pocket with the arrows, Enter puts it there,
              Esc lets it be.
            </span>
          ) : album.undo ? (
            <>Last: {album.undo}</>
          ) : counts.onLine === 0 ? (
            "No photos yet. Bring some in with Gather."
          ) : (
            "Locked photos stay; the others are placed around them."
          )}
        </p>
      </div>
    </div>
  );
}

/** Which spread lies open, and the way to its neighbours. */
function PageTurner({ album }: { album: Album }) {
  const { number, last } = album.spread;
  const turnTo = useTurnTo();
  const look =
    "min-h-6 px-2 font-semibold text-ink underline-offset-2 hover:underline disabled:text-quiet disabled:opacity-50 disabled:hover:no-underline";
  return (
    <span className="order-last col-span-2 flex shrink-0 items-baseline justify-center gap-1 whitespace-nowrap sm:order-none">
      <button
        type="button"
        className={look}
        disabled={number === 0}
        aria-label="Turn back"
        onClick={() => turnTo(number - 1)}
      >
        <Key>[</Key> back
      </button>
      spread {number + 1} of {last + 1}
      <button
        type="button"
        className={look}
        disabled={number >= last}
        aria-label="Turn on"
        onClick={() => turnTo(number + 1)}
      >
        on <Key>]</Key>
      </button>
    </span>
  );
}
