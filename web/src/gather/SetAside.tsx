import { useStep } from "../api/queries";
import type { Album, Line } from "../api/types";
import { pictureUrl } from "../ui/Picture";

interface Props {
  album: Album;
  line: Line;
}

/** The photos that were set aside; each can go back on the line. */
export function SetAside({ album, line }: Props) {
  const step = useStep(album.id);
  if (line.aside.length === 0) {
    return null;
  }
  return (
    <section aria-label="Set aside">
      <h2 className="border-b-2 border-ink pb-1 text-[17px]">{line.aside.length} set aside</h2>
      <ul className="mt-2 flex flex-wrap gap-3">
        {line.aside.map((photo) => (
          <li key={photo.id} className="w-[96px] text-[13px]">
            <img
              src={pictureUrl(photo.id, "small")}
              alt=""
              className="h-[70px] w-full object-contain object-left opacity-70"
            />
            <p className="truncate">{photo.name}</p>
            <button
              type="button"
              className="underline underline-offset-2"
              onClick={() => step("/api/albums/{id}/aside", { photo: photo.id, aside: false })}
            >
              back on the line
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
