import { type FormEvent, useState } from "react";
import { answered, api, type Refusal } from "../api/client";
import { useCameras } from "../api/queries";
import type { Album, Camera, ClockTry, Line } from "../api/types";
import { useStep } from "../api/useStep";
import { useHand } from "../bench/hand";
import { Button } from "../ui/Button";
import { pictureUrl } from "../ui/Picture";
import { TextField } from "../ui/TextField";
import { everyPhoto } from "./contact";
import { useSheetView } from "./sheetView";

interface Props {
  album: Album;
  line: Line;
}

/** The cameras, and their clocks to be brought together. */
export function Cameras({ album, line }: Props) {
  const cameras = useCameras(album.id, album.version);
  if (!cameras.data || cameras.data.cameras.length === 0) {
    return null;
  }
  const [first, ...others] = cameras.data.cameras;
  return (
    <section aria-label="Cameras" className="mt-6">
      <h2 className="border-b-2 border-ink pb-1 text-[17px]">
        {others.length === 0 ? "1 camera" : `${others.length + 1} cameras`}
      </h2>
      {first && <CameraPart album={album} line={line} camera={first} reference />}
      {others.map((camera) => (
        <CameraPart key={camera.name} album={album} line={line} camera={camera} />
      ))}
    </section>
  );
}

interface PartProps extends Props {
  camera: Camera;
  reference?: boolean;
}

function CameraPart({ album, line, camera, reference = false }: PartProps) {
  const [open, setOpen] = useState(false);
  return (
    <div className="border-b border-hair py-2 text-[13px]">
      <p className="flex items-baseline gap-2">
        <strong className="min-w-0 flex-1 [overflow-wrap:anywhere]">{camera.name}</strong>
        <span className="text-quiet">{camera.photos}</span>
      </p>
      <p className="text-quiet">
        {camera.first} to {camera.last}
        {camera.clock && `, clock ${camera.clock}`}
        {camera.shift !== "+0:00" && `, shifted by ${camera.shift}`}
      </p>
      {camera.suggested && (
        <p className="mt-1 border-l-4 border-fold pl-2">Its clock seems to be off: {camera.why}</p>
      )}
      {open ? (
        <ShiftForm album={album} line={line} camera={camera} onClose={() => setOpen(false)} />
      ) : (
        <button
          type="button"
          className="mt-1 underline underline-offset-2"
          onClick={() => setOpen(true)}
        >
          {reference ? "adjust this camera's time" : "shift its clock"}
        </button>
      )}
    </div>
  );
}

interface FormProps extends Props {
  camera: Camera;
  onClose: () => void;
}

/** A shift is looked at before it is done. */
function ShiftForm({ album, line, camera, onClose }: FormProps) {
  const [shift, setShift] = useState(camera.suggested ?? camera.shift);
  const [tried, setTried] = useState<ClockTry | null>(null);
  const [wrong, setWrong] = useState<string | undefined>();
  const step = useStep(album.id);
  const pair = usePair(line, camera.name);

  async function look(body: { shift?: string; photo?: string; same?: string }) {
    setWrong(undefined);
    try {
      const answer = await answered(
        api.POST("/api/albums/{id}/cameras/try", {
          params: { path: { id: album.id } },
          body: { camera: camera.name, ...body },
        }),
      );
      setShift(answer.shift);
      setTried(answer);
    } catch (refusal) {
      setTried(null);
      setWrong((refusal as Refusal).message);
    }
  }

  async function submit(event: FormEvent) {
    event.preventDefault();
    await look({ shift });
  }

  async function apply() {
    if (
      tried &&
      (await step("/api/albums/{id}/clock", { camera: camera.name, shift: tried.shift }))
    ) {
      onClose();
    }
  }

  return (
    <form onSubmit={submit} className="mt-2" aria-label={`Shift the clock of ${camera.name}`}>
      <TextField
        label="Add to its times, as +1:07 or −12 min"
        value={shift}
        onChange={(value) => {
          setShift(value);
          setTried(null);
        }}
        wrong={wrong}
      />
      <div className="mt-2 flex flex-wrap items-center gap-3">
        <Button type="submit" strong={!tried}>
          See what it does
        </Button>
        {pair && (
          <button type="button" className="underline underline-offset-2" onClick={() => look(pair)}>
            The two marked photos show one moment
          </button>
        )}
        <button type="button" className="underline underline-offset-2" onClick={onClose}>
          Leave it
        </button>
      </div>
      {tried && (
        <div className="mt-2 border-l-4 border-ink pl-2" role="status">
          {tried.text.map((line) => (
            <p key={line}>{line}</p>
          ))}
          <ol className="slim-scroll mt-1.5 flex gap-1 overflow-x-auto pb-1.5">
            {tried.strip.map((photo) => (
              <li
                key={photo.photo}
                title={photo.taken ?? "no date"}
                className={`shrink-0 border-t-4 ${photo.shifted ? "border-fold pt-0" : "border-transparent"}`}
              >
                <img src={pictureUrl(photo.photo, "small")} alt="" className="h-10" />
              </li>
            ))}
          </ol>
          <p className="text-[12px] text-quiet">Under the bar: photos of this camera.</p>
          <Button strong className="mt-2" onClick={apply}>
            Shift by {tried.shift}
          </Button>
        </div>
      )}
    </form>
  );
}

/** The two photos that are marked, where one is of this camera and the other of another. */
function usePair(line: Line, camera: string) {
  const { marked } = useSheetView();
  const cursor = useHand((hand) => hand.cursor);
  const ids = new Set(marked);
  if (cursor) {
    ids.add(cursor);
  }
  const photos = everyPhoto(line).filter((photo) => ids.has(photo.id));
  const ours = photos.filter((photo) => photo.camera === camera);
  const others = photos.filter((photo) => photo.camera !== camera);
  const [photo] = ours;
  const [same] = others;
  return ours.length === 1 && others.length === 1 && photo && same
    ? { photo: photo.id, same: same.id }
    : null;
}
