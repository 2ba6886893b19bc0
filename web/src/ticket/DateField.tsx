import { useId, useState } from "react";
import type { Refusal } from "../api/client";
import type { Album, Photo } from "../api/types";
import { useStep } from "../api/useStep";

interface Props {
  album: Album;
  photo: Photo;
}

/** When the photo was taken; a maker can say so where the camera did not. */
export function DateField({ album, photo }: Props) {
  const step = useStep(album.id);
  const id = useId();
  const [refusal, setRefusal] = useState<Refusal | null>(null);

  async function save(takenAt: string) {
    setRefusal(null);
    if (takenAt !== "" && takenAt !== photo.taken?.at) {
      await step("/api/albums/{id}/date", { photo: photo.id, takenAt }, setRefusal);
    }
  }

  return (
    <div className="border-t border-hair py-1.5">
      <label htmlFor={id} className="flex items-baseline justify-between text-quiet">
        <span>Taken</span>
        <span className="text-[12px]">{source(photo)}</span>
      </label>
      <input
        id={id}
        key={`${photo.id} ${photo.taken?.at}`}
        type="datetime-local"
        step="1"
        defaultValue={photo.taken?.at ?? ""}
        aria-invalid={refusal !== null}
        onBlur={(event) => save(event.target.value)}
        onKeyDown={(event) => {
          if (event.key === "Enter") {
            void save(event.currentTarget.value);
          }
        }}
        className="mt-1 w-full border border-quiet bg-transparent px-1.5 py-1 font-semibold"
      />
      {refusal && (
        <p role="alert" className="mt-1 text-signal-text">
          {refusal.message}
        </p>
      )}
    </div>
  );
}

function source(photo: Photo) {
  if (!photo.taken) {
    return "no date yet";
  }
  return photo.taken.byMaker ? "from you" : "from camera";
}
