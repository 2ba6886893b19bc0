import { useEffect, useRef, useState } from "react";
import { useMetric } from "../api/queries";
import type { LeafDetail, LeafSide, Mount } from "../api/types";
import { rounded } from "../bench/corners";
import { Inside } from "../bench/Inside";
import { Rulers } from "../bench/Rulers";
import { GreatSize, Measures } from "../ui/Measures";

const RULER = 24;

interface Props {
  detail: LeafDetail;
  /** Mounts that are being said for one of the sides. */
  draft: Mount[] | null;
  draftSide: "front" | "back";
  chosen: number | null;
  onChoose: (side: "front" | "back", block: number) => void;
}

/** Front and back of a leaf side by side, true to scale. */
export function LeafFaces({ detail, draft, draftSide, chosen, onChoose }: Props) {
  const ref = useRef<HTMLDivElement>(null);
  const [inch, setInch] = useState(24);
  const metric = useMetric();
  const across = Number(detail.leaf.size.w.in);
  const down = Number(detail.leaf.size.h.in);
  useEffect(() => {
    const element = ref.current;
    if (!element) {
      return;
    }
    const update = () => {
      const narrow = element.clientWidth < 560;
      const width = narrow ? element.clientWidth : (element.clientWidth - 28) / 2;
      const byWidth = (width - RULER - 6) / across;
      const byHeight = narrow ? byWidth : Math.max(260, window.innerHeight - 300) / down;
      setInch(Math.max(6, Math.min(byWidth, byHeight, 70)));
    };
    update();
    const observer = new ResizeObserver(update);
    observer.observe(element);
    return () => observer.disconnect();
  }, [across, down]);
  return (
    <div ref={ref} className="mt-4 flex flex-wrap gap-7">
      {(["front", "back"] as const).map((side) => (
        <figure key={side} aria-label={side === "front" ? "Front" : "Back"}>
          <figcaption className="mb-1 text-[15px] font-semibold [font-stretch:108%]">
            {side === "front" ? "Front" : "Back"}
            <span className="ml-2 text-[13px] font-normal text-quiet">
              {side === "front" ? "a right-hand page" : "a left-hand page, once turned"}
            </span>
          </figcaption>
          <Face
            face={detail[side]}
            side={side}
            inch={inch}
            across={across}
            down={down}
            metric={metric}
            draft={draftSide === side ? draft : null}
            chosen={draftSide === side ? chosen : null}
            onChoose={(block) => onChoose(side, block)}
          />
        </figure>
      ))}
    </div>
  );
}

interface FaceProps {
  face: LeafSide;
  side: "front" | "back";
  inch: number;
  across: number;
  down: number;
  metric: boolean;
  draft: Mount[] | null;
  chosen: number | null;
  onChoose: (block: number) => void;
}

function Face({ face, side, inch, across, down, metric, draft, chosen, onChoose }: FaceProps) {
  const free = across - Number(face.usable.w.in);
  return (
    <div
      className="mat relative"
      style={{
        width: inch * across + RULER,
        height: inch * down + RULER,
        ["--inch" as string]: `${inch}px`,
        ["--mat-x" as string]: `${RULER}px`,
        ["--mat-y" as string]: `${RULER}px`,
      }}
    >
      <Rulers
        inch={inch}
        pages={[{ start: 0, width: across }]}
        down={down}
        offset={RULER}
        metric={metric}
      />
      <div
        className="absolute bg-paper text-[#10262c] shadow-[0_2px_6px_rgb(16_38_44/0.22)]"
        style={{ left: RULER, top: RULER, width: inch * across, height: inch * down }}
      >
        {free > 0 && (
          <div
            className="absolute inset-y-0 flex flex-col items-center justify-around border-[#8ea4a9] bg-[repeating-linear-gradient(135deg,#e6ecec_0_4px,transparent_4px_9px)]"
            style={{
              width: inch * free,
              left: side === "front" ? 0 : undefined,
              right: side === "back" ? 0 : undefined,
            }}
          >
            {[0, 1, 2].map((hole) => (
              <span
                key={hole}
                className="block rounded-full border border-[#8ea4a9] bg-mat"
                style={{ width: inch * 0.28, height: inch * 0.28 }}
              />
            ))}
          </div>
        )}
        {draft
          ? draft.map((mount) => (
              <MountBox
                key={`${mount.block}.${mount.index}`}
                mount={mount}
                inch={inch}
                chosen={chosen === mount.block}
                onChoose={() => onChoose(mount.block)}
              />
            ))
          : face.page.slots.map((slot) => {
              const mount = mountOf(face, slot.id);
              return (
                <div
                  key={slot.id}
                  data-face-slot={slot.id}
                  className={`absolute outline-1 outline-solid ${mount && chosen === mount.block ? "z-10 outline-2 outline-signal" : "outline-[#9fb0b4]"}`}
                  style={{
                    borderRadius: rounded(slot.corner),
                    left: inch * Number(slot.box.x.in),
                    top: inch * Number(slot.box.y.in),
                    width: inch * Number(slot.box.w.in),
                    height: inch * Number(slot.box.h.in),
                  }}
                >
                  <Inside slot={slot} seat={slot.seat} width={inch * Number(slot.box.w.in)} />
                  {mount && (
                    <button
                      type="button"
                      aria-label={`Block ${mount.block}, mount ${mount.index}`}
                      onClick={() => onChoose(mount.block)}
                      className="absolute inset-0"
                    />
                  )}
                </div>
              );
            })}
        {face.page.flaps.map(({ id, label, closed }) => (
          <span
            key={id}
            className="pointer-events-none absolute flex items-end justify-end border-2 border-[#3b4cc0] border-dashed p-0.5 text-[11px] leading-none font-semibold text-[#3b4cc0]"
            style={{
              left: inch * Number(closed.x.in),
              top: inch * Number(closed.y.in),
              width: inch * Number(closed.w.in),
              height: inch * Number(closed.h.in),
            }}
          >
            <span className="bg-paper/85 px-1 py-0.5">{label}</span>
          </span>
        ))}
        {face.page.slots.length === 0 && !draft && (
          <p className="absolute inset-x-4 top-1/3 text-center text-[13px] text-pencil">
            Nothing planned on this side yet.
          </p>
        )}
      </div>
    </div>
  );
}

/** The mount of a slot, whose name ends in its block and its number. */
function mountOf(face: LeafSide, slot: string) {
  return face.mounts.find((mount) => slot.endsWith(`-${mount.block}.${mount.index}`));
}

interface MountProps {
  mount: Mount;
  inch: number;
  chosen: boolean;
  onChoose: () => void;
}

/** A mount that is being said: its size, its marks, and when it is stuck. */
function MountBox({ mount, inch, chosen, onChoose }: MountProps) {
  const width = inch * Number(mount.box.w.in);
  return (
    <button
      type="button"
      data-draft-mount={`${mount.block}.${mount.index}`}
      aria-label={`Block ${mount.block}, mount ${mount.index}: ${mount.box.w.text} by ${mount.box.h.text}, left ${mount.box.x.text}, top ${mount.box.y.text}`}
      onClick={onChoose}
      className={`absolute flex flex-col items-center justify-center overflow-hidden border text-center ${chosen ? "border-2 border-[#3b4cc0] bg-[#3b4cc0]/10" : "border-[#3b4cc0]/60 bg-[#3b4cc0]/5"}`}
      style={{
        borderRadius: rounded(mount.corner),
        left: inch * Number(mount.box.x.in),
        top: inch * Number(mount.box.y.in),
        width,
        height: inch * Number(mount.box.h.in),
      }}
    >
      <GreatSize
        w={mount.box.w.text}
        h={mount.box.h.text}
        className={`text-[#10262c] ${width > 90 ? "text-xl" : width > 54 ? "text-[15px]" : "text-[12px]"}`}
      />
      {width > 76 && (
        <span className="text-[11px] text-pencil">
          at <Measures text={`${mount.box.x.text}, ${mount.box.y.text}`} />
        </span>
      )}
    </button>
  );
}
