import type { Album, Line } from "../api/types";
import { DateField } from "../ticket/DateField";
import { pictureUrl } from "../ui/Picture";

/** More are seen better on the contact sheet. */
const MOST = 20;

interface Props {
  album: Album;
  line: Line;
}

/** The photos without a date, which stand at the end of the line until they are given one. */
export function Undated({ album, line }: Props) {
  const undated = line.chapters
    .flatMap((chapter) => chapter.photos)
    .filter((photo) => !photo.taken);
  return (
    <section aria-label="Dates to give" className="mt-6">
      <h2 className="border-b-2 border-ink pb-1 text-[17px]">
        {undated.length === 0 ? "Every photo has a date" : `${undated.length} without a date`}
      </h2>
      {undated.length > 0 && (
        <p className="mt-1.5 text-[13px] text-quiet">
          They stand at the end of the line. Say when one was taken and it finds its place.
        </p>
      )}
      <ul>
        {undated.slice(0, MOST).map((photo) => (
          <li key={photo.id} className="flex items-center gap-3 py-2">
            <img
              src={pictureUrl(photo.id, "small")}
              alt=""
              className="h-[68px] w-[84px] shrink-0 object-contain"
            />
            <div className="min-w-0 flex-1 text-[13px]">
              <p className="truncate font-semibold">{photo.name}</p>
              <DateField album={album} photo={photo} />
            </div>
          </li>
        ))}
      </ul>
      {undated.length > MOST && (
        <p className="text-[13px] text-quiet">
          And {undated.length - MOST} more: the contact sheet shows them under “without a date”.
        </p>
      )}
    </section>
  );
}
