import { ToggleGroup } from "radix-ui";
import { type ReactNode, useEffect } from "react";
import type { Photo, PixelBox } from "../api/types";
import { DrawnBox } from "../bench/DrawnBox";
import { CONCEALED_BOX, KEEP_BOX, placed } from "../bench/pixelBoxes";
import { Key } from "../ui/Key";
import { hasFile } from "../ui/photo";
import { useSheetView } from "./sheetView";

interface Props {
  photo: Photo;
  /** What stands out; nothing where nothing does. */
  subject: PixelBox | undefined;
  heads: PixelBox[];
  quiet: PixelBox | undefined;
  onKeep: (box: PixelBox) => Promise<unknown>;
  onConceal: (boxes: PixelBox[]) => Promise<unknown>;
}

/**
 * The picture with its keep box or what was found in it, what must not be seen, and its quiet area;
 * drawing makes a box.
 */
export function PictureBoxes({ photo, subject, heads, quiet, onKeep, onConceal }: Props) {
  const { conceals, conceal } = useSheetView();
  const concealed = photo.concealed ?? [];

  // What is drawn on the next photo is what must stay again.
  useEffect(() => () => conceal(false), [conceal]);

  return (
    <>
      <DrawnBox
        photo={photo}
        box={conceals ? undefined : photo.keep}
        label={conceals ? CONCEALED_BOX : KEEP_BOX}
        height={230}
        onDrawn={conceals ? (box) => onConceal([...concealed, box]) : onKeep}
        overlay={(draft) => (
          <Overlay
            photo={photo}
            subject={draft ? undefined : subject}
            heads={draft ? [] : heads}
            quiet={draft ? undefined : quiet}
            drawn={conceals ? null : (draft ?? photo.keep ?? null)}
          />
        )}
      />
      {hasFile(photo) && (
        <ToggleGroup.Root
          type="single"
          // Arrows belong to the contact sheet.
          rovingFocus={false}
          aria-label="What is drawn on it"
          value={conceals ? "conceal" : "keep"}
          onValueChange={(next) => next && conceal(next === "conceal")}
          className="mt-1 flex flex-wrap gap-x-3 text-[12px] text-quiet"
        >
          Draw on it
          {[
            ["keep", "what must stay"],
            ["conceal", "what must not be seen"],
          ].map(([value = "", words]) => (
            <ToggleGroup.Item
              key={value}
              value={value}
              className="whitespace-nowrap underline underline-offset-2 aria-checked:font-semibold aria-checked:text-ink aria-checked:no-underline"
            >
              {words}
              {value === "conceal" && (
                <>
                  {" "}
                  <Key>-</Key>
                </>
              )}
            </ToggleGroup.Item>
          ))}
        </ToggleGroup.Root>
      )}
    </>
  );
}

interface OverlayProps {
  photo: Photo;
  subject: PixelBox | undefined;
  heads: PixelBox[];
  quiet: PixelBox | undefined;
  /** The keep box, while it is drawn too. */
  drawn: PixelBox | null;
}

function Overlay({ photo, subject, heads, quiet, drawn }: OverlayProps) {
  const { w, h } = photo.pixels;
  const concealed = photo.concealed ?? [];
  return (
    <>
      {quiet && (
        <Box box={quiet} w={w} h={h} look="border border-dotted border-white bg-white/25">
          <Tag words="quiet" at="bottom-0" />
        </Box>
      )}
      {!drawn &&
        heads.map((head) => (
          <Box
            key={`${head.x} ${head.y}`}
            box={head}
            w={w}
            h={h}
            look="rounded-[40%] border-2 border-white [box-shadow:0_0_0_1px_rgb(16_38_44/0.7)]"
          />
        ))}
      {!drawn && subject && (
        <Box
          box={subject}
          w={w}
          h={h}
          look={`border-2 border-dotted border-white [box-shadow:0_0_0_1px_rgb(16_38_44/0.7)] ${photo.centred ? "opacity-50" : ""}`}
        >
          <Tag words="subject" at="top-0" />
        </Box>
      )}
      {concealed.map((box, at) => (
        <Box
          key={`${box.x} ${box.y} ${box.w} ${box.h}`}
          box={box}
          w={w}
          h={h}
          look="border border-white bg-[repeating-linear-gradient(45deg,#10262c_0_5px,#ffffffb0_5px_7px)]"
        >
          <Tag words={concealed.length > 1 ? `not seen ${at + 1}` : "not seen"} at="top-0" />
        </Box>
      ))}
      {drawn && (
        <Box box={drawn} w={w} h={h} look="">
          <Tag words="keep box" at="top-0" />
        </Box>
      )}
    </>
  );
}

function Tag({ words, at }: { words: string; at: string }) {
  return (
    <span
      className={`absolute ${at} left-0 bg-[#10262c]/75 px-1 text-[10px] leading-[1.4] whitespace-nowrap text-white`}
    >
      {words}
    </span>
  );
}

interface BoxProps {
  box: PixelBox;
  w: number;
  h: number;
  look: string;
  children?: ReactNode;
}

function Box({ box, w, h, look, children }: BoxProps) {
  return (
    <span className={`absolute ${look}`} style={placed(box, w, h)}>
      {children}
    </span>
  );
}
