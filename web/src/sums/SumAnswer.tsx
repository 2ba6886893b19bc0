import { GreatMeasure, Measures } from "../ui/Measures";
import { verdictWord } from "../ui/VerdictMark";
import type { Result } from "./definitions";
import { SumDrawing } from "./SumDrawing";
import type { Answer } from "./useAnswer";

interface Length {
  /** In inches. */
  text: string;
  /** In millimetres. */
  metric: string;
  /** In the units of the house. */
  shown: string;
}

interface SizeOf {
  w: Length;
  h: Length;
}

interface PlaceOf {
  x: Length;
  y: Length;
}

interface Placement {
  photo: string;
  slot: string;
}

interface Props {
  answer: Answer;
  results: Result[];
}

/** The answer: the first result large, the others below, the working, and a drawing. */
export function SumAnswer({ answer, results }: Props) {
  const [first, ...others] = results;
  return (
    <div className="torn bg-sheet px-5 pt-6 pb-5">
      {first && <Headline result={first} what={part(answer, first.path)} />}
      {answer.working && (
        <p data-working="" className="mt-3 text-[15px]">
          <Measures text={answer.working} />
        </p>
      )}
      <dl className="mt-4 border-b-2 border-ink">
        {others.map((result) => {
          const what = part(answer, result.path);
          if (what === undefined || what === null) {
            return null;
          }
          return result.kind === "sentences" ? (
            <Sentences key={result.path} label={result.label} sentences={what as string[]} />
          ) : (
            <div
              key={result.path}
              className="flex items-baseline justify-between gap-4 border-t border-hair py-1.5"
            >
              <dt className="text-quiet">{result.label}</dt>
              <dd className="text-right font-semibold">
                <Measures text={said(result, what)} />
              </dd>
            </div>
          );
        })}
      </dl>
      {answer.drawing && answer.drawing.length > 0 && (
        <div className="mt-5">
          <SumDrawing shapes={answer.drawing} />
        </div>
      )}
    </div>
  );
}

/** What takes a line each. */
function Sentences({ label, sentences }: { label: string; sentences: string[] }) {
  return sentences.length === 0 ? null : (
    <div className="border-t border-hair py-1.5">
      <dt className="text-quiet">{label}</dt>
      {sentences.slice(0, MOST_LISTED).map((sentence) => (
        <dd key={sentence} className="font-semibold">
          <Measures text={sentence} />
        </dd>
      ))}
      {sentences.length > MOST_LISTED && (
        <dd className="text-quiet">and {sentences.length - MOST_LISTED} more</dd>
      )}
    </div>
  );
}

export function part(answer: Answer, path: string): unknown {
  return path
    .split(".")
    .reduce<unknown>(
      (whole, name) => (whole as Record<string, unknown> | undefined)?.[name],
      answer,
    );
}

function Headline({ result, what }: { result: Result; what: unknown }) {
  if (what === undefined || what === null) {
    return <p className="text-xl font-bold">Not possible</p>;
  }
  return (
    <div data-headline="" title={said(result, what)}>
      <p className="flex flex-wrap items-baseline gap-[0.16em] text-[58px] leading-none">
        {great(result, what)}
        <span className="ml-2 text-[15px] font-semibold">{result.label}</span>
      </p>
      {inOtherUnits(result, what)}
    </div>
  );
}

/** A result as it is set large. */
export function great(result: Result, what: unknown) {
  if (result.kind === "length") {
    return <GreatMeasure text={(what as Length).shown} />;
  }
  if (result.kind === "size") {
    const size = what as SizeOf;
    return (
      <>
        <GreatMeasure text={size.w.shown} />
        <span className="text-[0.5em] text-quiet">×</span>
        <GreatMeasure text={size.h.shown} />
      </>
    );
  }
  return <GreatMeasure text={said(result, what)} />;
}

/** The same in the units that are not those of the house. */
function inOtherUnits(result: Result, what: unknown) {
  if (result.kind === "length") {
    return <OtherUnits text={other(what as Length)} />;
  }
  if (result.kind === "size") {
    const size = what as SizeOf;
    return <OtherUnits text={`${other(size.w)} × ${other(size.h)}`} />;
  }
  return null;
}

function OtherUnits({ text }: { text: string }) {
  return (
    <p className="mt-1.5 text-quiet">
      <Measures text={text} />
    </p>
  );
}

function other(length: Length) {
  return length.shown.endsWith("mm") ? `${length.text} in` : length.metric;
}

export function said(result: Result, what: unknown): string {
  switch (result.kind) {
    case "length":
      return (what as Length).shown;
    case "size":
      return `${(what as SizeOf).w.shown} × ${(what as SizeOf).h.shown}`;
    case "lengths":
      return listed((what as Length[]).map((length) => length.shown));
    case "sizes":
      return listed((what as SizeOf[]).map((size) => `${size.w.shown} × ${size.h.shown}`));
    case "place":
      return `${(what as PlaceOf).x.shown} across, ${(what as PlaceOf).y.shown} down`;
    case "share":
      return `${((what as number) * 100).toFixed(0)} %`;
    case "number":
      return (what as number).toFixed(1);
    case "yes":
      return what === true ? "yes" : "no";
    case "placements":
      return (
        listed((what as Placement[]).map((each) => `${each.photo} in ${each.slot}`)) || "nobody"
      );
    case "names":
    case "sentences":
      return listed((what as unknown[]).map(String)) || "none";
    case "word":
      return typeof what === "string" ? verdictWord(what) : missing(what as Record<string, number>);
    default:
      return String(what);
  }
}

const MOST_LISTED = 24;

function listed(texts: string[]) {
  const more = texts.length > MOST_LISTED ? `, and ${texts.length - MOST_LISTED} more` : "";
  return texts.slice(0, MOST_LISTED).join(", ") + more;
}

function missing(letters: Record<string, number>) {
  const all = Object.entries(letters).map(([letter, count]) => `${letter} ${count}`);
  return all.length === 0 ? "none" : all.join(", ");
}
