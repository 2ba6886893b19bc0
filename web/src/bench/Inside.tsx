import type { Drawing, Laid, Seat, Slot } from "../api/types";
import { GreatSize, Measures } from "../ui/Measures";
import { Picture } from "../ui/Picture";
import { rounded } from "./corners";
import { ArrowOn, Written } from "./Written";

interface Props {
  slot: Slot;
  seat: Seat | undefined;
  /** In pixels. */
  width: number;
}

const EMPTY: Record<string, string> = { photo: "empty", words: "words", keepsake: "keepsake" };

export const ASIDE: Record<string, string> = {
  words: "for words",
  title: "for a title",
  empty: "left empty",
};

/** What a letter of a size takes, in pixels, set large or small. */
const LETTER_LARGE = 9.5;
const LETTER_SMALL = 6;

/** What is seen in a slot: a picture as it is cropped, a card, a keepsake, or its size. */
export function Inside({ slot, seat, width }: Props) {
  const { inner } = slot;
  const ratio =
    (Number(slot.box.w.in) * inner.w) / Math.max(Number(slot.box.h.in) * inner.h, 0.001);
  const letters = slot.named.w.text.length + slot.named.h.text.length;
  return (
    <>
      {slot.kind === "mount" && inner.w < 1 && (
        <span
          className="absolute inset-0 bg-[#e9eeec] outline-1 outline-[#b9c6c8] outline-solid"
          style={{ borderRadius: rounded(slot.corner) }}
        />
      )}
      <span
        className={`absolute block ${slot.innerCorner ? "overflow-hidden" : ""}`}
        style={{
          borderRadius: rounded(slot.innerCorner),
          left: `${100 * inner.x}%`,
          top: `${100 * inner.y}%`,
          width: `${100 * inner.w}%`,
          height: `${100 * inner.h}%`,
        }}
      >
        {seat ? (
          <span className={`absolute ${slot.kind === "pocket" ? "inset-[3px]" : "inset-0"}`}>
            <Paper drawing={seat.drawing} photo={seat.photo} ratio={ratio} large={width > 260} />
            {seat.blank && (
              <span className="absolute inset-[10%] flex items-center justify-center overflow-hidden text-center text-[clamp(8px,calc(var(--inch,36px)*0.3),13px)] leading-tight text-[#10262c] italic">
                {seat.name}
              </span>
            )}
          </span>
        ) : slot.laid ? (
          <LaidEphemera laid={slot.laid} />
        ) : (
          <span className="absolute inset-0 flex flex-col items-center justify-center overflow-hidden text-pencil">
            {width > Math.max(34, LETTER_SMALL * letters) && (
              <GreatSize
                w={slot.named.w.text}
                h={slot.named.h.text}
                className={width > Math.max(70, LETTER_LARGE * letters) ? "text-xl" : "text-[14px]"}
              />
            )}
            {width > 60 && (
              <span className={`text-[11px] ${slot.aside ? "font-semibold text-graphite" : ""}`}>
                {slot.aside ? ASIDE[slot.aside] : EMPTY[slot.holds]}
              </span>
            )}
          </span>
        )}
      </span>
    </>
  );
}

/** A card or keepsake at its true size, in the middle of its slot. */
function LaidEphemera({ laid }: { laid: Laid }) {
  const { paper } = laid;
  return (
    <span
      className={`absolute flex flex-col overflow-hidden p-[3%] text-[clamp(7px,calc(var(--inch,36px)*0.29),13px)] text-[#10262c] outline-1 outline-solid ${laid.kind === "card" ? "bg-white outline-[#c3cdcf]" : "bg-[#dfe6e4] outline-[#8b9a9e]"}`}
      style={{
        left: `${100 * paper.x}%`,
        top: `${100 * paper.y}%`,
        width: `${100 * paper.w}%`,
        height: `${100 * paper.h}%`,
      }}
    >
      {laid.lines.length > 0 ? (
        <WrittenOn laid={laid} />
      ) : (
        <>
          <span className="shrink-0 truncate leading-tight font-semibold">
            <Measures text={laid.name} />
          </span>
          {laid.words !== laid.name && (
            <span className="mt-0.5 leading-[1.25] whitespace-pre-line">{laid.words}</span>
          )}
        </>
      )}
    </span>
  );
}

/** How many units of its drawing an inch of a card is. */
const CARD_INCH = 100;

/** The words of a card, line by line, as large as they are written. */
function WrittenOn({ laid }: { laid: Laid }) {
  const [w, h] = [Number(laid.size.w.in) * CARD_INCH, Number(laid.size.h.in) * CARD_INCH];
  return (
    <svg
      viewBox={laid.turned ? `0 0 ${h} ${w}` : `0 0 ${w} ${h}`}
      role="img"
      aria-label={laid.words}
      className="absolute inset-0 h-full w-full"
    >
      <g transform={laid.turned ? `translate(${h} 0) rotate(90)` : undefined}>
        <Written lines={laid.lines} face={laid.face} inch={CARD_INCH} />
        {laid.arrow && <ArrowOn towards={laid.arrow} w={w} h={h} inch={CARD_INCH} />}
      </g>
    </svg>
  );
}

/** The paper in its pocket, turned as it lies. */
function Paper({
  drawing,
  photo,
  ratio,
  large,
}: {
  drawing: Drawing;
  photo: string;
  ratio: number;
  large: boolean;
}) {
  const { paper, shown, turned } = drawing;
  const paperRatio = (ratio * paper.w) / paper.h;
  return (
    <span
      className="absolute block overflow-hidden"
      style={{
        left: `${100 * paper.x}%`,
        top: `${100 * paper.y}%`,
        width: `${100 * paper.w}%`,
        height: `${100 * paper.h}%`,
      }}
    >
      {turned ? (
        <span
          className="absolute top-1/2 left-1/2 block"
          style={{
            width: `${100 / paperRatio}%`,
            height: `${100 * paperRatio}%`,
            transform: "translate(-50%, -50%) rotate(90deg)",
          }}
        >
          <Picture photo={photo} shown={shown} large={large} />
        </span>
      ) : (
        <Picture photo={photo} shown={shown} large={large} />
      )}
      {drawing.covers?.map((cover) => (
        <span
          key={`${cover.x} ${cover.y}`}
          data-cover=""
          className="absolute border border-[#8b9a9e] bg-[#fbfcfb]"
          style={{
            left: `${100 * cover.x}%`,
            top: `${100 * cover.y}%`,
            width: `${100 * cover.w}%`,
            height: `${100 * cover.h}%`,
          }}
        />
      ))}
    </span>
  );
}
