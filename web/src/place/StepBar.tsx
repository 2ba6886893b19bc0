import { useState } from "react";
import { Link } from "react-router";
import { useAccount } from "../api/queries";
import type { Album, Line } from "../api/types";
import { useStep } from "../api/useStep";
import { useHand } from "../bench/hand";
import { BREATHING, ORDERS, OVER, usePlacingChoices } from "../bench/placingChoices";
import { useTurnTo } from "../bench/turning";
import { Button } from "../ui/Button";
import { Choose } from "../ui/Choose";
import { Key } from "../ui/Key";
import { Measures } from "../ui/Measures";
import { Running } from "../ui/Running";
import { WithGather } from "../ui/WithGather";
import { AccountSheet } from "./AccountSheet";
import type { usePlaceAgain } from "./usePlaceAgain";

const WANTS_PHOTOS = "Bring photos in with Gather first.";

interface Props {
  album: Album;
  line: Line;
  placing: ReturnType<typeof usePlaceAgain>;
}

/** What lies open, how photos are placed, and the steps that concern the whole spread. */
export function StepBar({ album, line, placing }: Props) {
  const { counts } = album;
  const choices = usePlacingChoices();
  const begun = counts.placed > 0;
  return (
    <div className="mt-2 mb-2 shrink-0 pl-6">
      <div className="grid grid-cols-2 items-baseline gap-x-4 gap-y-1 text-[13px] text-quiet sm:flex sm:justify-between">
        <span>
          <Measures text={album.spread.left?.caption ?? "inside of the front cover"} />
        </span>
        <PageTurner album={album} />
        <span className="text-right">
          <Measures text={album.spread.right?.caption ?? "inside of the back cover"} />
        </span>
      </div>
      <div className="mt-2 flex flex-wrap items-center gap-x-2 gap-y-1.5 border-t-2 border-ink pt-2">
        <Button
          strong={!begun && counts.onLine > 0}
          disabled={counts.onLine === 0 || placing.running}
          title={counts.onLine === 0 ? WANTS_PHOTOS : undefined}
          onClick={() => placing.place()}
        >
          {begun ? "Place again" : "Place"} <Key>P</Key>
        </Button>
        <Choose
          label="Which part"
          word="fill"
          options={OVER}
          value={choices.over}
          onChoose={(over) => choices.choose({ over })}
        />
        <Choose
          label="Order"
          options={ORDERS}
          value={choices.order}
          onChoose={(order) => choices.choose({ order })}
        />
        <Choose
          label="Breathing room"
          word="pages"
          options={BREATHING}
          value={choices.breathing}
          onChoose={(breathing) => choices.choose({ breathing })}
        />
        {album.leaves.length > 1 && (
          <Button
            disabled={counts.onLine === 0 || placing.running}
            title={counts.onLine === 0 ? WANTS_PHOTOS : undefined}
            onClick={() => placing.place("album")}
          >
            Fill the album
          </Button>
        )}
        {counts.onLine > 0 && (
          <Link
            to={`/albums/${album.id}/plans`}
            className="ml-auto text-[13px] font-semibold underline underline-offset-2"
          >
            Propose leaves
          </Link>
        )}
      </div>
      <Status album={album} line={line} placing={placing} />
    </div>
  );
}

/** What was done last, how good the spread is, and the way back. */
function Status({ album, placing }: Props) {
  const step = useStep(album.id);
  const inHand = useHand((hand) => hand.inHand);
  const { order, breathing } = usePlacingChoices();
  const [open, setOpen] = useState(false);
  const account = useAccount(album.id, album.version, album.spread.number, order, breathing).data;
  const button =
    "min-h-6 whitespace-nowrap font-semibold text-ink underline-offset-2 hover:underline disabled:text-quiet disabled:opacity-50 disabled:hover:no-underline";
  return (
    <div className="mt-1.5 flex items-start gap-x-4 text-[13px] leading-tight text-quiet">
      <p className="line-clamp-2 min-h-[2.5em] min-w-0 flex-1" role="status">
        {placing.running ? (
          <Running what="Placing" progress={placing.progress} onStop={placing.stop} />
        ) : inHand ? (
          <span className="font-semibold text-ink">
            {inHand.name} is in your hand: choose a pocket with the arrows, Enter puts it there, Esc
            cancels.
          </span>
        ) : (
          <>
            {album.undo && <>Last: {album.undo}. </>}
            {album.counts.onLine === 0 ? (
              <WithGather text="No photos yet. Bring some in with Gather." />
            ) : account && account.placed > 0 ? (
              account.words
            ) : (
              "Locked photos stay; the others are placed around them."
            )}{" "}
            {account && account.placed > 0 && (
              <button
                type="button"
                className="whitespace-nowrap font-semibold text-ink underline underline-offset-2"
                onClick={() => setOpen(true)}
              >
                Details
              </button>
            )}
          </>
        )}
      </p>
      {account && <AccountSheet account={account} open={open} onOpenChange={setOpen} />}
      <button
        type="button"
        className={button}
        disabled={!album.undo}
        onClick={() => step("/api/albums/{id}/undo", {})}
      >
        Undo <Key>Z</Key>
      </button>
      <button
        type="button"
        className={button}
        disabled={!album.redo}
        onClick={() => step("/api/albums/{id}/redo", {})}
      >
        Redo <Key>Y</Key>
      </button>
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
