import { useEffect, useState } from "react";
import { Link, Navigate, useLocation, useParams } from "react-router";
import { useAlbum, useLine, useNewest } from "../api/queries";
import { ForeEdge } from "../bench/ForeEdge";
import { LineOverview } from "../bench/LineOverview";
import { LineUp } from "../bench/LineUp";
import { useFollowSpread } from "../bench/turning";
import { GatherStage } from "../gather/GatherStage";
import { LeavesStage } from "../leaves/LeavesStage";
import { MakeStage } from "../make/MakeStage";
import { PlaceStage } from "../place/PlaceStage";
import { TableDrag } from "../place/TableDrag";
import { PlansStage } from "../plans/PlansStage";
import { Key } from "../ui/Key";
import { rememberPlace } from "../ui/lastPlace";
import { WordsStage } from "../words/WordsStage";
import { AlbumTitle } from "./AlbumTitle";
import { KeysSheet } from "./KeysSheet";
import { Stages } from "./Stages";
import { useBenchKeys } from "./useBenchKeys";

const STAGES = ["gather", "leaves", "plans", "place", "words", "make"];

/** The bench: the album's edge and stages at the left, the line above, the stage in the middle. */
export function AlbumFrame() {
  const { id: idText, stage } = useParams();
  const id = Number(idText);
  useFollowSpread(id);
  const album = useAlbum(Number.isInteger(id) ? id : undefined);
  useNewest(album.data?.id);
  const line = useLine(id);
  const [keysOpen, setKeysOpen] = useState(false);
  useBenchKeys(id, () => setKeysOpen(true));

  const { pathname, search } = useLocation();
  useEffect(() => rememberPlace(pathname + search), [pathname, search]);

  const title = album.data?.title;
  useEffect(() => {
    document.title = title ? `${title} · Drum Nest` : "Drum Nest";
  }, [title]);

  if (!Number.isInteger(id)) {
    return (
      <div className="p-8">
        <h1 className="mb-2 text-xl">There is no such page</h1>
        <Link to="/" className="underline underline-offset-2">
          Go to the album
        </Link>
      </div>
    );
  }
  if (album.isError) {
    return (
      <div className="p-8">
        <h1 className="mb-2 text-xl">This album does not open</h1>
        <p>{album.error.message}</p>
      </div>
    );
  }
  if (!album.data || !line.data) {
    return (
      <p className="p-8 text-quiet" role="status">
        Opening the album
      </p>
    );
  }
  if (stage === undefined || !STAGES.includes(stage)) {
    return <Navigate to={`/albums/${id}/place`} replace />;
  }
  return (
    <TableDrag album={album.data} line={line.data}>
      <div className="flex h-full flex-col md:flex-row">
        <aside className="flex shrink-0 flex-row flex-wrap items-center gap-x-3 gap-y-1 bg-edge px-3 py-2 text-edge-text md:w-[132px] md:flex-nowrap md:flex-col md:items-stretch md:gap-0 md:px-0 md:py-4">
          <AlbumTitle album={album.data} />
          <Stages album={album.data} stage={stage === "plans" ? "leaves" : stage} />
          <ForeEdge album={album.data} />
          <Link
            to="/sums"
            className="ml-auto self-center text-xs text-edge-quiet underline-offset-2 hover:text-edge-text hover:underline md:mt-3 md:ml-4 md:self-start"
          >
            Sums <Key>=</Key>
          </Link>
          <Link
            to="/shelf/catalogue"
            className="self-center text-xs text-edge-quiet underline-offset-2 hover:text-edge-text hover:underline md:mt-2 md:ml-4 md:self-start"
          >
            Shelf <Key>S</Key>
          </Link>
          <button
            type="button"
            className="self-center text-left text-xs text-edge-quiet underline-offset-2 hover:text-edge-text hover:underline md:mt-2 md:ml-4 md:self-start"
            aria-label="Keys and about"
            onClick={() => setKeysOpen(true)}
          >
            Keys<span className="hidden md:inline"> and about</span>
          </button>
        </aside>
        <div className="flex min-h-0 min-w-0 flex-1 flex-col">
          {stage !== "leaves" && stage !== "plans" && stage !== "words" && (
            <div className={stage === "make" ? "hidden md:block" : ""}>
              {stage === "gather" && album.data.counts.onLine > 0 ? (
                <LineOverview line={line.data} />
              ) : (
                <LineUp album={album.data} line={line.data} />
              )}
            </div>
          )}
          <main className="min-h-0 flex-1">
            {stage === "gather" && <GatherStage album={album.data} line={line.data} />}
            {stage === "leaves" && <LeavesStage album={album.data} />}
            {stage === "place" && <PlaceStage album={album.data} line={line.data} />}
            {stage === "plans" && <PlansStage album={album.data} />}
            {stage === "words" && <WordsStage album={album.data} />}
            {stage === "make" && <MakeStage album={album.data} />}
          </main>
        </div>
        <KeysSheet open={keysOpen} onOpenChange={setKeysOpen} />
      </div>
    </TableDrag>
  );
}
