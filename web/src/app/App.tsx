import { Navigate, Route, Routes } from "react-router";
import { useAlbum, useShelf } from "../api/queries";
import { PairGate } from "../shelf/PairGate";
import { ShelfPage } from "../shelf/ShelfPage";
import { SumsPage } from "../sums/SumsPage";
import { AskBoard } from "../ui/Ask";
import { NoticeBoard } from "../ui/NoticeBoard";
import "../ui/theme";
import { AlbumFrame } from "./AlbumFrame";

export function App() {
  return (
    <>
      <PairGate>
        <Routes>
          <Route path="/albums/:id/:stage" element={<AlbumFrame />} />
          <Route path="/sums/:name?" element={<SumsPage />} />
          <Route path="/shelf/:section?" element={<ShelfPage />} />
          <Route path="*" element={<FirstAlbum />} />
        </Routes>
      </PairGate>
      <NoticeBoard />
      <AskBoard />
    </>
  );
}

/** Opens the first album where its maker goes on: photos first, then places. */
function FirstAlbum() {
  const shelf = useShelf();
  const first = shelf.data?.[0];
  const album = useAlbum(first?.id);
  if (first && album.data) {
    const stage = album.data.counts.onLine > 0 ? "place" : "gather";
    return <Navigate to={`/albums/${first.id}/${stage}`} replace />;
  }
  return (
    <p className="p-8" role="status">
      {shelf.isError ? shelf.error.message : "Opening the album"}
    </p>
  );
}
