import { useState } from "react";
import { useCrops } from "../api/queries";
import type { Album, Crop, ShareBox } from "../api/types";
import { useStep } from "../api/useStep";
import { placed } from "../bench/pixelBoxes";
import { Button } from "../ui/Button";
import { pictureUrl } from "../ui/Picture";
import { Sheet } from "../ui/Sheet";
import { counted } from "../ui/words";

/** Crops that were settled before faces were found; the maker decides whether they follow them. */
export function CropOffers({ album }: { album: Album }) {
  const found = useCrops(album).data;
  const step = useStep(album.id);
  const [shown, setShown] = useState(false);
  if (!found) {
    return null;
  }
  const { crops, looked, toLook } = found;
  const looking = looked < toLook;
  if (crops.length === 0 && !looking) {
    return null;
  }
  async function frame(follows: boolean) {
    setShown(false);
    await step("/api/albums/{id}/frame", { photos: crops.map((crop) => crop.photo), follows });
  }
  return (
    <p className="flex flex-wrap items-baseline gap-x-3 pl-6 text-[13px] text-quiet" role="status">
      {looking && (
        <span>
          Looking for faces in photos that came in before: {looked} of {toLook}
        </span>
      )}
      {crops.length > 0 && (
        <>
          <span>
            {counted(crops.length, "crop", "crops")} would now keep a head whole that is cut.
          </span>
          <Act words="Show" onDo={() => setShown(true)} />
          <Act words="Take all" onDo={() => frame(true)} />
          <Act words="Leave" onDo={() => frame(false)} />
          <Sheet open={shown} onOpenChange={setShown} title="Crops that would keep a head whole">
            <ul className="grid grid-cols-[repeat(auto-fill,minmax(150px,1fr))] gap-4">
              {crops.map((crop) => (
                <li key={crop.where.slot} className="text-[13px]">
                  <Compared crop={crop} />
                  <strong className="block font-semibold [overflow-wrap:anywhere]">
                    {crop.name}
                  </strong>
                  {crop.where.label}: {crop.words}
                </li>
              ))}
            </ul>
            <p className="mt-3 text-[13px] text-quiet">
              Dotted: what is printed now. Firm: what would be.
            </p>
            <div className="mt-3 flex gap-3">
              <Button strong onClick={() => frame(true)}>
                Take all
              </Button>
              <Button onClick={() => frame(false)}>Leave them</Button>
            </div>
          </Sheet>
        </>
      )}
    </p>
  );
}

function Act({ words, onDo }: { words: string; onDo: () => void }) {
  return (
    <button
      type="button"
      className="font-semibold text-fold underline underline-offset-2"
      onClick={onDo}
    >
      {words}
    </button>
  );
}

function Compared({ crop }: { crop: Crop }) {
  return (
    <span
      className="relative mb-1 block overflow-hidden"
      style={{ aspectRatio: crop.pixels.w / crop.pixels.h }}
    >
      <img src={pictureUrl(crop.photo, "small")} alt="" className="block h-full w-full" />
      <Frame box={crop.now} look="border-2 border-dotted border-white" />
      <Frame box={crop.then} look="border-2 border-fold" />
    </span>
  );
}

function Frame({ box, look }: { box: ShareBox; look: string }) {
  return (
    <span
      className={`absolute [box-shadow:0_0_0_1px_rgb(16_38_44/0.5)] ${look}`}
      style={placed(box, 1, 1)}
    />
  );
}
