import { useState } from "react";
import type { Album, TitleOfAlbum, WordsOfAlbum } from "../api/types";
import { useStep } from "../api/useStep";
import { GreatMeasure, Measures } from "../ui/Measures";
import { Do, Row } from "../ui/Row";
import { Sheet } from "../ui/Sheet";
import { FixList } from "./FixList";
import { TitleForm } from "./TitleForm";

interface Props {
  album: Album;
  words: WordsOfAlbum;
  title: TitleOfAlbum;
  onGone: () => void;
}

/** The ticket of a title: how long it is of what there is, what is missing, where letters begin. */
export function TitleTicket({ album, words, title, onGone }: Props) {
  const step = useStep(album.id);
  const [changing, setChanging] = useState(false);
  return (
    <section aria-label="Ticket">
      <p className="text-[13px] text-quiet">
        title, <Measures text={title.setName} />
        {title.stacked ? ", stacked" : ""}
        {title.stuck ? " · stuck" : ""}
      </p>
      <p className="mt-3 text-[12px] leading-none text-quiet">length</p>
      <p data-headline="" className="mt-1 flex flex-wrap items-baseline gap-[0.16em] text-[46px]">
        <GreatMeasure text={title.length.text} />
        <span className="text-[0.42em] leading-none text-quiet">of</span>
        <GreatMeasure text={title.run.text} />
      </p>
      <p
        data-verdict={title.missing ? "missing" : title.verdict}
        className={`mt-2 text-[18px] leading-tight font-bold [font-stretch:110%] ${title.verdict === "fits" && !title.missing ? "" : "text-signal-text"}`}
      >
        <Measures text={title.missing ?? title.said} />
      </p>
      {title.missing && (
        <p className="mt-1 text-[13.5px]">
          <Measures text={title.said} />
        </p>
      )}
      {title.contrast && (
        <p className={`mt-1 text-[13.5px] ${title.contrast.pale ? "text-signal-text" : ""}`}>
          It {title.contrast.said}.
        </p>
      )}
      {title.estimated && (
        <p className="mt-1 text-[13px] text-quiet">
          Letters with a red mark are estimated; measure them on the shelf to be sure.
        </p>
      )}
      <dl className="mt-3 border-b-2 border-ink text-[13px]">
        {title.border && (
          <Row name="Takes, with its margins">
            <Measures text={`${title.border.w.text} × ${title.border.h.text}`} />
          </Row>
        )}
        <Row name="Letters begin at">
          <span className="font-normal">
            <Measures
              text={title.letters
                .filter((letter) => letter.text.trim() !== "")
                .map((letter) => `${letter.text} ${letter.mark}`.replaceAll(" ", "\u00a0"))
                .join(", ")}
            />
          </span>
        </Row>
      </dl>
      <FixList
        label="What would make it work"
        fixes={title.fixes.map((fix) => ({ ...fix, outcome: fix.length }))}
        onTake={(fix) => step("/api/albums/{id}/titles/fix", { key: title.key, fix })}
      />
      <div className="mt-4 flex flex-wrap gap-x-3 gap-y-1.5 text-[13px]">
        {!title.stuck && <Do name="change" onDo={() => setChanging(true)} />}
        <Do
          name={title.stuck ? "not stuck yet" : "stuck"}
          onDo={() =>
            step("/api/albums/{id}/titles/stick", { key: title.key, stuck: !title.stuck })
          }
        />
        <a
          className="inline-flex min-h-6 items-center underline-offset-2 hover:underline"
          href={`/api/albums/${album.id}/titles/${title.key}.pdf?paper=letter`}
          download
        >
          scrap strip, letter
        </a>
        <a
          className="inline-flex min-h-6 items-center underline-offset-2 hover:underline"
          href={`/api/albums/${album.id}/titles/${title.key}.pdf?paper=a4`}
          download
        >
          A4
        </a>
        <Do
          name="take away"
          onDo={async () => {
            if (await step("/api/albums/{id}/ephemera/remove", { ephemera: title.key })) {
              onGone();
            }
          }}
        />
      </div>
      <p className="mt-3 text-[12.5px] leading-snug text-quiet">
        Line the letters up on the strip first: they do not come off a photo.
      </p>
      <Sheet open={changing} onOpenChange={setChanging} title="The title">
        <TitleForm album={album} words={words} title={title} onDone={() => setChanging(false)} />
      </Sheet>
    </section>
  );
}
