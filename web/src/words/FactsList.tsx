import type { Album, WordsOfAlbum } from "../api/types";
import { useStep } from "../api/useStep";
import { useStepForm } from "../api/useStepForm";
import { Choose } from "../ui/Choose";
import { pictureUrl } from "../ui/Picture";

const KINDS = {
  who: "who",
  where: "where",
  weather: "weather",
  overheard: "overheard",
  thanks: "thanks",
  other: "other",
} as const;

type Kind = keyof typeof KINDS;

interface Props {
  album: Album;
  words: WordsOfAlbum;
  /** The card on which a fact would be told; none where no card is looked at. */
  card: number | null;
  /** Begins a card for a photo. */
  onBegin: (photo: string) => void;
}

/** What the chapter does not say yet: people and facts, photos without a word; and the way to note more. */
export function FactsList({ album, words, card, onBegin }: Props) {
  const step = useStep(album.id);
  const { form, set, otherwise, send } = useStepForm({ kind: "who" as Kind, text: "" }, []);
  const facts = words.chapter?.facts ?? [];

  const silent = (words.chapter?.rows ?? [])
    .flatMap((row) => row.photos)
    .filter((photo) => photo.silent);
  const note = send(async (onRefusal) => {
    const chapter = words.chapter?.id || undefined;
    const done = await step("/api/albums/{id}/facts/note", { ...form, chapter }, onRefusal);
    if (done) {
      set({ text: "" });
    }
    return done;
  });

  return (
    <section aria-label="People and facts" className="mt-6">
      <h3 className="border-b border-ink pb-1 text-[15px]">Not told yet</h3>
      <ul>
        {[...facts]
          .sort((a, b) => Number(a.told) - Number(b.told))
          .map((fact) => (
            <li
              key={`${fact.kind} ${fact.text}`}
              data-told={fact.told || undefined}
              className="flex items-baseline gap-2 border-b border-hair py-1.5 text-[13px]"
            >
              <span
                className={`min-w-0 flex-1 [overflow-wrap:anywhere] ${fact.told ? "text-quiet line-through" : "font-semibold"}`}
              >
                {fact.text}
              </span>
              <span className="shrink-0 text-[12px] text-quiet">{fact.kind}</span>
              {!fact.told && card !== null && (
                <button
                  type="button"
                  aria-label={`Tell ${fact.text} on the card`}
                  onClick={() => step("/api/albums/{id}/facts/tell", { text: fact.text, card })}
                  className="shrink-0 underline underline-offset-2"
                >
                  tell
                </button>
              )}
              <button
                type="button"
                aria-label={`Strike ${fact.text}`}
                onClick={() =>
                  step("/api/albums/{id}/facts/strike", {
                    kind: fact.kind,
                    text: fact.text,
                    chapter: fact.chapter,
                  })
                }
                className="shrink-0 text-quiet underline-offset-2 hover:underline"
              >
                strike
              </button>
            </li>
          ))}
        {silent.length > 0 && (
          <li className="border-b border-hair py-1.5 text-[13px]">
            <span className="font-semibold">
              {silent.length === 1
                ? "1 photo has no word near it"
                : `${silent.length} photos have no word near them`}
            </span>
            <span className="mt-1.5 flex flex-wrap gap-1.5">
              {silent.map((photo) => (
                <button
                  key={photo.id}
                  type="button"
                  aria-label={`A card for ${photo.name}`}
                  title={`${photo.name}, ${photo.where}`}
                  onClick={() => onBegin(photo.id)}
                  className="block outline-1 outline-hair outline-solid hover:outline-2 hover:outline-ink"
                >
                  <img
                    src={pictureUrl(photo.id, "small")}
                    alt=""
                    loading="lazy"
                    className="block h-[30px]"
                    style={{ width: 30 * photo.shape }}
                  />
                </button>
              ))}
            </span>
          </li>
        )}
      </ul>
      {facts.length === 0 && (
        <p className="py-1.5 text-[13px] text-quiet">
          Who was there, where, the weather, what was overheard: note it before it is forgotten.
        </p>
      )}
      <form onSubmit={note} className="mt-2 flex items-end gap-2 text-[13px]" aria-label="A fact">
        <Choose
          label="What it is about"
          options={KINDS}
          value={form.kind}
          onChoose={(kind) => set({ kind })}
        />
        <input
          aria-label="A fact to be told"
          value={form.text}
          placeholder="14 knots, gusting"
          onChange={(event) => set({ text: event.target.value })}
          className="min-w-0 flex-1 border border-quiet bg-sheet px-2 py-1"
        />
        <button type="submit" className="min-h-8 font-semibold underline underline-offset-2">
          note
        </button>
      </form>
      {otherwise && (
        <p role="alert" className="mt-1 text-[13px] text-signal-text">
          {otherwise}
        </p>
      )}
    </section>
  );
}
