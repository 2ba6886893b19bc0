import { Link } from "react-router";
import { useMetric } from "../api/queries";
import type { Album, Aside as AsideFor, Size, Ticket } from "../api/types";
import { useStep } from "../api/useStep";
import { slotsOf } from "../bench/places";
import { FlapTicket } from "../movers/FlapTicket";
import { GreatMeasure, Measures } from "../ui/Measures";
import { Do, Row } from "../ui/Row";
import { VerdictMark, verdictWord } from "../ui/VerdictMark";
import { CroppedPicture } from "./CroppedPicture";
import { OnTable } from "./OnTable";
import { OpeningField } from "./OpeningField";
import { WhyHere } from "./WhyHere";

interface Props {
  album: Album;
  ticket: Ticket;
  /** Whether the photo is only held over the slot. */
  held?: boolean;
}

/** The ticket of a slot: the measure large, the verdict in words, what to do, and why. */
export function SlotTicket({ album, ticket, held = false }: Props) {
  const { photo, seat } = ticket;
  const step = useStep(album.id);
  return (
    <>
      <p className="mb-2 text-[13px] text-quiet">
        {photo?.takenText ? `${photo.takenText} · ` : ""}
        {ticket.place}
      </p>
      {photo && <CroppedPicture album={album.id} photo={photo} ticket={ticket} />}
      <Headline size={ticket.headline} means={ticket.headlineMeans} />
      {ticket.verdict && (
        <p className="mt-3 flex items-center gap-2.5 text-[21px] leading-none font-bold [font-stretch:110%]">
          <VerdictMark verdict={ticket.verdict} />
          {verdictWord(ticket.verdict)}
        </p>
      )}
      <div className="mt-2 text-[13.5px] leading-snug">
        {ticket.todo.map((sentence) => (
          <p key={sentence}>
            <Measures text={sentence} />
          </p>
        ))}
      </div>
      <dl className="mt-3 border-b-2 border-ink text-[13px]">
        {ticket.play && (
          <Row name="Play">
            <Measures text={`${ticket.play.w.text} across, ${ticket.play.h.text} down`} />
          </Row>
        )}
        {ticket.kept && (
          <Row name="Shown">
            {ticket.kept}
            {ticket.crop && (
              <span className="font-normal text-quiet">
                {" "}
                · {ticket.crop.w} × {ticket.crop.h} px
              </span>
            )}
          </Row>
        )}
        {ticket.sharpness && <Row name="Sharp enough">{ticket.sharpness}</Row>}
        {ticket.reveal && (
          <Row name="Backing shows">
            <Measures text={`${ticket.reveal.w.text}, ${ticket.reveal.h.text} a side`} />
          </Row>
        )}
        {(ticket.kind === "pocket" || (ticket.kind !== "mount" && ticket.known !== "mount")) && (
          <OpeningField album={album} ticket={ticket} />
        )}
        {ticket.marks.map((mark) => (
          <Row key={mark.edge} name={mark.edge === "left" ? "Left edge at" : "Top edge at"}>
            <Measures text={mark.at.text} />
            <span className="block text-[12px] leading-tight font-normal text-quiet">
              works from <Measures text={`${mark.from.text} to ${mark.to.text}`} />
            </span>
          </Row>
        ))}
        {ticket.ephemera && (
          <>
            <Row name={ticket.ephemera.kind === "card" ? "Card" : "Keepsake"}>
              <Measures text={`${ticket.ephemera.size.w.text} × ${ticket.ephemera.size.h.text}`} />
            </Row>
            {ticket.ephemera.room && (
              <Row name="Words">
                <Measures text={ticket.ephemera.room} />
                <Link
                  to={`/albums/${album.id}/words?card=${ticket.ephemera.key}`}
                  className="ml-2 underline underline-offset-2"
                >
                  write
                </Link>
              </Row>
            )}
          </>
        )}
        {photo && <OnTable album={album} photo={photo} />}
      </dl>
      {!held && <FlapTicket album={album} slot={ticket.slot} />}
      {photo && seat && !held ? (
        <WhyHere album={album} ticket={ticket} />
      ) : (
        <p className="mt-3 text-[13px] leading-snug text-quiet">
          <Measures text={ticket.why} />
        </p>
      )}
      {!photo && !ticket.laid && <Aside album={album} slot={ticket.slot} />}
      {ticket.laid && (
        <div className="mt-4 flex flex-wrap gap-x-3 gap-y-1.5 text-[13px]">
          <Do
            name={ticket.laid.locked ? "unlock" : "lock"}
            keyName="L"
            onDo={() =>
              step("/api/albums/{id}/lock", { slot: ticket.slot, locked: !ticket.laid?.locked })
            }
          />
          <Do
            name="turn"
            keyName="R"
            onDo={() =>
              step("/api/albums/{id}/turn", { slot: ticket.slot, turned: !ticket.laid?.turned })
            }
          />
          <Do
            name="take out"
            keyName="Del"
            onDo={() => step("/api/albums/{id}/take-out", { slot: ticket.slot })}
          />
          {ticket.laid.kind === "card" && (
            <Do
              name="words to the photo"
              keyName="W"
              onDo={() =>
                step("/api/albums/{id}/words/to-photo", { card: ticket.laid?.ephemera ?? 0 })
              }
            />
          )}
          <Made album={album} slot={ticket.slot} made={ticket.laid.made} />
        </div>
      )}
      {photo && seat && !held && (
        <div className="mt-4 flex flex-wrap gap-x-3 gap-y-1.5 text-[13px]">
          <Do
            name={seat.locked ? "unlock" : "lock"}
            keyName="L"
            onDo={() => step("/api/albums/{id}/lock", { slot: ticket.slot, locked: !seat.locked })}
          />
          <Do
            name="turn"
            keyName="R"
            onDo={() =>
              step("/api/albums/{id}/turn", { slot: ticket.slot, turned: !seat.drawing.turned })
            }
          />
          {!seat.onTable && (
            <Do
              name={seat.whole ? "fill the place" : "whole on a card"}
              keyName="+"
              onDo={() =>
                step("/api/albums/{id}/whole", { slot: ticket.slot, whole: seat.whole !== true })
              }
            />
          )}
          <Do
            name="take out"
            keyName="Del"
            onDo={() => step("/api/albums/{id}/take-out", { slot: ticket.slot })}
          />
          <Made album={album} slot={ticket.slot} made={seat.made} />
          <Do
            name="drop"
            keyName="O"
            onDo={() => step("/api/albums/{id}/choose", { photos: [photo.id], choice: "out" })}
          />
          <Do
            name="words on a card"
            keyName="W"
            onDo={() => step("/api/albums/{id}/words/of-photo", { photo: photo.id })}
          />
          {photo.keep && (
            <Do
              name="clear keep box"
              onDo={() => step("/api/albums/{id}/keep", { photo: photo.id })}
            />
          )}
        </div>
      )}
    </>
  );
}

/** How far the making of what lies in a slot has come. */
function Made({ album, slot, made }: { album: Album; slot: string; made: string | undefined }) {
  const step = useStep(album.id);
  return (
    <>
      <Do
        name={made === "cut" ? "not cut yet" : "cut"}
        keyName="C"
        onDo={() =>
          step("/api/albums/{id}/made", { slot, made: made === "cut" ? undefined : "cut" })
        }
      />
      <Do
        name={made === "stuck" ? "not stuck yet" : "stuck"}
        keyName="G"
        onDo={() =>
          step("/api/albums/{id}/made", { slot, made: made === "stuck" ? "cut" : "stuck" })
        }
      />
    </>
  );
}

/** What an empty slot is set aside for. */
function Aside({ album, slot }: { album: Album; slot: string }) {
  const step = useStep(album.id);
  const aside = slotsOf(album).find((each) => each.slot.id === slot)?.slot.aside;
  function set(next: AsideFor) {
    return step("/api/albums/{id}/set-aside", { slot, aside: next === aside ? undefined : next });
  }
  return (
    <fieldset className="mt-4 flex flex-wrap gap-x-3 gap-y-1.5 text-[13px]">
      <legend className="mb-1 text-quiet">
        {aside ? `Set aside: ${ASIDE_WORDS[aside]}.` : "Keep it free for"}
      </legend>
      {ASIDE_KEYS.map(([each, key]) => (
        <Do
          key={each}
          name={aside === each ? "photos again" : ASIDE_WORDS[each]}
          keyName={key}
          onDo={() => set(each)}
        />
      ))}
      {(aside === "words" || !aside) && (
        <Do name="write a card here" onDo={() => step("/api/albums/{id}/words/begin", { slot })} />
      )}
    </fieldset>
  );
}

const ASIDE_WORDS: Record<AsideFor, string> = {
  words: "words",
  title: "a title",
  empty: "nothing, on purpose",
};

const ASIDE_KEYS: [AsideFor, string][] = [
  ["words", "W"],
  ["title", "T"],
  ["empty", "E"],
];

function Headline({ size, means }: { size: Size; means: string }) {
  const metric = useMetric();
  const longest = Math.max(size.w.text.length, size.h.text.length);
  const scale = longest > 6 ? "text-[40px]" : longest > 3 ? "text-[52px]" : "text-[60px]";
  return (
    <div className="mt-3">
      <p className="text-[12px] leading-none text-quiet">{means}</p>
      <p
        data-headline=""
        className={`mt-1 flex items-baseline gap-[0.16em] ${scale}`}
        title={`${size.w.text} × ${size.h.text}${metric ? "" : " in"}`}
      >
        <GreatMeasure text={size.w.text} />
        <span className="text-[0.5em] leading-none text-quiet">×</span>
        <GreatMeasure text={size.h.text} />
      </p>
    </div>
  );
}
