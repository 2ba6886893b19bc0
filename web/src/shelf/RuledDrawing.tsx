import type { PocketOfType, Ruled } from "../api/types";
import { GreatSize, Measures } from "../ui/Measures";

interface Props {
  ruled: Ruled;
  chosen: number[];
  onChoose: (path: number[]) => void;
}

/** The ruled protector from the front, with its parts to choose, and from the back. */
export function RuledDrawing({ ruled, chosen, onChoose }: Props) {
  const all = [...ruled.pieces.map((piece) => piece.box), ...ruled.leftOver];
  const across = Math.max(...all.map((box) => Number(box.x.in) + Number(box.w.in)), 1);
  const down = Math.max(...all.map((box) => Number(box.y.in) + Number(box.h.in)), 1);
  const inch = Math.min(430 / across, 470 / down);
  return (
    <div className="flex flex-wrap gap-7">
      <figure>
        <figcaption className="mb-1 text-[15px] font-semibold [font-stretch:108%]">
          Front
        </figcaption>
        <div
          className="relative bg-paper text-[#10262c] shadow-[0_2px_6px_rgb(16_38_44/0.22)]"
          style={{ width: inch * across, height: inch * down }}
        >
          <div
            className="pointer-events-none absolute top-0 left-0 z-20 border border-[#10262c]"
            style={{
              width: inch * Number(ruled.inside.w.in),
              height: inch * Number(ruled.inside.h.in),
            }}
          />
          {Number(ruled.inside.h.in) < down - 0.001 && (
            <div
              data-overrun=""
              className="absolute inset-x-0 bottom-0 z-20 bg-[repeating-linear-gradient(135deg,#d8412b_0_4px,transparent_4px_10px)]"
              style={{ top: inch * Number(ruled.inside.h.in) }}
            />
          )}
          {Number(ruled.inside.w.in) < across - 0.001 && (
            <div
              data-overrun=""
              className="absolute inset-y-0 right-0 z-20 bg-[repeating-linear-gradient(135deg,#d8412b_0_4px,transparent_4px_10px)]"
              style={{ left: inch * Number(ruled.inside.w.in) }}
            />
          )}
          {ruled.leftOver.map((box) => (
            <div
              key={`${box.x.in} ${box.y.in}`}
              className="absolute bg-[repeating-linear-gradient(135deg,#d9e0e0_0_4px,transparent_4px_10px)]"
              style={boxStyle(box, inch)}
            />
          ))}
          {ruled.pieces.map((piece, index) => {
            const pocket = ruled.front.find((each) => same(each, piece.box));
            const looked = piece.path.join() === chosen.join() && piece.path.length > 0;
            return (
              <button
                key={piece.path.join(".") || "whole"}
                type="button"
                data-part={piece.path.join(".")}
                aria-pressed={looked}
                aria-label={`Part ${index + 1}${pocket ? `, for ${pocket.named.w.text} by ${pocket.named.h.text}` : ", no pocket"}`}
                onClick={() => onChoose(looked ? [] : piece.path)}
                className={`absolute flex flex-col items-center justify-center overflow-hidden border border-dashed border-[#3b4cc0] ${looked ? "z-10 outline-[3px] outline-signal outline-solid" : ""}`}
                style={boxStyle(piece.box, inch)}
              >
                {pocket && (
                  <>
                    <GreatSize
                      w={pocket.named.w.text}
                      h={pocket.named.h.text}
                      className={inch * Number(piece.box.w.in) > 80 ? "text-xl" : "text-[14px]"}
                    />
                    {inch * Number(piece.box.w.in) > 96 && (
                      <span className="text-[11px] text-pencil">
                        opening <Measures text={`${piece.box.w.text} × ${piece.box.h.text}`} />
                      </span>
                    )}
                  </>
                )}
              </button>
            );
          })}
        </div>
      </figure>
      <figure>
        <figcaption className="mb-1 text-[15px] font-semibold [font-stretch:108%]">
          Back <span className="text-[13px] font-normal text-quiet">mirrored</span>
        </figcaption>
        <div
          data-back=""
          className="relative bg-paper text-[#10262c] shadow-[0_2px_6px_rgb(16_38_44/0.22)]"
          style={{ width: (inch * across) / 2, height: (inch * down) / 2 }}
        >
          {ruled.back.map((pocket) => (
            <span
              key={pocket.number}
              className="absolute flex items-center justify-center overflow-hidden border border-dashed border-[#3b4cc0] text-[11px]"
              style={boxStyle(pocket.box, inch / 2)}
            >
              {pocket.number}
            </span>
          ))}
        </div>
      </figure>
    </div>
  );
}

function same(pocket: PocketOfType, box: PocketOfType["box"]) {
  return pocket.box.x.in === box.x.in && pocket.box.y.in === box.y.in;
}

function boxStyle(box: PocketOfType["box"], inch: number) {
  return {
    left: inch * Number(box.x.in),
    top: inch * Number(box.y.in),
    width: inch * Number(box.w.in),
    height: inch * Number(box.h.in),
  };
}
