import { useQueryClient } from "@tanstack/react-query";
import { type DragEvent, useCallback, useRef, useState } from "react";
import { useNavigate } from "react-router";
import type { Album, Line } from "../api/types";
import { Button } from "../ui/Button";
import { Arrivals } from "./Arrivals";
import { droppedFiles, visible } from "./dropped";
import { useIntake } from "./intake";
import { LineWall } from "./LineWall";
import { SetAside } from "./SetAside";
import { Undated } from "./Undated";

interface Props {
  album: Album;
  line: Line;
}

/** Photos in: chosen, as a folder, or dropped; those without a date; those set aside. */
export function GatherStage({ album, line }: Props) {
  const [over, setOver] = useState(false);
  const chooseFiles = useRef<HTMLInputElement>(null);
  const chooseFolder = useRef<HTMLInputElement>(null);
  const { bring, arrivals, running } = useIntake();
  const arrived = useArrived(album.id);
  const navigate = useNavigate();

  async function drop(event: DragEvent) {
    event.preventDefault();
    setOver(false);
    bring(album.id, await droppedFiles(event.dataTransfer), arrived);
  }

  function chosen(input: HTMLInputElement) {
    bring(album.id, visible(Array.from(input.files ?? [])), arrived);
    input.value = "";
  }

  const { counts } = album;
  return (
    <div className="slim-scroll h-full overflow-y-auto px-6 py-5">
      <div className="flex flex-col gap-8 lg:flex-row">
        <section className="min-w-0 flex-1" aria-label="Bring photos in">
          {/* biome-ignore lint/a11y/noStaticElementInteractions: dropping is a second way; the buttons are the first */}
          <div
            onDragOver={(event) => {
              event.preventDefault();
              setOver(true);
            }}
            onDragLeave={() => setOver(false)}
            onDrop={drop}
            className={`border-2 border-dashed px-6 py-6 ${counts.onLine === 0 ? "flex min-h-[400px] flex-col justify-center" : ""} ${over ? "border-fold bg-fold/10" : "border-quiet/60 bg-sheet"}`}
          >
            <h2 className="text-2xl leading-tight">
              {over ? "Let go: they come in here" : "Drop photos or a folder here"}
            </h2>
            <p className="mt-1.5 max-w-[52ch] text-quiet">
              JPEG and PNG. They are kept unchanged on this machine and hang on the line in the
              order in which they were taken; the same file twice is one photo.
            </p>
            <div className="mt-4 flex flex-wrap gap-2">
              <Button strong={counts.onLine === 0} onClick={() => chooseFiles.current?.click()}>
                Choose photos
              </Button>
              <Button onClick={() => chooseFolder.current?.click()}>Choose a folder</Button>
              {counts.onLine > 0 && !running && (
                <Button strong onClick={() => navigate(`/albums/${album.id}/place`)}>
                  Go on to Place
                </Button>
              )}
            </div>
            <input
              ref={chooseFiles}
              type="file"
              multiple
              accept="image/jpeg,image/png"
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
          </div>
          {arrivals.length > 0 && <Arrivals album={album} onArrived={arrived} />}
          <LineWall album={album} line={line} />
        </section>
        <div className="flex w-full shrink-0 flex-col gap-8 lg:w-[330px]">
          {counts.onLine === 0 ? <WhatComesNext /> : <Undated album={album} line={line} />}
          <SetAside album={album} line={line} />
        </div>
      </div>
    </div>
  );
}

const NEXT = [
  ["Gather", "Bring the photos in. Drop the repeats, give the undated ones their time."],
  ["Leaves", "Choose the pages, of any size, and plan the plain ones by measure."],
  ["Place", "One press fills the double page in story order. Swap, lock, and say what must stay."],
  ["Make", "Take away the list of prints to order and of pieces to trim."],
] as const;

/** For a newcomer: the way from here. */
function WhatComesNext() {
  return (
    <section aria-label="What comes next">
      <h2 className="border-b-2 border-ink pb-1 text-[17px]">What comes next</h2>
      <ol>
        {NEXT.map(([stage, words]) => (
          <li key={stage} className="border-b border-hair py-3">
            <h3 className="text-[15px]">{stage}</h3>
            <p className="mt-0.5 text-quiet">{words}</p>
          </li>
        ))}
      </ol>
    </section>
  );
}

const PAUSE = 400;

/** Shows what arrived, at most a few times a second. */
function useArrived(id: number) {
  const queries = useQueryClient();
  const due = useRef(false);
  return useCallback(() => {
    if (due.current) {
      return;
    }
    due.current = true;
    window.setTimeout(() => {
      due.current = false;
      void queries.invalidateQueries({ queryKey: ["line", id] });
      void queries.invalidateQueries({ queryKey: ["album", id] });
    }, PAUSE);
  }, [queries, id]);
}
