import type { ReactNode } from "react";
import { useLists } from "../api/queries";
import type { Album, Lists, ShareBox } from "../api/types";
import { useStep } from "../api/useStep";
import { GreatMeasure, Measures } from "../ui/Measures";
import { pictureUrl } from "../ui/Picture";

/** What to order and what to trim, to take away. */
export function MakeStage({ album }: { album: Album }) {
  const lists = useLists(album.id, album.version);
  if (lists.isError) {
    return <p className="p-6">{lists.error.message}</p>;
  }
  if (!lists.data) {
    return (
      <p className="p-6 text-quiet" role="status">
        Making the lists
      </p>
    );
  }
  const { prints, sizes, trims, left, cautions } = lists.data;
  const copies = prints.reduce((sum, print) => sum + print.count, 0);
  return (
    <div className="slim-scroll h-full overflow-y-auto px-4 py-5 sm:px-6">
      <div className="grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-8 xl:grid-cols-[minmax(0,1.2fr)_minmax(0,1fr)]">
        <section aria-label="Prints to order">
          <Head
            title={copies === 1 ? "1 print to order" : `${copies} prints to order`}
            base={`/api/albums/${album.id}/prints`}
          />
          {sizes && (
            <p className="mt-1.5 text-[15px] font-semibold">
              <Measures text={sizes} />
            </p>
          )}
          <Cautions cautions={left} />
          {prints.length === 0 && (
            <p className="mt-3 text-quiet">
              Nothing to order yet. Put photos into pockets with Place.
            </p>
          )}
          <ol>
            {prints.map((print) => (
              <Entry
                key={print.line}
                album={album}
                photo={print.photo}
                shown={print.shown}
                name={print.name}
                slots={print.slots}
                cut={print.cut}
              >
                <p className="flex items-baseline gap-2 text-[27px]">
                  <GreatMeasure text={print.size.w.text} />
                  <span className="text-[0.6em] text-quiet">×</span>
                  <GreatMeasure text={print.size.h.text} />
                  <span className="ml-2 text-[15px] font-semibold">
                    {print.count === 1 ? "1 copy" : `${print.count} copies`}
                  </span>
                </p>
                <p className="wrap-anywhere text-[13px]">
                  <strong>{print.name}</strong> · {print.places.join("; ")}
                </p>
                <p className="text-[13px] text-quiet">
                  crop {print.crop.w} × {print.crop.h} px from {print.crop.x}, {print.crop.y}
                  {print.turn !== "none" && ` · ${print.turn}`}
                </p>
              </Entry>
            ))}
          </ol>
        </section>
        <section aria-label="Pieces to trim">
          <Head
            title={trims.length === 1 ? "1 piece to trim" : `${trims.length} pieces to trim`}
            base={`/api/albums/${album.id}/trims`}
          />
          <Cautions cautions={cautions} />
          {trims.length === 0 && (
            <p className="mt-3 text-quiet">
              {prints.length === 0
                ? "Nothing to trim yet."
                : "Every print goes in as it is. Measure a pocket that feels tight, and what must come off stands here."}
            </p>
          )}
          <ol>
            {trims.map((trim) => (
              <Entry
                key={trim.line}
                album={album}
                photo={trim.photo}
                name={trim.name}
                slots={[trim.slot]}
                cut={trim.cut}
              >
                <p className="flex items-baseline gap-2 text-[27px]">
                  <GreatMeasure text={trim.to.w.text} />
                  <span className="text-[0.6em] text-quiet">×</span>
                  <GreatMeasure text={trim.to.h.text} />
                  <span className="ml-2 text-[13px] text-quiet">
                    <Measures text={`from ${trim.from.w.text} × ${trim.from.h.text}`} />
                  </span>
                </p>
                <p className="text-[14px] font-semibold">
                  <Measures text={trim.off.join(", ")} />
                </p>
                <p className="wrap-anywhere text-[13px] text-quiet">
                  {trim.name} · {trim.place}
                  {trim.onTable && " · on the table"}
                </p>
              </Entry>
            ))}
          </ol>
        </section>
      </div>
    </div>
  );
}

function Head({ title, base }: { title: string; base: string }) {
  return (
    <div className="flex flex-wrap items-baseline justify-between gap-x-4 gap-y-1 border-b-2 border-ink pb-1.5">
      <h2 className="text-xl">{title}</h2>
      <p className="flex gap-4 font-semibold">
        <a className="underline underline-offset-2" href={`${base}.pdf?paper=letter`} download>
          PDF, letter
        </a>
        <a className="underline underline-offset-2" href={`${base}.pdf?paper=a4`} download>
          PDF, A4
        </a>
        <a className="underline underline-offset-2" href={`${base}.csv`} download>
          CSV
        </a>
      </p>
    </div>
  );
}

function Cautions({ cautions }: { cautions: Lists["cautions"] }) {
  return (
    <>
      {cautions.map((caution) => (
        <p key={caution} className="mt-3 border-l-4 border-signal pl-3 text-[13px]">
          {caution}
        </p>
      ))}
    </>
  );
}

interface EntryProps {
  album: Album;
  photo: string;
  shown?: ShareBox;
  name: string;
  /** Where it goes. */
  slots: string[];
  /** Whether it is cut already. */
  cut: boolean;
  children: ReactNode;
}

function Entry({ album, photo, shown, name, slots, cut, children }: EntryProps) {
  const step = useStep(album.id);
  return (
    <li className="flex items-center gap-4 border-b border-hair py-2.5">
      <span className="flex h-[66px] w-[92px] shrink-0 items-center justify-center">
        <span className="relative block">
          <img
            src={pictureUrl(photo, "small")}
            alt=""
            loading="lazy"
            className="block max-h-[66px] max-w-[92px]"
          />
          {shown && (
            <span
              className="absolute border-[1.5px] border-white [box-shadow:0_0_0_1px_var(--signal)]"
              style={{
                left: `${100 * shown.x}%`,
                top: `${100 * shown.y}%`,
                width: `${100 * shown.w}%`,
                height: `${100 * shown.h}%`,
              }}
            />
          )}
        </span>
      </span>
      <div className="min-w-0 flex-1">{children}</div>
      <label className="flex min-h-11 shrink-0 cursor-pointer items-center gap-1.5 text-[13px]">
        <input
          type="checkbox"
          className="h-5 w-5 accent-fits"
          aria-label={`${name} is cut`}
          checked={cut}
          onChange={async () => {
            for (const slot of slots) {
              await step("/api/albums/{id}/made", { slot, made: cut ? undefined : "cut" });
            }
          }}
        />
        cut
      </label>
    </li>
  );
}
