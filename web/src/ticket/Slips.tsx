import { useQuery, useQueryClient } from "@tanstack/react-query";
import { answered, api } from "../api/client";
import type { Slip } from "../api/types";
import { SUMS } from "../sums/definitions";
import { SumSlip } from "../sums/SumSlip";
import { useAnswer } from "../sums/useAnswer";

/** Sums that were sent here, until they are thrown away. */
export function Slips({ album }: { album: number }) {
  const queries = useQueryClient();
  const slips = useQuery({
    queryKey: ["slips", album],
    queryFn: () => answered(api.GET("/api/albums/{id}/slips", { params: { path: { id: album } } })),
  });
  async function remove(slip: number) {
    queries.setQueryData(
      ["slips", album],
      await answered(
        api.POST("/api/albums/{id}/slips/{slip}/remove", {
          params: { path: { id: album, slip } },
        }),
      ),
    );
  }
  if (!slips.data || slips.data.slips.length === 0) {
    return null;
  }
  return (
    <section aria-label="Sums on the ticket" className="mb-4 border-b-2 border-ink pb-1">
      {slips.data.slips.map((slip) => (
        <OneSlip key={slip.id} slip={slip} onRemove={() => remove(slip.id)} />
      ))}
    </section>
  );
}

function OneSlip({ slip, onRemove }: { slip: Slip; onRemove: () => void }) {
  const sum = SUMS.find((each) => each.name === slip.sum);
  const answer = useAnswer(slip.sum, slip.question);
  return (
    <div data-slip={slip.sum} className="border-t border-hair py-2 first:border-t-0">
      <div className="flex items-baseline justify-between gap-2 text-[12px] text-quiet">
        <span>{sum?.title ?? slip.sum}</span>
        <button type="button" onClick={onRemove} className="underline underline-offset-2">
          throw away
        </button>
      </div>
      {sum && answer.data && <SumSlip sum={sum} answer={answer.data} />}
      {answer.error && <p className="text-[13px]">{answer.error.message}</p>}
    </div>
  );
}
