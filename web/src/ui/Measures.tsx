import type { Size } from "../api/types";

/** A fraction, with the whole number before it, so that no line ends between the two. */
const FRACTION = /((?:\d+ )?\d+\/\d+)/;

/** Words in which every fraction is set as a built one. */
export function Measures({ text }: { text: string }) {
  return (
    <>
      {parts(text).map((part) =>
        FRACTION.test(part.words) ? <Fraction key={part.at} text={part.words} /> : part.words,
      )}
    </>
  );
}

function Fraction({ text }: { text: string }) {
  const [whole, fraction] = split(text);
  return (
    <span className="whitespace-nowrap">
      {whole && `${whole} `}
      <span className="frac">{fraction}</span>
    </span>
  );
}

function parts(text: string) {
  let at = 0;
  return text.split(FRACTION).map((words) => {
    const part = { words, at };
    at += words.length;
    return part;
  });
}

/** A measure set large: the face of the product. A whole number and its fraction stand close. */
export function GreatMeasure({ text }: { text: string }) {
  const [whole, fraction] = text.includes("/") ? split(text) : [text, ""];
  return (
    <span className="great whitespace-nowrap">
      {whole}
      {fraction && <span className="frac ml-[0.09em]">{fraction}</span>}
    </span>
  );
}

function split(text: string): [string, string] {
  const space = text.lastIndexOf(" ");
  return space < 0 ? ["", text] : [text.slice(0, space), text.slice(space + 1)];
}

/** A size set large, its fractions built. */
export function GreatSize({ w, h, className = "" }: { w: string; h: string; className?: string }) {
  return (
    <span className={`flex flex-wrap items-baseline justify-center gap-x-[0.2em] ${className}`}>
      <GreatMeasure text={w} />
      <span className="text-[0.7em] leading-none opacity-70">×</span>
      <GreatMeasure text={h} />
    </span>
  );
}

/** A size in running text. */
export function SizeText({ size }: { size: Size }) {
  return (
    <span className="whitespace-nowrap">
      <Measures text={`${size.w.text} × ${size.h.text}`} />
    </span>
  );
}
