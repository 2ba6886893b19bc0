import { useState } from "react";
import { Link } from "react-router";
import type { Album, CardOfWords, WordsOfAlbum } from "../api/types";
import { useStep } from "../api/useStep";
import { Measures } from "../ui/Measures";
import { pictureUrl } from "../ui/Picture";
import { Do, Row } from "../ui/Row";
import { Sheet } from "../ui/Sheet";
import { CardSetting } from "./CardSetting";
import { FixList } from "./FixList";
import { useCardLayout } from "./useWriting";
import { whereabouts } from "./whereabouts";

interface Props {
  album: Album;
  words: WordsOfAlbum;
  card: CardOfWords;
  onGone: () => void;
}

/** The ticket of a card: lines of lines set large, the verdict, and what would make it fit. */
export function CardTicket({ album, words, card, onGone }: Props) {
  const step = useStep(album.id);
  const [setting, setSetting] = useState(false);
  const [telling, setTelling] = useState(false);
  const layout = useCardLayout(card, words.version);
  const { place } = card;
  return (
    <section aria-label="Ticket">
      <p className="text-[13px] text-quiet">
        <Measures text={whereabouts(place)} />
      </p>
      <p className="mt-3 text-[12px] leading-none text-quiet">lines</p>
      <p data-headline="" className="mt-1 flex items-baseline gap-[0.16em] text-[58px]">
        <span className="great">{layout.needed}</span>
        <span className="text-[0.42em] leading-none text-quiet">of</span>
        <span className="great">{layout.there}</span>
      </p>
      <p
        className={`mt-2 flex items-center gap-2.5 text-[20px] leading-tight font-bold [font-stretch:110%] ${layout.tooLong ? "text-signal-text" : ""}`}
        data-verdict={layout.tooLong ? "too-long" : "fits"}
      >
        <LinesMark over={layout.tooLong} />
        {headline(layout)}
      </p>
      <p className="mt-1 text-[13.5px] leading-snug">
        <Measures text={said(card, layout)} />
      </p>
      {place.of === "label" && place.contrast && (
        <p className={`mt-1 text-[13.5px] ${place.contrast.pale ? "text-signal-text" : ""}`}>
          {place.contrast.said}
        </p>
      )}
      <dl className="mt-3 border-b-2 border-ink text-[13px]">
        <Row name={place.of === "label" ? "Label" : "Card"}>
          <Measures
            text={`${card.size.w.text} × ${card.size.h.text}, margin ${card.margin.text}`}
          />
        </Row>
        <Row name="Written">
          <Measures text={way(card)} />
        </Row>
        <Row name="Words">
          {layout.words} of {layout.room}
        </Row>
        <Row name="Tells of">
          <button
            type="button"
            className="underline underline-offset-2"
            onClick={() => setTelling(true)}
          >
            {card.about.length === 0
              ? "no photo"
              : card.about.length === 1
                ? "1 photo"
                : `${card.about.length} photos`}
          </button>
          {card.about.length > 0 && place.of === "slot" && (
            <span className="block font-normal text-quiet">
              {card.beside ? `beside it, ${card.towards}` : "not beside it"}
            </span>
          )}
        </Row>
      </dl>
      <FixList
        label="What would make it fit"
        fixes={card.fixes.map((fix) => ({ ...fix, outcome: fix.lines }))}
        onTake={(fix) => step("/api/albums/{id}/words/fix", { key: card.key, fix })}
      />
      <div className="mt-4 flex flex-wrap gap-x-3 gap-y-1.5 text-[13px]">
        <Do name="set it" onDo={() => setSetting(true)} />
        {card.about.length > 0 && (
          <Do
            name={card.arrow ? "without an arrow" : "an arrow to its photo"}
            onDo={() => step("/api/albums/{id}/words/mark", { card: card.key, arrow: !card.arrow })}
          />
        )}
        {place.of === "label" && (
          <Do
            name="off the photo, a card again"
            onDo={() => step("/api/albums/{id}/words/mark", { card: card.key, label: false })}
          />
        )}
        <Do
          name={card.hidden ? "may be shown" : "private"}
          onDo={() => step("/api/albums/{id}/words/mark", { card: card.key, hidden: !card.hidden })}
        />
        {card.about.length > 0 && (
          <Do
            name="words to the photo"
            onDo={async () => {
              if (await step("/api/albums/{id}/words/to-photo", { card: card.key })) {
                onGone();
              }
            }}
          />
        )}
        <Do
          name="take away"
          onDo={async () => {
            if (await step("/api/albums/{id}/ephemera/remove", { ephemera: card.key })) {
              onGone();
            }
          }}
        />
        {place.of === "slot" && (
          <Link
            to={`/albums/${album.id}/place?spread=${place.where.spread}&slot=${place.where.slot}`}
            className="inline-flex min-h-6 items-center underline-offset-2 hover:underline"
          >
            see it in its place
          </Link>
        )}
      </div>
      <Sheet open={setting} onOpenChange={setSetting} title="How the card is set">
        <CardSetting album={album} words={words} card={card} onDone={() => setSetting(false)} />
      </Sheet>
      <Sheet open={telling} onOpenChange={setTelling} title="Which photos it tells of">
        <TellOf album={album} words={words} card={card} />
      </Sheet>
    </section>
  );
}

function headline(layout: CardOfWords["layout"]) {
  if (layout.missing) {
    return "Letters are missing";
  }
  if (layout.needed === 0) {
    return "Nothing written yet";
  }
  const over = layout.needed - layout.there;
  if (over <= 0) {
    return "Fits";
  }
  return layout.tooLong ? (over === 1 ? "One line too long" : `${over} lines too long`) : "Runs on";
}

function said(card: CardOfWords, layout: CardOfWords["layout"]) {
  if (layout.missing) {
    return `The type lacks ${layout.missing}. Write it by hand, or without.`;
  }
  if (layout.wordsOver > 0) {
    return `${layout.wordsOver} words go no further than here.`;
  }
  if (layout.needed === 0) {
    return `Room for about ${layout.room} words ${card.lettering.way === "hand" ? "by hand" : "in type"}.`;
  }
  return card.story.of === "begins" || card.story.of === "runs-on"
    ? "The rest stands on the next card."
    : `${layout.wordsLeft} words left.`;
}

function way({ lettering }: CardOfWords) {
  return lettering.way === "hand"
    ? `by hand, ${lettering.lettersPerInch} letters an inch, lines ${lettering.pitch.text} apart`
    : `${lettering.face} type, ${lettering.points} pt${lettering.ruling ? ", on its lines" : ""}`;
}

function LinesMark({ over }: { over: boolean }) {
  const colour = over ? "var(--signal)" : "var(--fits)";
  return (
    <svg viewBox="0 0 20 20" width="20" height="20" aria-hidden="true" className="shrink-0">
      <g stroke={colour} strokeWidth="2.2" fill="none">
        <path d={over ? "M2 5h16M2 10h16M2 15h16M14 2v16" : "M2 4h12M2 10h14M2 16h8"} />
      </g>
    </svg>
  );
}

/** The photos of the chapter, those marked that the card tells of. */
function TellOf({ album, words, card }: Omit<Props, "onGone">) {
  const step = useStep(album.id);
  const photos = words.chapter?.rows.flatMap((row) => row.photos) ?? [];
  const known = photos.filter((photo, i) => photos.findIndex((each) => each.id === photo.id) === i);
  return (
    <ul className="flex flex-wrap gap-3">
      {known.map((photo) => {
        const tells = card.about.includes(photo.id);
        return (
          <li key={photo.id}>
            <button
              type="button"
              aria-pressed={tells}
              aria-label={photo.name}
              onClick={() =>
                step("/api/albums/{id}/words/about", {
                  card: card.key,
                  photos: tells
                    ? card.about.filter((each) => each !== photo.id)
                    : [...card.about, photo.id],
                })
              }
              className={`block outline-solid ${tells ? "outline-3 outline-signal" : "outline-1 outline-hair"}`}
            >
              <img
                src={pictureUrl(photo.id, "small")}
                alt=""
                className="block h-[64px]"
                style={{ width: 64 * photo.shape }}
              />
            </button>
          </li>
        );
      })}
      {known.length === 0 && (
        <li className="text-quiet">This chapter has no photo with a place.</li>
      )}
    </ul>
  );
}
