import { useRef } from "react";
import type { Album } from "../api/types";
import { Button } from "../ui/Button";
import { visible } from "./dropped";
import { useIntake } from "./intake";
import { PHOTO_FILES } from "./sendPhoto";
import { useSheetView } from "./sheetView";

interface Props {
  album: Album;
  onArrived: () => void;
}

/** Files chosen, or a folder; dropping them anywhere on the stage does the same. */
export function BringIn({ album, onArrived }: Props) {
  const chooseFiles = useRef<HTMLInputElement>(null);
  const chooseFolder = useRef<HTMLInputElement>(null);
  const { bring, unfinished } = useIntake();
  const turnTo = useSheetView((view) => view.turnTo);
  const empty = album.counts.onLine + album.counts.out === 0;
  const left = unfinished(album.id);

  function chosen(input: HTMLInputElement) {
    turnTo("files");
    bring(album.id, visible(Array.from(input.files ?? [])), onArrived);
    input.value = "";
  }

  return (
    <section aria-label="Bring photos in">
      <h2 className={empty ? "text-2xl leading-tight" : "border-b-2 border-ink pb-1 text-[17px]"}>
        Drop photos or a folder here
      </h2>
      {left && (
        <p className="mt-2 border-l-4 border-signal pl-2 text-[13px]" role="status">
          The last time {left.done} of {left.of} came in before the page was closed. Choose the same
          files again: those that are here already are passed over.
        </p>
      )}
      <p className={`mt-1.5 max-w-[56ch] text-quiet ${empty ? "" : "text-[13px]"}`}>
        JPEG, HEIC, PNG, WebP, AVIF, TIFF and GIF, and the .xmp sidecars beside them. They are kept
        unchanged on this machine and hang on the line in the order in which they were taken; the
        same file twice is one photo.
      </p>
      <div className="mt-3 flex flex-wrap gap-2">
        <Button strong={empty} onClick={() => chooseFiles.current?.click()}>
          Choose photos
        </Button>
        <Button onClick={() => chooseFolder.current?.click()}>Choose a folder</Button>
      </div>
      <input
        ref={chooseFiles}
        type="file"
        multiple
        accept={`${PHOTO_FILES},.xmp`}
        aria-label="Photos"
        className="sr-only"
        tabIndex={-1}
        onChange={(event) => chosen(event.currentTarget)}
      />
      <input
        ref={chooseFolder}
        type="file"
        multiple
        aria-label="A folder of photos"
        className="sr-only"
        tabIndex={-1}
        {...{ webkitdirectory: "" }}
        onChange={(event) => chosen(event.currentTarget)}
      />
    </section>
  );
}
