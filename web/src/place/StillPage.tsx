import type { Page } from "../api/types";
import { rounded } from "../bench/corners";
import { Inside } from "../bench/Inside";

interface Props {
  page: Page;
  /** Pixels to an inch. */
  inch: number;
  /** What is written at its outer edge. */
  caption?: boolean;
}

/** A page that is only looked at: what shows of a leaf behind another. */
export function StillPage({ page, inch, caption = true }: Props) {
  return (
    <div
      aria-hidden="true"
      data-behind={page.leaf}
      className="pointer-events-none absolute inset-0 bg-paper"
    >
      {page.slots.map((slot) => (
        <span
          key={slot.id}
          className="absolute outline-1 outline-[#c3cdcf] outline-solid"
          style={{
            borderRadius: rounded(slot.corner),
            left: inch * Number(slot.box.x.in),
            top: inch * Number(slot.box.y.in),
            width: inch * Number(slot.box.w.in),
            height: inch * Number(slot.box.h.in),
          }}
        >
          <Inside slot={slot} seat={slot.seat} width={inch * Number(slot.box.w.in)} />
        </span>
      ))}
      {page.flaps.map(({ id, closed, outside }) => (
        <span
          key={id}
          className="absolute bg-paper outline-1 outline-[#8fa3ab] outline-solid"
          style={{
            left: inch * Number(closed.x.in),
            top: inch * Number(closed.y.in),
            width: inch * Number(closed.w.in),
            height: inch * Number(closed.h.in),
          }}
        >
          <Inside slot={outside} seat={outside.seat} width={inch * Number(closed.w.in)} />
        </span>
      ))}
      <span className="absolute inset-0 bg-[#10262c]/[0.06]" />
      {caption && (
        <span
          className={`absolute bottom-1 bg-paper/85 px-1 text-[11px] text-pencil ${page.side === "front" ? "right-1" : "left-1"}`}
        >
          leaf {page.leaf} behind
        </span>
      )}
    </div>
  );
}
