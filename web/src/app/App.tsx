import { Navigate, Route, Routes } from "react-router";
import { useShelf } from "../api/queries";
import { SumsPage } from "../sums/SumsPage";
import { NoticeBoard } from "../ui/NoticeBoard";
import "../ui/theme";
import { AlbumFrame } from "./AlbumFrame";

export function App() {
  return (
    <>
      <Routes>
        <Route path="/albums/:id/:stage" element={<AlbumFrame />} />
        <Route path="/sums/:name?" element={<SumsPage />} />
        <Route path="*" element={<FirstAlbum />} />
      </Routes>
      <NoticeBoard />
    </>
  );
}

/** Opens the first album where its maker goes on: photos first, then places. */
function FirstAlbum() {
  const shelf = useShelf();
  const first = shelf.data?.[0];
  if (first) {
    return <Navigate to={`/albums/${first.id}/place`} replace />;
  }
  return (
    <p className="p-8" role="status">
      {shelf.isError ? shelf.error.message : "Opening the album"}
    </p>
  );
}
