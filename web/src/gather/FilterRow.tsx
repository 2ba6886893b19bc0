import { useMemo } from "react";
import type { Album, Line } from "../api/types";
import { useStep } from "../api/useStep";
import { Key } from "../ui/Key";
import { everyPhoto, ONLY } from "./contact";
import { type Filter, useSheetView } from "./sheetView";

const FILTERS: [Filter, string][] = [
  ["line", "On the line"],
  ["open", "Undecided"],
  ["keep", "Kept"],
  ["maybe", "Maybe"],
  ["out", "Out"],
  ["all", "All"],
];

interface Props {
  album: Album;
  line: Line;
}

/** Which photos the contact sheet shows. */
export function FilterRow({ album, line }: Props) {
  const { filter, only, show, narrow } = useSheetView();
  const step = useStep(album.id);
  const { counts } = album;
  const photos = useMemo(() => everyPhoto(line), [line]);
  const matching = useMemo(
    () => new Map(ONLY.map(([key, , test]) => [key, photos.filter(test).length])),
    [photos],
  );
  const count: Record<Filter, number> = {
    line: counts.onLine,
    open: counts.undecided,
    keep: counts.kept,
    maybe: counts.onLine - counts.undecided - counts.kept,
    out: counts.out,
    all: counts.onLine + counts.out,
  };
  const cameras = [...new Set(photos.map((photo) => photo.camera).filter((name) => name))];
  return (
    <div className="flex flex-wrap items-center gap-x-1 gap-y-1 px-5 pt-2.5 pb-1">
      <fieldset className="flex flex-wrap">
        <legend className="sr-only">Show photos that are</legend>
        {FILTERS.map(([key, words], i) => (
          <label
            key={key}
            className={`cursor-pointer border-y border-r border-hair px-2.5 py-1 text-[13px] has-focus-visible:outline-2 has-focus-visible:outline-fold ${i === 0 ? "border-l" : ""} ${filter === key ? "bg-ink text-mat" : "bg-sheet"}`}
          >
            <input
              type="radio"
              name="filter"
              className="sr-only"
              checked={filter === key}
              onChange={() => show(key)}
            />
            <span className="font-semibold">{words}</span> {count[key]}
          </label>
        ))}
      </fieldset>
      <label className="ml-2 text-[13px] text-quiet">
        only{" "}
        <select
          value={only ?? ""}
          onChange={(event) => narrow(event.target.value === "" ? null : event.target.value)}
          className="max-w-[190px] border border-hair bg-sheet px-1 py-1 font-semibold text-ink"
        >
          <option value="">any of them</option>
          {ONLY.map(
            ([key, words]) =>
              matching.get(key) !== 0 && (
                <option key={key} value={key}>
                  {words} ({matching.get(key)})
                </option>
              ),
          )}
          {cameras.length > 1 &&
            cameras.map((camera) => (
              <option key={camera} value={camera}>
                {camera}
              </option>
            ))}
        </select>
      </label>
      <span className="flex-1" />
      <button
        type="button"
        disabled={!album.undo}
        title={album.undo ? `Last: ${album.undo}` : undefined}
        onClick={() => step("/api/albums/{id}/undo", {})}
        className="text-[13px] underline-offset-2 enabled:hover:underline disabled:opacity-45"
      >
        Undo <Key>Z</Key>
      </button>
    </div>
  );
}
