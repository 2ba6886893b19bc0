import { useRoom } from "../api/queries";
import type { Album, Photo } from "../api/types";
import { useStep } from "../api/useStep";
import { slotsOf } from "../bench/places";
import { useLookOnceThere } from "../bench/useLookOnceThere";
import { Measures } from "../ui/Measures";

/** What would make room on the open spread for a photo without a place. */
export function RoomFor({ album, photo }: { album: Album; photo: Photo }) {
  const ways = useRoom(album.id, album.version, photo.id, album.spread.number).data;
  const step = useStep(album.id);
  const lookOnceThere = useLookOnceThere(album);
  if (!ways || ways.length === 0) {
    return null;
  }
  /** Looks at the place that the photo has then. */
  async function taken(answer: Promise<Album | null | undefined>) {
    const next = await answer;
    const there = next && slotsOf(next).find(({ slot }) => slot.seat?.photo === photo.id);
    lookOnceThere(there?.slot.id ?? null);
  }
  return (
    <section aria-label="What would make room" className="mt-4 text-[13px] leading-snug">
      <h3 className="border-b-2 border-ink pb-1 text-[15px]">What would make room</h3>
      <ul>
        {ways.map((way) => (
          <li key={`${way.way}-${way.slot}-${way.text}`} className="border-b border-hair py-1.5">
            <Measures text={way.text} />{" "}
            <span className="whitespace-nowrap text-quiet">{gain(way.points)}</span>
            {way.way === "take" && way.slot && (
              <>
                {" "}
                <Act
                  name="Put it there"
                  onDo={() =>
                    taken(step("/api/albums/{id}/put", { photo: photo.id, slot: way.slot ?? "" }))
                  }
                />
              </>
            )}
            {way.way === "sleeve" && way.slot && (
              <>
                {" "}
                <Act
                  name="Put it there"
                  onDo={() =>
                    taken(
                      step("/api/albums/{id}/flaps/add", {
                        slot: way.slot ?? "",
                        insert: way.insert && { w: way.insert.w.exact, h: way.insert.h.exact },
                        photo: photo.id,
                      }),
                    )
                  }
                />
              </>
            )}
            {way.two && way.slot && (
              <>
                {" "}
                <Act
                  name="Put both there"
                  onDo={() =>
                    taken(
                      step("/api/albums/{id}/movers/add", {
                        slot: way.slot ?? "",
                        kind: "divided-place",
                        photos: way.two,
                      }),
                    )
                  }
                />
              </>
            )}
            {way.leaf && (
              <>
                {" "}
                <Act
                  name="Add it"
                  onDo={() =>
                    taken(
                      step("/api/albums/{id}/leaves/add", {
                        type: way.leaf ?? "",
                        at: album.spread.number + 1,
                        photo: photo.id,
                      }),
                    )
                  }
                />
              </>
            )}
            {way.drop && (
              <>
                {" "}
                <Act
                  name="Drop that one"
                  onDo={() =>
                    step("/api/albums/{id}/choose", { photos: [way.drop ?? ""], choice: "out" })
                  }
                />
              </>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

function gain(points: number) {
  return points < 0 ? `${-points} points better` : `${points} points worse`;
}

function Act({ name, onDo }: { name: string; onDo: () => void }) {
  return (
    <button
      type="button"
      className="font-semibold text-fold underline underline-offset-2"
      onClick={onDo}
    >
      {name}
    </button>
  );
}
