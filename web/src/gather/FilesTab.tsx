import { useState } from "react";
import type { Album, Line } from "../api/types";
import { useStep } from "../api/useStep";
import { has, hasFile } from "../ui/photo";
import { Arrivals } from "./Arrivals";
import { BringIn } from "./BringIn";
import { everyPhoto } from "./contact";
import { useIntake } from "./intake";
import { PrintForm } from "./PrintForm";

interface Props {
  album: Album;
  line: Line;
  onArrived: () => void;
}

/** Photos in and out: files brought in, prints from the table, and the chosen ones taken away. */
export function FilesTab({ album, line, onArrived }: Props) {
  const arrivals = useIntake((intake) => intake.arrivals);
  return (
    <>
      <BringIn album={album} onArrived={onArrived} />
      {arrivals.length > 0 && <Arrivals album={album} onArrived={onArrived} />}
      <PrintForm album={album} onArrived={onArrived} />
      <Stars album={album} line={line} />
      <TakeAway album={album} line={line} />
    </>
  );
}

/** Stars that another program gave can choose what nobody has decided on. */
function Stars({ album, line }: { album: Album; line: Line }) {
  const step = useStep(album.id);
  const [least, setLeast] = useState(4);
  const starred = everyPhoto(line).filter((photo) => (photo.stars ?? 0) !== 0).length;
  if (starred === 0) {
    return null;
  }
  return (
    <section aria-label="Stars" className="mt-6">
      <h2 className="border-b-2 border-ink pb-1 text-[17px]">{starred} with stars</h2>
      <p className="mt-1.5 flex flex-wrap items-center gap-2 text-[13px]">
        <label>
          Keep the undecided with{" "}
          <select
            value={least}
            onChange={(event) => setLeast(Number(event.target.value))}
            className="border border-quiet bg-sheet px-1 py-0.5 font-semibold"
          >
            {[1, 2, 3, 4, 5].map((stars) => (
              <option key={stars}>{stars}</option>
            ))}
          </select>{" "}
          or more
        </label>
        <button
          type="button"
          className="font-semibold underline underline-offset-2"
          onClick={() => step("/api/albums/{id}/keep-starred", { stars: least })}
        >
          keep them
        </button>
      </p>
      <p className="mt-1 text-[12px] text-quiet">Those marked as rejected go out.</p>
    </section>
  );
}

function TakeAway({ album, line }: { album: Album; line: Line }) {
  const [secret, setSecret] = useState(false);
  const kept = everyPhoto(line).filter((photo) => photo.choice === "keep" && hasFile(photo));
  const hidden = kept.filter((photo) => has(photo, "secret")).length;
  const count = kept.length - (secret ? 0 : hidden);
  return (
    <section aria-label="Take away" className="mt-6">
      <h2 className="border-b-2 border-ink pb-1 text-[17px]">Take away</h2>
      {count > 0 ? (
        <p className="mt-1.5">
          <a
            className="font-semibold underline underline-offset-2"
            href={`/api/albums/${album.id}/chosen.zip?private=${secret}`}
          >
            {count === 1 ? "1 kept photo" : `${count} kept photos`}, a ZIP of the originals
          </a>
          <span className="block text-[12px] text-quiet">
            Each with a sidecar of what you decided; the originals are not touched.
          </span>
        </p>
      ) : (
        <p className="mt-1.5 text-quiet">Keep some photos, and they can be taken away here.</p>
      )}
      {hidden > 0 && (
        <label className="mt-1 flex items-center gap-1.5 text-[13px]">
          <input
            type="checkbox"
            checked={secret}
            onChange={(event) => setSecret(event.target.checked)}
            className="accent-fold"
          />
          with the {hidden} marked private; the list then names them
        </label>
      )}
      <p className="mt-2">
        <a
          className="font-semibold underline underline-offset-2"
          href={`/api/albums/${album.id}/chosen.csv?private=${secret}`}
        >
          All photos as a list, CSV
        </a>
      </p>
    </section>
  );
}
