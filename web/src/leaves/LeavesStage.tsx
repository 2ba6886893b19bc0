import { useState } from "react";
import { Link } from "react-router";
import { useLeaf } from "../api/queries";
import type { Album } from "../api/types";
import { useStep } from "../api/useStep";
import { useHand } from "../bench/hand";
import { useLeafSteps } from "../bench/useLeafSteps";
import { Button } from "../ui/Button";
import { Key } from "../ui/Key";
import { Measures } from "../ui/Measures";
import { AddLeaf } from "./AddLeaf";
import { FormatField } from "./FormatField";
import { LeafFaces } from "./LeafFaces";
import { LeafTicket } from "./LeafTicket";
import { OpeningsStrip } from "./OpeningsStrip";
import { Planner } from "./Planner";
import { useDraft } from "./useDraft";

/** A leaf from both sides, side by side; leaves come, go, move and are planned here. */
export function LeavesStage({ album }: { album: Album }) {
  const looked = useHand((hand) => hand.leaf);
  const [asked, setAsked] = useState(false);
  const adding = asked || album.leaves.length === 0;
  const [side, setSide] = useState<"front" | "back">("front");
  const current =
    album.leaves.find((leaf) => leaf.key === looked) ??
    album.leaves.find((leaf) => leaf.number === album.spread.number + 1) ??
    album.leaves.at(-1);
  const detail = useLeaf(album.id, album.version, current?.key ?? null).data;
  const steps = useLeafSteps(album);
  const step = useStep(album.id);
  const draft = useDraft(album, detail, side);
  const plain = detail?.leaf.kind === "plain";

  return (
    <div className="flex h-full min-h-0 flex-col overflow-y-auto lg:flex-row lg:overflow-hidden">
      <div className="slim-scroll flex min-w-0 flex-1 flex-col px-5 pt-4 pb-4 lg:min-h-0 lg:overflow-y-auto">
        <div className="flex flex-wrap items-baseline gap-x-4 gap-y-1">
          <h1 className="text-2xl leading-tight">
            {current ? `Leaf ${current.number} of ${album.leaves.length}` : "No leaves yet"}
          </h1>
          {current && (
            <p className="text-[15px] text-quiet">
              <Measures text={current.pattern} />
              {current.turned ? ", turned over" : ""}
            </p>
          )}
          {album.undo && (
            <p className="ml-auto flex items-baseline gap-3 text-[13px] text-quiet" role="status">
              <span className="max-w-[34ch] truncate">Last: {album.undo}</span>
              <button
                type="button"
                className="min-h-6 font-semibold text-ink underline underline-offset-2"
                onClick={() => step("/api/albums/{id}/undo", {})}
              >
                Undo
              </button>
            </p>
          )}
        </div>
        <div className="mt-3 flex flex-wrap items-center gap-2 border-t-2 border-ink pt-2">
          {current && (
            <Button onClick={() => setAsked(!asked)}>
              {adding ? "Show the leaf" : "Add a leaf"}
            </Button>
          )}
          {!current && <p className="py-1.5 font-semibold">Choose the first one.</p>}
          {album.counts.onLine > 0 && (
            <Link
              to={`/albums/${album.id}/plans`}
              className="order-last ml-auto text-[13px] font-semibold underline underline-offset-2"
            >
              Propose leaves for the photos
            </Link>
          )}
          {current && !adding && (
            <>
              <Button
                disabled={current.number === 1}
                onClick={() => steps.move(current.key, current.number - 1)}
              >
                Move up <Key>Alt ↑</Key>
              </Button>
              <Button
                disabled={current.number === album.leaves.length}
                onClick={() => steps.move(current.key, current.number + 1)}
              >
                Move down <Key>Alt ↓</Key>
              </Button>
              <Button onClick={() => steps.turnOver(current.key)}>
                Turn over <Key>U</Key>
              </Button>
              <Button onClick={() => steps.duplicate(current.key)}>
                Duplicate <Key>D</Key>
              </Button>
              <Button onClick={() => steps.remove(current.key)}>
                Take out <Key>Del</Key>
              </Button>
            </>
          )}
        </div>
        {adding ? (
          <AddLeaf
            after={current?.number ?? 0}
            onAdd={async (type, at) => {
              await steps.add(type, at);
              setAsked(false);
            }}
          />
        ) : (
          detail && (
            <LeafFaces
              detail={detail}
              draft={draft.mounts}
              draftSide={side}
              chosen={draft.chosen}
              onChoose={(at, block) => {
                setSide(at);
                draft.choose(block);
              }}
            />
          )
        )}
        {current && !adding && <OpeningsStrip album={album} />}
      </div>
      <aside
        aria-label={plain ? "Mounts and leaf" : "Leaf"}
        className="torn slim-scroll relative mt-3 w-full shrink-0 bg-sheet px-4 pt-4 pb-5 lg:w-[312px] lg:overflow-y-auto"
      >
        {detail && plain && !adding && (
          <Planner album={album} detail={detail} side={side} onSide={setSide} draft={draft} />
        )}
        {detail && !adding && <LeafTicket album={album} detail={detail} />}
        {(adding || !detail) && (
          <p className="text-[13.5px] leading-snug text-quiet">
            A leaf is one protector or page: its front is a right-hand page, its back a left-hand
            one once it is turned. The back of a pocketed leaf is its front mirrored. Leaves of
            several sizes mix in one album. Kinds of leaves of your own are ruled on the shelf.
          </p>
        )}
        <FormatField album={album} />
      </aside>
    </div>
  );
}
