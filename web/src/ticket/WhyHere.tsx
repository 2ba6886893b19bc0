import { useWhy } from "../api/queries";
import type { Album, PhotoTicket } from "../api/types";
import { useStep } from "../api/useStep";
import { useHand } from "../bench/hand";
import { slotsOf } from "../bench/places";
import { usePlacingChoices } from "../bench/placingChoices";
import { Measures } from "../ui/Measures";
import { Row } from "../ui/Row";

/** Why a photo is in its slot, what is wrong with it there, and what its next best place costs. */
export function WhyHere({ album, ticket }: { album: Album; ticket: PhotoTicket }) {
  const { order, breathing } = usePlacingChoices();
  const there = slotsOf(album).some(
    ({ slot }) => slot.id === ticket.slot && slot.seat && slot.seat.photo === ticket.seat.photo,
  );
  const why = useWhy(album.id, album.version, ticket.slot, there, order, breathing).data;
  const step = useStep(album.id);
  const lookAtSlot = useHand((hand) => hand.lookAtSlot);
  const next = why?.nextSlot;
  return (
    <section aria-label="Why here" className="mt-3 text-[13px] leading-snug">
      <p className="text-quiet">
        <strong className="text-ink">Why here. </strong>
        <Measures text={[...(why?.reasons ?? []), ticket.why].join(" ")} />
      </p>
      {why && why.parts.length > 0 && (
        <dl className="mt-2 border-b border-hair">
          {why.parts.map((part) => (
            <Row key={part.name} name={part.name}>
              {part.points} {part.points === 1 ? "point" : "points"}
            </Row>
          ))}
        </dl>
      )}
      {why?.next && (
        <p className="mt-2">
          <Measures text={why.next} />{" "}
          {next && (
            <button
              type="button"
              className="font-semibold text-fold underline underline-offset-2"
              onClick={async () => {
                if (await step("/api/albums/{id}/swap", { from: ticket.slot, to: next })) {
                  lookAtSlot(next);
                }
              }}
            >
              Move it there
            </button>
          )}
        </p>
      )}
      {why?.suggestion && (
        <p className="mt-2 text-fold">
          <Measures text={why.suggestion} />
        </p>
      )}
    </section>
  );
}
