import { useQuery, useQueryClient } from "@tanstack/react-query";
import { answered, api } from "../api/client";
import type { SavedCalculation } from "../api/types";
import { SUMS } from "../sums/definitions";
import { SumResult } from "../sums/SumResult";
import { useAnswer } from "../sums/useAnswer";

/** Sums that were sent here, until they are thrown away. */
export function SavedCalculations({ album }: { album: number }) {
  const queries = useQueryClient();
  const calculations = useQuery({
    queryKey: ["calculations", album],
    queryFn: () =>
      answered(api.GET("/api/albums/{id}/calculations", { params: { path: { id: album } } })),
  });
  async function remove(calculation: number) {
    queries.setQueryData(
      ["calculations", album],
      await answered(
        api.POST("/api/albums/{id}/calculations/{calculation}/remove", {
          params: { path: { id: album, calculation } },
        }),
      ),
    );
  }
  if (!calculations.data || calculations.data.calculations.length === 0) {
    return null;
  }
  return (
    <section aria-label="Sums on the ticket" className="mb-4 border-b-2 border-ink pb-1">
      {calculations.data.calculations.map((calculation) => (
        <One
          key={calculation.id}
          calculation={calculation}
          onRemove={() => remove(calculation.id)}
        />
      ))}
    </section>
  );
}

function One({ calculation, onRemove }: { calculation: SavedCalculation; onRemove: () => void }) {
  const sum = SUMS.find((each) => each.name === calculation.sum);
  const answer = useAnswer(calculation.sum, calculation.question);
  return (
    <div data-slip={calculation.sum} className="border-t border-hair py-2 first:border-t-0">
      <div className="flex items-baseline justify-between gap-2 text-[12px] text-quiet">
        <span>{sum?.title ?? calculation.sum}</span>
        <button type="button" onClick={onRemove} className="underline underline-offset-2">
          throw away
        </button>
      </div>
      {sum && answer.data && <SumResult sum={sum} answer={answer.data} />}
      {answer.error && <p className="text-[13px]">{answer.error.message}</p>}
    </div>
  );
}
