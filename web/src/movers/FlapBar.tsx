import type { Album } from "../api/types";
import { useHand } from "../bench/hand";
import { useFlaps } from "./useFlaps";

/** What the movers of the spread do together: all closed, all open that may be, what is in the way. */
export function FlapBar({ album }: { album: Album }) {
  const { flaps, open, motion, set } = useFlaps(album);
  const lookAtSlot = useHand((hand) => hand.lookAtSlot);
  if (flaps.length === 0 || !motion) {
    return null;
  }
  const order = motion.order;
  const wrong = motion.clashes.filter((clash) => clash.severity === "error");
  const first = flaps.find(({ flap }) => flap.id === wrong[0]?.a)?.flap;
  return (
    <section
      aria-label="Movers of this spread"
      className="mt-2 ml-6 flex flex-wrap items-baseline gap-x-4 gap-y-1 text-[13px]"
    >
      <span className="text-quiet">
        {flaps.length === 1 ? "One flap" : `${flaps.length} flaps`}, {open.length || "none"} open
      </span>
      {open.length > 0 && <Link name="Close all" onClick={() => set([])} />}
      {order.some((id) => !open.includes(id)) && (
        <Link
          name={order.length === flaps.length ? "Open everything" : "Open all that may be"}
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
    </section>
  );
}

function Link({ name, onClick }: { name: string; onClick: () => void }) {
  return (
    <button type="button" className="font-semibold underline underline-offset-2" onClick={onClick}>
      {name}
    </button>
  );
}
