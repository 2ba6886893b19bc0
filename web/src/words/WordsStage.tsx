import { useEffect, useMemo, useState } from "react";
import { answered, api } from "../api/client";
import type { Album, WordsOfAlbum } from "../api/types";
import { useStep } from "../api/useStep";
import { Choose } from "../ui/Choose";
import { Measures } from "../ui/Measures";
import { Sheet } from "../ui/Sheet";
import { CardTicket } from "./CardTicket";
import { FactsList } from "./FactsList";
import { Thread } from "./Thread";
import { TitleDrawing } from "./TitleDrawing";
import { TitleForm } from "./TitleForm";
import { TitleTicket } from "./TitleTicket";
import { cardsOf, useBegin, useChosen, useWords } from "./useWords";
import { confirmed, unconfirmed } from "./useWriting";
import { WordsFiles } from "./WordsFiles";

/** All words of a chapter in reading order, beside the photos they tell of. */
export function WordsStage({ album }: { album: Album }) {
  const { chosen, choose } = useChosen();
  const names = useWords(album, chosen.chapter);
  useUnconfirmed(album);
  const words = names.data;
  const first = words?.chapters.find((each) => each.cards + each.titles > 0) ?? words?.chapters[0];
  const cardsChapter = useChapterOf(album, chosen.card, chosen.chapter);

  useEffect(() => {
    if (words && chosen.chapter === null) {
      const next = cardsChapter ?? first?.id;
      if (next !== undefined) {
        choose({ chapter: next });
      }
    }
  }, [words, chosen.chapter, cardsChapter, first?.id, choose]);

  if (names.isError) {
    return <p className="p-6">{names.error.message}</p>;
  }
  if (!words) {
    return (
      <p className="p-6 text-quiet" role="status">
        Laying out the words
      </p>
    );
  }
  return (
    <div className="flex h-full min-h-0 flex-col overflow-y-auto lg:flex-row lg:overflow-hidden">
      <div className="slim-scroll min-w-0 px-4 pt-4 pb-8 sm:px-6 lg:min-h-0 lg:flex-1 lg:overflow-y-auto">
        <Chapters
          words={words}
          onChoose={(chapter) => choose({ chapter, card: null, title: null })}
        />
        {words.chapter ? (
          <ChapterOfWords album={album} words={words} />
        ) : (
          <p className="mt-6 text-quiet">
            There is no chapter yet. Bring photos in with Gather; the words hang on them.
          </p>
        )}
      </div>
      <WordsTicket album={album} words={words} />
    </div>
  );
}

/** The chapter of a card that another stage led to. */
function useChapterOf(album: Album, card: number | null, chapter: string | null) {
  const [found, setFound] = useState<string | null>(null);
  useEffect(() => {
    if (card === null || chapter !== null) {
      return;
    }
    void answered(
      api.GET("/api/albums/{id}/words/cards/{card}", {
        params: { path: { id: album.id, card } },
      }),
    )
      .then((each) => setFound(each.chapter))
      .catch(() => setFound(null));
  }, [album.id, card, chapter]);
  return found;
}

/** Sends what was typed in this browser and never confirmed. */
function useUnconfirmed(album: Album) {
  const step = useStep(album.id);
  useEffect(() => {
    for (const { card, written } of unconfirmed(album.id)) {
      void step("/api/albums/{id}/words/write", { card, ...written }, () => undefined, true).then(
        (done) => done && confirmed(album.id, card),
      );
    }
  }, [album.id, step]);
}

/** More chapters than this are chosen from a list. */
const FEW_CHAPTERS = 10;

function said(chapter: WordsOfAlbum["chapters"][number]) {
  return chapter.tooLong > 0
    ? ` · ${chapter.tooLong} too long`
    : chapter.cards > 0
      ? ` · ${chapter.cards}`
      : "";
}

function Chapters({
  words,
  onChoose,
}: {
  words: WordsOfAlbum;
  onChoose: (chapter: string) => void;
}) {
  if (words.chapters.length > FEW_CHAPTERS) {
    return (
      <div className="mb-4">
        <Choose
          label="Chapter"
          word="chapter"
          options={Object.fromEntries(
            words.chapters.map((chapter) => [chapter.id, `${chapter.title}${said(chapter)}`]),
          )}
          value={words.chapter?.id ?? ""}
          onChoose={onChoose}
        />
      </div>
    );
  }
  return (
    <nav aria-label="Chapters" className="mb-4 flex flex-wrap gap-x-5 gap-y-1.5">
      {words.chapters.map((chapter) => (
        <button
          key={chapter.id}
          type="button"
          aria-current={words.chapter?.id === chapter.id || undefined}
          onClick={() => onChoose(chapter.id)}
          className="border-b-2 border-transparent pb-0.5 text-left text-[13px] aria-[current=true]:border-ink"
        >
          <span className="font-semibold">{chapter.title}</span>{" "}
          <span className={chapter.tooLong > 0 ? "text-signal-text" : "text-quiet"}>
            {said(chapter)}
          </span>
        </button>
      ))}
    </nav>
  );
}

function counted(count: number, one: string, many: string) {
  return count === 1 ? `1 ${one}` : `${count} ${many}`;
}

function ChapterOfWords({ album, words }: { album: Album; words: WordsOfAlbum }) {
  const { chosen, choose } = useChosen();
  const begin = useBegin(album, chosen.chapter);
  const [titling, setTitling] = useState(false);
  const cards = useMemo(() => cardsOf(words), [words]);
  const chapter = words.chapter;
  if (!chapter) {
    return null;
  }
  const untold = chapter.facts.filter((fact) => !fact.told).length;

  function next(by: number) {
    const at = cards.findIndex((card) => card.key === chosen.card);
    const to = cards[at + by];
    if (to) {
      choose({ card: to.key, title: null });
      document.querySelector(`[data-card="${to.key}"]`)?.scrollIntoView({ block: "nearest" });
    }
  }

  return (
    <>
      <header className="mb-3 flex flex-wrap items-baseline gap-x-3 gap-y-1">
        <h2 className="text-2xl leading-tight">{chapter.title}</h2>
        <p className="text-[14px] text-quiet">
          {counted(cards.length, "card", "cards")} ·{" "}
          {chapter.titles.length === 0
            ? "no title"
            : counted(chapter.titles.length, "title", "titles")}
          {untold > 0 && ` · ${counted(untold, "fact", "facts")} not told yet`}
        </p>
      </header>
      <WordsFiles album={album} words={words} />
      <section aria-label="Titles" className="mt-5">
        {chapter.titles.map((title) => (
          <div key={title.key} className="mb-4 flex flex-wrap items-center gap-x-6 gap-y-2">
            <button
              type="button"
              data-title={title.key}
              aria-pressed={chosen.title === title.key}
              onClick={() => choose({ title: title.key, card: null })}
              className={`block max-w-full ${chosen.title === title.key ? "outline-2 outline-offset-3 outline-fold outline-solid" : ""}`}
            >
              <TitleDrawing title={title} width={520} />
            </button>
            <p className="text-[13px] leading-snug">
              <span className="block text-quiet">
                {title.stacked ? "down a photo's side" : "along a line"},{" "}
                <Measures text={title.setName} />
              </span>
              <span className="text-[20px] font-bold [font-stretch:80%]">
                <Measures text={`${title.length.text} of ${title.run.text}`} />
              </span>
              {title.missing && <span className="block text-signal-text">{title.missing}</span>}
              {!title.missing && title.verdict !== "fits" && (
                <span className="block text-signal-text">
                  <Measures text={title.said} />
                </span>
              )}
            </p>
          </div>
        ))}
        <button
          type="button"
          onClick={() => setTitling(true)}
          className="text-[13px] underline underline-offset-2"
        >
          measure a title
        </button>
      </section>
      <section aria-label="Cards" className="mt-4">
        {chapter.rows.length === 0 ? (
          <p className="text-quiet">
            No photo of this chapter has a place yet, and no card tells of it. Place some first, or
            bring words in.
          </p>
        ) : (
          <Thread
            album={album}
            rows={chapter.rows}
            version={words.version}
            day={chapter.date}
            chosen={chosen.card}
            onChoose={(card) => choose({ card, title: null })}
            onNext={next}
            onBegin={(photo) => void begin({ photo })}
          />
        )}
      </section>
      {chapter.free.length > 0 && (
        <section aria-label="Places kept for words" className="mt-5">
          <h3 className="mb-2 text-[15px]">Kept for words</h3>
          <ul className="flex flex-wrap gap-3">
            {chapter.free.map((free) => (
              <li key={free.slot}>
                <button
                  type="button"
                  onClick={() => void begin({ slot: free.slot })}
                  className="flex min-h-[74px] w-[176px] flex-col border border-dashed border-quiet px-3 py-2 text-left text-[13px] hover:border-ink"
                >
                  <span className="font-semibold">{free.label}</span>
                  <span className="text-quiet">
                    <Measures text={`${free.size.w.text} × ${free.size.h.text}`} />
                    {free.photos.length > 0 &&
                      `, beside ${counted(free.photos.length, "photo", "photos")}`}
                  </span>
                  <span className="mt-auto underline underline-offset-2">write a card</span>
                </button>
              </li>
            ))}
          </ul>
        </section>
      )}
      <Sheet open={titling} onOpenChange={setTitling} title="A title">
        <TitleForm album={album} words={words} onDone={() => setTitling(false)} />
      </Sheet>
    </>
  );
}

function WordsTicket({ album, words }: { album: Album; words: WordsOfAlbum }) {
  const { chosen, choose } = useChosen();
  const begin = useBegin(album, chosen.chapter);
  const card = cardsOf(words).find((each) => each.key === chosen.card);
  const title = words.chapter?.titles.find((each) => each.key === chosen.title);
  return (
    <aside
      aria-label="What is looked at"
      className={`slim-scroll shrink-0 border-t-2 border-ink bg-sheet px-4 pt-4 pb-6 lg:static lg:max-h-none lg:w-[288px] lg:overflow-y-auto lg:border-t-0 lg:pt-6 ${card || title ? "sticky bottom-0 max-h-[40vh] overflow-y-auto" : ""}`}
    >
      {card ? (
        <CardTicket
          key={card.key}
          album={album}
          words={words}
          card={card}
          onGone={() => choose({ card: null })}
        />
      ) : title ? (
        <TitleTicket
          key={title.key}
          album={album}
          words={words}
          title={title}
          onGone={() => choose({ title: null })}
        />
      ) : (
        <section aria-label="Ticket">
          <p data-headline="" className="flex items-baseline gap-[0.2em] text-[58px]">
            <span className="great">{words.cards}</span>
            <span className="text-[0.36em] leading-none text-quiet">
              {words.cards === 1 ? "card" : "cards"}
            </span>
          </p>
          <p className="mt-2 text-[18px] leading-tight font-bold [font-stretch:110%]">
            {words.tooLong > 0 ? `${words.tooLong} too long` : "All of them fit"}
          </p>
          <p className="mt-1 text-[13.5px]">
            {words.silent > 0
              ? `${counted(words.silent, "photo has", "photos have")} no word near them.`
              : "Every photo with a place has a word near it."}{" "}
            Press a card to write on it, or a small photo to begin one.
          </p>
        </section>
      )}
      <FactsList
        album={album}
        words={words}
        card={card?.key ?? null}
        onBegin={(photo) => void begin({ photo })}
      />
    </aside>
  );
}
