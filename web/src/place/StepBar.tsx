import { useStep } from "../api/queries";
import type { Album } from "../api/types";
import { useHand } from "../bench/hand";
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
      <div className="flex items-baseline justify-between gap-4 text-[13px] text-quiet">
        <span>
          <Measures text={album.spread.left.caption} />
        </span>
        <span className="text-right">
          <Measures text={album.spread.right.caption} />
        </span>
      </div>
      <div className="mt-2 flex flex-wrap items-center gap-2 border-t-2 border-ink pt-2">
        <Button
          strong={counts.placed === 0 && counts.onLine > 0}
          disabled={counts.onLine === 0}
          onClick={() => step("/api/albums/{id}/place-again", {})}
        >
          {counts.placed === 0 ? "Place in story order" : "Place again"} <Key>P</Key>
        </Button>
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
