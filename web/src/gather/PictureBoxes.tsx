import type { ReactNode } from "react";
import type { Photo, PixelBox } from "../api/types";
import { KeepBox } from "../bench/KeepBox";
import { placed } from "../bench/pixelBoxes";

interface Props {
  photo: Photo;
  /** What stands out; nothing where nothing does. */
  subject: PixelBox | undefined;
  heads: PixelBox[];
  quiet: PixelBox | undefined;
  onKeep: (box: PixelBox) => Promise<unknown>;
}

/** The picture with its keep box or what was found in it, and its quiet area; drawing makes a box. */
export function PictureBoxes({ photo, subject, heads, quiet, onKeep }: Props) {
  const { w, h } = photo.pixels;
  return (
    <>
      <KeepBox
        photo={photo}
        height={230}
        onKeep={onKeep}
        overlay={(draft) => (
          <>
            {quiet && !draft && (
              <Box box={quiet} w={w} h={h} look="border border-dotted border-white bg-white/25">
                <Tag words="quiet" at="bottom-0" />
              </Box>
            )}
            {!draft &&
              !photo.keep &&
              heads.map((head) => (
                <Box
                  key={`${head.x} ${head.y}`}
                  box={head}
                  w={w}
                  h={h}
                  look="rounded-[40%] border-2 border-white [box-shadow:0_0_0_1px_rgb(16_38_44/0.7)]"
                />
              ))}
            {!draft && !photo.keep && subject && (
              <Box
                box={subject}
                w={w}
                h={h}
                look={`border-2 border-dotted border-white [box-shadow:0_0_0_1px_rgb(16_38_44/0.7)] ${photo.centred ? "opacity-50" : ""}`}
              >
                <Tag words="subject" at="top-0" />
              </Box>
            )}
            {(draft ?? photo.keep) && (
              <Box box={draft ?? photo.keep ?? { x: 0, y: 0, w, h }} w={w} h={h} look="">
                <Tag words="keep box" at="top-0" />
              </Box>
            )}
          </>
        )}
      />
      {!photo.noFile && (
        <p className="mt-1 text-[12px] text-quiet">Draw on it what must stay when it is cropped.</p>
      )}
    </>
  );
}

function Tag({ words, at }: { words: string; at: string }) {
  return (
    <span
      className={`absolute ${at} left-0 bg-[#10262c]/75 px-1 text-[10px] leading-[1.4] text-white`}
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
