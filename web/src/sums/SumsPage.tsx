import { useEffect, useState } from "react";
import { Link, Navigate, NavLink, useNavigate, useParams } from "react-router";
import { useMetric } from "../api/queries";
import { Key } from "../ui/Key";
import { isTyping } from "../ui/keys";
import { lastPlace } from "../ui/lastPlace";
import { Running } from "../ui/Running";
import { type Field, SUMS, type SumDefinition } from "./definitions";
import { isAsked, question, type Written } from "./question";
import { SendToTicket } from "./SendToTicket";
import { part, SumAnswer } from "./SumAnswer";
import { SumField } from "./SumField";
import { useAnswer } from "./useAnswer";

/** The stand-alone calculators, for a maker who just wants one answer at the table. */
export function SumsPage() {
  const { name } = useParams();
  const sum = SUMS.find((each) => each.name === name);
  const navigate = useNavigate();
  useEffect(() => {
    document.title = "Sums · Drum Nest";
    function onKey(event: KeyboardEvent) {
      if (event.key === "Escape" && !isTyping(event)) {
        void navigate(lastPlace());
      }
    }
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [navigate]);
  if (!sum) {
    return <Navigate to={`/sums/${SUMS[0]?.name}`} replace />;
  }
  return (
    <div className="flex h-full flex-col md:flex-row">
      <nav
        aria-label="Sums"
        className="slim-scroll flex shrink-0 items-center gap-1 overflow-x-auto bg-edge px-3 py-2 text-edge-text md:w-[132px] md:flex-col md:items-stretch md:px-0 md:py-4"
      >
        <Link
          to={lastPlace()}
          className="shrink-0 pr-3 text-[13px] whitespace-nowrap text-edge-quiet underline underline-offset-2 md:mb-4 md:px-4"
        >
          Back to the album
        </Link>
        {SUMS.map((each) => (
          <NavLink
            key={each.name}
            to={`/sums/${each.name}`}
            className="px-3 py-1.5 text-[15px] font-semibold [font-stretch:108%] aria-[current=page]:bg-mat aria-[current=page]:text-ink md:pl-4 md:aria-[current=page]:ml-1.5 md:aria-[current=page]:pl-2.5"
          >
            {each.title}
          </NavLink>
        ))}
      </nav>
      <main className="slim-scroll mat min-h-0 flex-1 overflow-y-auto px-4 py-5 sm:px-8">
        <OneSum key={sum.name} sum={sum} />
      </main>
    </div>
  );
}

function OneSum({ sum }: { sum: SumDefinition }) {
  const metric = useMetric();
  const [written, setWritten] = useState<Written>(() =>
    Object.fromEntries(sum.fields.map((field) => [field.path, inInches(field, metric)])),
  );
  const asked = question(sum.fields, written, metric);
  const answer = useAnswer(sum.name, asked);
  const wrong = answer.error;
  const known = sum.fields.find((field) => wrong?.field && belongs(wrong.field, field.path));
  return (
    <div className="mx-auto max-w-[980px]">
      <h1 className="text-2xl leading-tight">{sum.title}</h1>
      <p className="mt-1 text-[15px] text-quiet">{sum.asks}</p>
      <div className="mt-5 grid items-start gap-6 lg:grid-cols-[340px_minmax(0,1fr)]">
        <form
          className="grid grid-cols-2 gap-x-4 gap-y-3"
          aria-label={sum.asks}
          onSubmit={(event) => event.preventDefault()}
        >
          {sum.fields
            .filter((field) => isAsked(field, written))
            .map((field) => (
              <SumField
                key={field.path}
                field={field}
                value={written[field.path] ?? ""}
                invalid={field === known ? wrong?.message : undefined}
                onChange={(value) => setWritten({ ...written, [field.path]: value })}
              />
            ))}
          <p className="col-span-2 text-[13px] text-quiet">
            {metric
              ? "Lengths as 108, 108 mm or 10.8 cm, or 4 1/4 and 4 in in inches."
              : "Lengths as 4, 4.25, 1/8, 4 1/4 or 4¼ inches, or 108 mm, 10.8 cm."}{" "}
            <Key>Esc</Key> goes back.
          </p>
        </form>
        <section aria-label="Answer" aria-live="polite">
          {answer.progress !== null && (
            <p role="status" className="mb-4 text-quiet">
              <Running what="Placing" progress={answer.progress} onStop={answer.stop} />
            </p>
          )}
          {wrong && !known && (
            <p role="alert" className="mb-4 border-l-4 border-signal pl-3">
              {wrong.message}
            </p>
          )}
          {answer.data && !wrong && (
            <>
              <SumAnswer
                answer={answer.data}
                results={sum.results.filter(
                  (each) =>
                    (!each.of || written[each.of]?.trim()) &&
                    !(each.unless && part(answer.data, each.unless) === true),
                )}
              />
              <SendToTicket sum={sum.name} question={asked} />
            </>
          )}
          {wrong && known && (
            <p className="text-quiet">The answer stands here once “{known.label}” is put right.</p>
          )}
        </section>
      </div>
    </div>
  );
}

/** The example is in inches, also where the house counts in millimetres. */
function inInches(field: Field, metric: boolean) {
  return metric && field.kind === "length" && /^[\d.]+$/.test(field.start)
    ? `${field.start} in`
    : field.start;
}

/** Whether a refused field is this one or a part of it. */
function belongs(refused: string, path: string) {
  return refused === path || refused.startsWith(`${path}.`) || refused.startsWith(`${path}[`);
}
