import { useQueryClient } from "@tanstack/react-query";
import { Tabs } from "radix-ui";
import { type DragEvent, useCallback, useEffect, useMemo, useRef, useState } from "react";
import { useBudget } from "../api/queries";
import type { Album, Line } from "../api/types";
import { useHand } from "../bench/hand";
import { Arrivals } from "./Arrivals";
import { BringIn } from "./BringIn";
import { BudgetTab } from "./BudgetTab";
import { Compare } from "./Compare";
import { ContactSheet } from "./ContactSheet";
import { rowsOf, tilesOf } from "./contact";
import { droppedFiles } from "./dropped";
import { FilesTab } from "./FilesTab";
import { FilterRow } from "./FilterRow";
import { useIntake } from "./intake";
import { LookTab } from "./LookTab";
import { PrintForm } from "./PrintForm";
import { type Tab, useSheetView } from "./sheetView";
import { TimeTab } from "./TimeTab";
import { useGatherKeys } from "./useGatherKeys";

interface Props {
  album: Album;
  line: Line;
}

const TABS: [Tab, string][] = [
  ["look", "Photo"],
  ["budget", "Budget"],
  ["time", "Time"],
  ["files", "In and out"],
];

/** Photos in, looked at, chosen and counted against the places there are. */
export function GatherStage({ album, line }: Props) {
  const [over, setOver] = useState(false);
  const bring = useIntake((intake) => intake.bring);
  const turnTo = useSheetView((view) => view.turnTo);
  const arrived = useArrived(album.id);
  const empty = line.chapters.length === 0;

  async function drop(event: DragEvent) {
    event.preventDefault();
    setOver(false);
    turnTo("files");
    bring(album.id, await droppedFiles(event.dataTransfer), arrived);
  }

  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: dropping is a second way; the buttons are the first
    <div
      className="relative h-full"
      data-drop=""
      onDragOver={(event) => {
        if (event.dataTransfer.types.includes("Files")) {
          event.preventDefault();
          setOver(true);
        }
      }}
      onDragLeave={(event) => event.currentTarget === event.target && setOver(false)}
      onDrop={drop}
    >
      {empty ? (
        <Begin album={album} onArrived={arrived} />
      ) : (
        <Sheet album={album} line={line} onArrived={arrived} />
      )}
      {over && (
        <div className="pointer-events-none absolute inset-3 z-20 flex items-center justify-center border-4 border-dashed border-fold bg-mat/85">
          <p className="text-2xl font-semibold">Drop to add</p>
        </div>
      )}
    </div>
  );
}

interface PartProps {
  album: Album;
  onArrived: () => void;
}

/** For an album without photos: how to begin, and what comes next. */
function Begin({ album, onArrived }: PartProps) {
  const arrivals = useIntake((intake) => intake.arrivals);
  return (
    <div className="slim-scroll flex h-full flex-col gap-8 overflow-y-auto px-6 py-5 lg:flex-row">
      <div className="min-w-0 flex-1">
        <div className="flex min-h-[400px] flex-col justify-center border-2 border-dashed border-quiet/60 bg-sheet px-6 py-6">
          <BringIn album={album} onArrived={onArrived} />
          <PrintForm album={album} onArrived={onArrived} />
        </div>
        {arrivals.length > 0 && <Arrivals album={album} onArrived={onArrived} />}
      </div>
      <div className="w-full shrink-0 lg:w-[330px]">
        <WhatComesNext />
      </div>
    </div>
  );
}

/** The contact sheet, and beside it what helps to choose. */
function Sheet({ album, line, onArrived }: Props & { onArrived: () => void }) {
  const { filter, only, spread, tab, turnTo } = useSheetView();
  const [width, setWidth] = useState(700);
  const budget = useBudget(album).data;
  const chapters = useMemo(() => tilesOf(line, filter, only, spread), [line, filter, only, spread]);
  const rows = useMemo(() => rowsOf(chapters, width), [chapters, width]);
  useGatherKeys(album, rows);
  useStandSomewhere(rows);

  return (
    <div className="flex h-full flex-col lg:flex-row">
      <div className="flex min-h-[46vh] min-w-0 flex-1 flex-col lg:min-h-0">
        <FilterRow album={album} line={line} />
        <ContactSheet album={album} line={line} budget={budget} rows={rows} onWidth={setWidth} />
      </div>
      <Tabs.Root
        value={tab}
        onValueChange={(value) => turnTo(value as Tab)}
        className="flex max-h-[50%] min-h-0 w-full shrink-0 flex-col border-t border-hair bg-sheet lg:max-h-none lg:w-[312px] lg:border-t-0 lg:border-l"
      >
        <Tabs.List aria-label="Beside the contact sheet" className="flex border-b border-hair">
          {TABS.map(([key, words]) => (
            <Tabs.Trigger
              key={key}
              value={key}
              className="flex-1 border-b-4 border-transparent px-1 pt-2.5 pb-1.5 text-[14px] font-semibold whitespace-nowrap text-quiet -outline-offset-2 data-[state=active]:border-ink data-[state=active]:text-ink"
            >
              {words}
            </Tabs.Trigger>
          ))}
        </Tabs.List>
        <Tabs.Content value="look" className="slim-scroll min-h-0 flex-1 overflow-y-auto p-4">
          <LookTab album={album} line={line} />
        </Tabs.Content>
        <Tabs.Content value="budget" className="slim-scroll min-h-0 flex-1 overflow-y-auto p-4">
          <BudgetTab album={album} budget={budget} />
        </Tabs.Content>
        <Tabs.Content value="time" className="slim-scroll min-h-0 flex-1 overflow-y-auto p-4">
          <TimeTab album={album} line={line} />
        </Tabs.Content>
        <Tabs.Content value="files" className="slim-scroll min-h-0 flex-1 overflow-y-auto p-4">
          <FilesTab album={album} line={line} onArrived={onArrived} />
        </Tabs.Content>
      </Tabs.Root>
      <Compare album={album} line={line} />
    </div>
  );
}

/** The cursor is always at a photo that is shown, if any is. */
function useStandSomewhere(rows: ReturnType<typeof rowsOf>) {
  const { cursor, standAt } = useHand();
  const last = useRef(0);
  useEffect(() => {
    const tiles = rows.flatMap((row) => (row.kind === "tiles" ? row.tiles : []));
    const at = tiles.findIndex((each) => each.photo.id === cursor);
    if (at >= 0) {
      last.current = at;
      return;
    }
    // A member of a closed stack is stood at by the one on top.
    const top = tiles.find((each) => each.stack?.some((photo) => photo.id === cursor));
    const next = top ?? tiles[Math.min(last.current, tiles.length - 1)];
    if (next) {
      standAt(next.photo.id);
    }
  }, [rows, cursor, standAt]);
}

const NEXT = [
  ["Gather", "Bring the photos in. Keep the best, drop the repeats, give the undated their time."],
  ["Leaves", "Choose the pages, of any size, and plan the plain ones by measure."],
  ["Place", "One press fills the spread in story order. Swap, lock, and say what must stay."],
  ["Words", "Write cards and titles, by hand or in type. You see at once whether they fit."],
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
