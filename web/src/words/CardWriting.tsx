import { useEffect, useId, useRef } from "react";
import type { Album, CardOfWords } from "../api/types";
import { Do } from "../ui/Row";
import { useWriting } from "./useWriting";

interface Props {
  album: Album;
  card: CardOfWords;
  /** Of the album whose words are shown. */
  version: number;
  /** The day of its chapter, to be filled in. */
  day: string | undefined;
  onNext: (by: number) => void;
}

const FIELD =
  "w-full border-0 border-b border-hair bg-transparent px-0 py-1 focus:border-ink focus:outline-none";

/** Where the words of a card are written. */
export function CardWriting({ album, card, version, day, onNext }: Props) {
  const { written, write, keep, trouble, theirs, settle } = useWriting(album, card, version);
  const id = useId();
  const story = useRef<HTMLTextAreaElement>(null);
  useEffect(() => story.current?.focus({ preventScroll: true }), []);
  return (
    <form
      aria-label={`Words of ${card.name}`}
      className="flex min-w-[220px] flex-1 flex-col self-stretch bg-sheet px-3 pt-1 pb-2"
      onSubmit={(event) => event.preventDefault()}
      onBlur={() => void keep()}
      onKeyDown={(event) => {
        if (event.altKey && (event.key === "ArrowDown" || event.key === "ArrowUp")) {
          event.preventDefault();
          onNext(event.key === "ArrowDown" ? 1 : -1);
        }
      }}
    >
      <label htmlFor={`${id}h`} className="sr-only">
        Heading
      </label>
      <input
        id={`${id}h`}
        value={written.heading}
        placeholder="Heading"
        onChange={(event) => write({ heading: event.target.value })}
        className={`${FIELD} text-[16px] font-semibold`}
      />
      <div className="flex items-baseline gap-2">
        <label htmlFor={`${id}d`} className="sr-only">
          Date
        </label>
        <input
          id={`${id}d`}
          value={written.date}
          placeholder="Date"
          onChange={(event) => write({ date: event.target.value })}
          className={`${FIELD} text-[13px]`}
        />
        {day && written.date === "" && (
          <button
            type="button"
            onClick={() => write({ date: day })}
            className="shrink-0 text-[12px] whitespace-nowrap underline underline-offset-2"
          >
            fill in the day
          </button>
        )}
      </div>
      {card.story.of === "whole" || card.story.of === "begins" ? (
        <>
          <label htmlFor={`${id}b`} className="sr-only">
            Story
          </label>
          <textarea
            ref={story}
            id={`${id}b`}
            value={written.body}
            spellCheck
            rows={7}
            placeholder="Write here. A line that begins with a hyphen is an item of a list."
            onChange={(event) => write({ body: event.target.value })}
            className={`${FIELD} min-h-[130px] flex-1 resize-y border-b-0 text-[15px] leading-[1.45]`}
          />
        </>
      ) : (
        <p className="py-2 text-[13px] text-quiet">
          The story of the card before it runs on here. Write it there.
        </p>
      )}
      {theirs && (
        <div role="alert" className="mb-1 border-l-4 border-signal pl-2 text-[13px]">
          <p>Somebody else has written on this card meanwhile:</p>
          <p className="my-1 line-clamp-4 italic [overflow-wrap:anywhere]">
            {[theirs.heading, theirs.date, theirs.body].filter((part) => part !== "").join(" · ") ||
              "nothing any more"}
          </p>
          <p className="flex gap-4">
            <Do name="keep mine" onDo={() => settle(true)} />
            <Do name="take theirs" onDo={() => settle(false)} />
          </p>
        </div>
      )}
      <p className="text-[12px] text-quiet" role={trouble ? "alert" : undefined}>
        {trouble ? (
          <span className="text-signal-text">
            Not saved yet: {trouble} What you typed is put by in this browser.
          </span>
        ) : (
          "Alt with ↓ or ↑ goes to the next card."
        )}
      </p>
    </form>
  );
}
