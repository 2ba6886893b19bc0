import type { Album, CardOfWords, PhotoMini, ThreadRow } from "../api/types";
import { Measures } from "../ui/Measures";
import { pictureUrl } from "../ui/Picture";
import { CardDrawing } from "./CardDrawing";
import { CardWriting } from "./CardWriting";
import { useCardLayout } from "./useWriting";
import { whereabouts } from "./whereabouts";

/** How many pixels an inch of a card is; what is wider than the column is drawn smaller. */
const INCH = 58;
const WIDEST = 350;

interface Props {
  album: Album;
  rows: ThreadRow[];
  /** Of the album whose words are shown. */
  version: number;
  day: string | undefined;
  chosen: number | null;
  onChoose: (card: number) => void;
  onNext: (by: number) => void;
  onBegin: (photo: string) => void;
}

/** The photos of a chapter on one thread, and beside them the cards that tell of them. */
export function Thread({ album, rows, version, day, chosen, onChoose, onNext, onBegin }: Props) {
  return (
    <ol className="relative" aria-label="Photos and their cards">
      <span
        aria-hidden="true"
        className="absolute top-2 bottom-2 left-[117px] hidden w-px bg-quiet/50 sm:block"
      />
      {rows.map((row) =>
        row.cards.length === 0 ? (
          <SilentRow key={`silent ${row.photos[0]?.id}`} photos={row.photos} onBegin={onBegin} />
        ) : (
          <li
            key={row.cards[0]?.key}
            className="flex flex-col gap-x-6 gap-y-3 py-3 sm:flex-row"
            data-row={row.cards[0]?.key}
          >
            <div className="flex w-[118px] shrink-0 flex-row items-start gap-2 sm:flex-col sm:items-end">
              {row.photos.slice(0, 3).map((photo) => (
                <Pegged key={photo.id} photo={photo} />
              ))}
              {row.photos.length > 3 && (
                <span className="pr-3 text-[12px] text-quiet">
                  and {row.photos.length - 3} more
                </span>
              )}
            </div>
            <div className="flex min-w-0 flex-1 flex-col gap-5">
              {row.cards.map((card) => (
                <CardOnThread
                  key={card.key}
                  album={album}
                  card={card}
                  version={version}
                  day={day}
                  chosen={chosen === card.key}
                  onChoose={() => onChoose(card.key)}
                  onNext={onNext}
                />
              ))}
            </div>
          </li>
        ),
      )}
    </ol>
  );
}

function Pegged({ photo }: { photo: PhotoMini }) {
  const width = Math.min(104, 78 * photo.shape);
  return (
    <span className="relative flex items-center pr-3">
      <img
        src={pictureUrl(photo.id, "small")}
        alt={photo.name}
        loading="lazy"
        className="block bg-white outline-3 outline-white outline-solid [box-shadow:0_1px_4px_rgb(16_38_44/0.3)]"
        style={{ width, height: width / photo.shape }}
      />
      <span
        aria-hidden="true"
        className="absolute right-[-3px] hidden h-[7px] w-[7px] rounded-full sm:block bg-quiet"
      />
    </span>
  );
}

/** Photos that no card tells of yet, small, each with the way to write one. */
function SilentRow({ photos, onBegin }: { photos: PhotoMini[]; onBegin: (photo: string) => void }) {
  return (
    <li className="flex flex-wrap items-end gap-2 py-2 pl-0 sm:pl-[142px]">
      {photos.map((photo) => (
        <button
          key={photo.id}
          type="button"
          data-silent={photo.silent || undefined}
          title={
            photo.caption
              ? `${photo.name}: “${photo.caption}”. Press to put its words on a card.`
              : `${photo.name}, ${photo.where}. Press to write a card for it.`
          }
          aria-label={`Write a card for ${photo.name}`}
          onClick={() => onBegin(photo.id)}
          className="group relative block outline-1 outline-hair outline-solid hover:outline-2 hover:outline-ink"
        >
          <img
            src={pictureUrl(photo.id, "small")}
            alt=""
            loading="lazy"
            className={`block h-[42px] ${photo.silent ? "opacity-60" : ""}`}
            style={{ width: 42 * photo.shape }}
          />
          {!photo.silent && (
            <span
              aria-hidden="true"
              className="absolute right-0 bottom-0 h-[9px] w-[9px] bg-fits"
              title="has words"
            />
          )}
        </button>
      ))}
    </li>
  );
}

interface CardProps {
  album: Album;
  card: CardOfWords;
  version: number;
  day: string | undefined;
  chosen: boolean;
  onChoose: () => void;
  onNext: (by: number) => void;
}

function CardOnThread({ album, card, version, day, chosen, onChoose, onNext }: CardProps) {
  const layout = useCardLayout(card, version);
  const inch = Math.min(INCH, WIDEST / Number(card.size.w.in));
  return (
    <div
      data-card={card.key}
      data-too-long={layout.tooLong || undefined}
      className="flex flex-wrap items-start gap-x-5 gap-y-2"
    >
      <div>
        <button
          type="button"
          aria-pressed={chosen}
          aria-label={`${card.name}, ${layout.said}`}
          onClick={onChoose}
          className={`block text-left ${chosen ? "outline-2 outline-offset-3 outline-fold outline-solid" : ""}`}
        >
          <CardDrawing card={card} layout={layout} inch={inch} />
        </button>
        <p
          className={`mt-2 text-[13px] font-semibold ${layout.tooLong ? "text-signal-text" : "text-ink"}`}
          style={{ maxWidth: Math.max(240, inch * Number(card.size.w.in)) }}
          role={chosen ? "status" : undefined}
        >
          <Measures text={verdict(layout)} />
        </p>
        <p className="text-[12px] text-quiet">
          <Measures
            text={[
              `${card.size.w.text} × ${card.size.h.text}`,
              whereabouts(card.place),
              ...(card.place.of === "slot" && card.about.length > 0 && !card.beside
                ? ["not beside its photo"]
                : []),
            ].join(" · ")}
          />
        </p>
      </div>
      {chosen && (
        <CardWriting
          key={card.key}
          album={album}
          card={card}
          version={version}
          day={day}
          onNext={onNext}
        />
      )}
    </div>
  );
}

function verdict(layout: CardOfWords["layout"]) {
  if (layout.missing) {
    return layout.said;
  }
  return layout.wordsOver > 0
    ? `${layout.needed} of ${layout.there} lines · ${layout.wordsOver} words over`
    : layout.needed === 0
      ? layout.said
      : `${layout.said} · ${layout.wordsLeft} words left`;
}
