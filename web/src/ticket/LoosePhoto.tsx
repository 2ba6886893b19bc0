import type { Album, Photo } from "../api/types";
import { useStep } from "../api/useStep";
import { useHand } from "../bench/hand";
import { Button } from "../ui/Button";
import { Key } from "../ui/Key";
import { pictureUrl } from "../ui/Picture";
import { takenText } from "../ui/photo";
import { Do, Row } from "../ui/Row";
import { DateField } from "./DateField";
import { OnTable } from "./OnTable";
import { PlacedLast } from "./PlacedLast";
import { RoomFor } from "./RoomFor";

interface Props {
  album: Album;
  photo: Photo;
}

/** The ticket of a photo that has no place yet. */
export function LoosePhoto({ album, photo }: Props) {
  const step = useStep(album.id);
  const pickUp = useHand((hand) => hand.pickUp);
  return (
    <>
      <p className="mb-2 text-[13px] text-quiet">{takenText(photo)} · without a place</p>
      <img src={pictureUrl(photo.id, "large")} alt={photo.name} className="mx-auto max-h-[230px]" />
      <h2 className="mt-3 text-lg leading-tight [overflow-wrap:anywhere]">{photo.name}</h2>
      <Button
        strong
        className="mt-3"
        onClick={() => {
          pickUp({ photo: photo.id, slot: null, name: photo.name });
          document.getElementById("spread")?.focus();
        }}
      >
        Take in hand <Key>Enter</Key>
      </Button>
      <p className="mt-2 text-[13px] text-quiet">Then choose its pocket, or drag it there.</p>
      <dl className="mt-3 border-b-2 border-ink text-[13px]">
        <Row name="Picture">
          {photo.pixels.w} × {photo.pixels.h} px
        </Row>
        <PlacedLast photo={photo} />
        {photo.lookalike && <Row name="Looks">like its neighbours</Row>}
        <OnTable album={album} photo={photo} />
      </dl>
      <RoomFor album={album} photo={photo} />
      <div className="text-[13px]">
        <DateField album={album} photo={photo} />
      </div>
      <div className="mt-4 text-[13px]">
        <Do
          name="drop"
          keyName="O"
          onDo={() => step("/api/albums/{id}/choose", { photos: [photo.id], choice: "out" })}
        />
      </div>
    </>
  );
}
