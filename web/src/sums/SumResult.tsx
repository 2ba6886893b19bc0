import { Measures } from "../ui/Measures";
import type { SumDefinition } from "./definitions";
import { great, part, said } from "./SumAnswer";
import type { Answer } from "./useAnswer";

/** A sum in short: its first result and its working. */
export function SumResult({ sum, answer }: { sum: SumDefinition; answer: Answer }) {
  const first = sum.results[0];
  const what = first ? part(answer, first.path) : undefined;
  return (
    <>
      {first && what !== undefined && what !== null && (
        <p
          data-headline=""
          title={said(first, what)}
          className="mt-0.5 flex flex-wrap items-baseline gap-2"
        >
          <span className="flex flex-wrap items-baseline gap-[0.16em] text-[28px] leading-none">
            {great(first, what)}
          </span>
          <span className="text-[12px] font-semibold">{first.label}</span>
        </p>
      )}
      {answer.working && (
        <p className="mt-1 text-[12.5px] leading-snug">
          <Measures text={answer.working} />
        </p>
      )}
    </>
  );
}
