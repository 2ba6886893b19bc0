import type { Album } from "../api/types";
import { useHand } from "../bench/hand";
import { SpreadStates } from "./SpreadStates";
import { useFlaps, useWantedFlap } from "./useFlaps";

/** What the movers of the spread do together: all closed, all open that may be, what is in the way. */
export function FlapBar({ album }: { album: Album }) {
  useWantedFlap(album);
  const { flaps, open, motion, set } = useFlaps(album);
  const lookAtSlot = useHand((hand) => hand.lookAtSlot);
  if (flaps.length === 0 || !motion) {
    return null;
  }
  const order = motion.order;
  const moving = flaps.filter(({ flap }) => flap.motion.of !== "stays");
  const wrong = motion.clashes.filter((clash) => clash.severity === "error");
  const first = flaps.find(({ flap }) => flap.id === wrong[0]?.a)?.flap;
  const never = motion.never[0];
  const unmarked = motion.unmarked[0];
  if (moving.length === 0 && !first && !never) {
    return null;
  }
  return (
    <section
      aria-label="Movers of this spread"
      className="mt-1.5 ml-6 flex items-start gap-4 text-[13px]"
    >
      <div className="flex w-[178px] shrink-0 flex-wrap items-baseline gap-x-3 leading-tight">
        <span className="font-semibold">
          {motion.closed} places closed, {motion.opened} opened
        </span>
        <span className="text-quiet">
          {moving.length === 1 ? "One part moves" : `${moving.length} parts move`},{" "}
          {open.length || "none"} open
        </span>
        {open.length > 0 && <Link name="Close all" onClick={() => set([])} />}
        {order.some((id) => !open.includes(id)) && (
          <Link
            name={order.length === moving.length ? "Open everything" : "Open all that may be"}
            onClick={() => set(order)}
          />
        )}
        {first && (
          <button
            type="button"
            className="font-semibold text-signal-text underline underline-offset-2"
            onClick={() => lookAtSlot(first.outside.id)}
          >
            {wrong.length === 1 ? "One is in another's way" : `${wrong.length} are in others' way`}
          </button>
        )}
        {never && (
          <Quiet
            name={
              motion.never.length === 1
                ? "One place is never seen"
                : `${motion.never.length} places are never seen`
            }
            onClick={() => lookAtSlot(never)}
          />
        )}
        {unmarked && (
          <Quiet
            name={
              motion.unmarked.length === 1
                ? "One has no grip"
                : `${motion.unmarked.length} have no grip`
            }
            onClick={() => lookAtSlot(unmarked)}
          />
        )}
      </div>
      <SpreadStates album={album} motion={motion} open={open} onOpen={set} />
    </section>
  );
}

function Quiet({ name, onClick }: { name: string; onClick: () => void }) {
  return (
    <button type="button" className="underline underline-offset-2" onClick={onClick}>
      {name}
    </button>
  );
}

function Link({ name, onClick }: { name: string; onClick: () => void }) {
  return (
    <button type="button" className="font-semibold underline underline-offset-2" onClick={onClick}>
      {name}
    </button>
  );
}
