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
  const seated = ticket.of === "photo" ? ticket : undefined;
  const thing = ticket.of === "thing" ? ticket : undefined;
  const verdict = ticket.of === "nothing" ? undefined : ticket.verdict;
  const play = ticket.of === "nothing" ? undefined : ticket.play;
  const step = useStep(album.id);
  return (
    <>
      <p className="mb-2 text-[13px] text-quiet">
        {seated?.photo.taken ? `${seated.photo.taken.text} · ` : ""}
        {ticket.place}
      </p>
      {seated && <CroppedPicture album={album.id} ticket={seated} />}
      <Headline size={ticket.headline} means={ticket.headlineMeans} />
      {verdict && (
        <p className="mt-3 flex items-center gap-2.5 text-[21px] leading-none font-bold [font-stretch:110%]">
          <VerdictMark verdict={verdict} />
          {verdictWord(verdict)}
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
        {play && (
          <Row name="Play">
            <Measures text={`${play.w.text} across, ${play.h.text} down`} />
          </Row>
        )}
        {seated?.kept && (
          <Row name="Shown">
            {seated.kept}
            {seated.crop && (
              <span className="font-normal text-quiet">
                {" "}
                · {seated.crop.w} × {seated.crop.h} px
              </span>
            )}
          </Row>
        )}
        {seated?.sharpness && <Row name="Sharp enough">{seated.sharpness}</Row>}
        {seated?.reveal && (
          <Row name="Backing shows">
            <Measures text={`${seated.reveal.w.text}, ${seated.reveal.h.text} a side`} />
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
        {thing && (
          <>
            <Row name={thing.ephemera.kind === "card" ? "Card" : "Keepsake"}>
              <Measures text={`${thing.ephemera.size.w.text} × ${thing.ephemera.size.h.text}`} />
            </Row>
            {thing.ephemera.room && (
              <Row name="Words">
                <Measures text={thing.ephemera.room} />
                <Link
                  to={`/albums/${album.id}/words?card=${thing.ephemera.key}`}
                  className="ml-2 underline underline-offset-2"
                >
                  write
                </Link>
              </Row>
            )}
          </>
        )}
        {seated && <OnTable album={album} photo={seated.photo} />}
      </dl>
      {!held && <FlapTicket album={album} slot={ticket.slot} />}
      {seated && !held ? (
        <WhyHere album={album} ticket={seated} />
      ) : (
        <p className="mt-3 text-[13px] leading-snug text-quiet">
          <Measures text={ticket.why} />
        </p>
      )}
      {ticket.of === "nothing" && <Aside album={album} slot={ticket.slot} />}
      {thing && (
        <div className="mt-4 flex flex-wrap gap-x-3 gap-y-1.5 text-[13px]">
          <Do
            name={thing.laid.locked ? "unlock" : "lock"}
            keyName="L"
            onDo={() =>
              step("/api/albums/{id}/lock", { slot: ticket.slot, locked: !thing.laid.locked })
            }
          />
          <Do
            name="turn"
            keyName="R"
            onDo={() =>
              step("/api/albums/{id}/turn", { slot: ticket.slot, turned: !thing.laid.turned })
            }
          />
          <Do
            name="take out"
            keyName="Del"
            onDo={() => step("/api/albums/{id}/take-out", { slot: ticket.slot })}
          />
          {thing.laid.kind === "card" && (
            <Do
              name="words to the photo"
              keyName="W"
              onDo={() => step("/api/albums/{id}/words/to-photo", { card: thing.laid.ephemera })}
            />
          )}
          <Made album={album} slot={ticket.slot} made={thing.laid.made} />
        </div>
      )}
      {seated && !held && (
        <div className="mt-4 flex flex-wrap gap-x-3 gap-y-1.5 text-[13px]">
          <Do
            name={seated.seat.locked ? "unlock" : "lock"}
            keyName="L"
            onDo={() =>
              step("/api/albums/{id}/lock", { slot: ticket.slot, locked: !seated.seat.locked })
            }
          />
          <Do
            name="turn"
            keyName="R"
            onDo={() =>
              step("/api/albums/{id}/turn", {
                slot: ticket.slot,
                turned: !seated.seat.drawing.turned,
              })
            }
          />
          {!seated.seat.onTable && (
            <Do
              name={seated.seat.whole ? "fill the place" : "whole on a card"}
              keyName="+"
              onDo={() =>
                step("/api/albums/{id}/whole", {
                  slot: ticket.slot,
                  whole: seated.seat.whole !== true,
                })
              }
            />
          )}
          <Do
            name="take out"
            keyName="Del"
            onDo={() => step("/api/albums/{id}/take-out", { slot: ticket.slot })}
          />
          <Made album={album} slot={ticket.slot} made={seated.seat.made} />
          <Do
            name="drop"
            keyName="O"
            onDo={() =>
              step("/api/albums/{id}/choose", { photos: [seated.photo.id], choice: "out" })
            }
          />
          <Do
            name="words on a card"
            keyName="W"
            onDo={() => step("/api/albums/{id}/words/of-photo", { photo: seated.photo.id })}
          />
          {seated.photo.keep && (
            <Do
              name="clear keep box"
              onDo={() => step("/api/albums/{id}/keep", { photo: seated.photo.id })}
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
