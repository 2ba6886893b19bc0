import { useState } from "react";
import type { Album, Flap, MoverState } from "../api/types";
import { useStep } from "../api/useStep";
import { flapOf, insideOf, isOnInside, pageOf, slotsOf } from "../bench/places";
import { Measures } from "../ui/Measures";
import { Do, Row } from "../ui/Row";
import { ClashNotes } from "./ClashNotes";
import { FlapMeasures } from "./FlapMeasures";
import { MoverChoices } from "./MoverChoices";
import { MakingLinks, MoverTicket } from "./MoverTicket";
import { useAddFlap, useAddMover, useFlaps, useMirror } from "./useFlaps";

interface Props {
  album: Album;
  /** The slot that is looked at. */
  slot: string;
}

/** What is said of the flap that a slot is a side of; or the offer to put one over the slot. */
export function FlapTicket({ album, slot }: Props) {
  const { flaps, open, motion, toggle } = useFlaps(album);
  const step = useStep(album.id);
  const add = useAddFlap(album);
  const addMover = useAddMover(album);
  const mirror = useMirror(album);
  const [choosing, setChoosing] = useState<string | null>(null);
  const id = flapOf(slot);
  const offers = (
    <>
      <Do name="another mover" onDo={() => setChoosing(choosing === slot ? null : slot)} />
      {choosing === slot && (
        <MoverChoices
          album={album}
          slot={slot}
          onChoose={(kind) => {
            setChoosing(null);
            void addMover(slot, kind);
          }}
        />
      )}
    </>
  );
  const placed = flaps.find((each) => each.flap.id === id);
  const flap = placed?.flap;
  const state = motion?.flaps.find((each) => each.id === id);
  if (!placed || !flap) {
    return (
      <div className="mt-3 text-[13px]">
        <span className="mr-3 inline-block">
          <Do name="a flap over this" keyName="F" onDo={() => add(slot)} />
        </span>
        {isOnSmallLeaf(album, slot) && (
          <span className="mr-3 inline-block">
            <Do name="a sleeve over the whole leaf" onDo={() => add(slot, true)} />
          </span>
        )}
        {offers}
        <ClashNotes album={album} of={slot} />
      </div>
    );
  }
  if (!state || !motion) {
    return null;
  }
  const mover = motion.movers.find((each) => each.id === flap.mover);
  const carries = flap.body === "card" && slot === carryingSideOf(flap, mover)?.id;
  return (
    <section aria-label={flap.label} className="mt-4 text-[13px] leading-snug">
      <h3 className="border-b-2 border-ink pb-1 text-[15px]">
        {flap.label}
        <span className="ml-2 text-[13px] font-normal text-quiet">{described(flap, mover)}</span>
      </h3>
      <p className="mt-1.5">
        <Measures text={state.reach} />
      </p>
      {state.notes.map((note) => (
        <p key={note} className="mt-1 border-l-4 border-signal pl-2">
          <Measures text={note} />
        </p>
      ))}
      <ClashNotes album={album} of={flap.id} />
      {!state.may && (
        <p className="mt-1 font-semibold">
          <Measures text={state.hindrances.join(" ")} />
        </p>
      )}
      <div className="mt-2 flex flex-wrap gap-x-3 gap-y-1.5">
        {flap.motion.of !== "stays" && (
          <Do
            name={open.includes(flap.id) ? "close it" : "open it"}
            keyName="F"
            onDo={() => toggle(flap.id)}
          />
        )}
        {carries ? (
          <Do name="a flap on it" onDo={() => add(slot)} />
        ) : (
          !mover &&
          !open.includes(flap.id) && <Do name="a flap over it" onDo={() => add(flap.outside.id)} />
        )}
        <Do
          name={mover ? `take ${mover.name.toLowerCase()} off` : "take it off"}
          onDo={() => step("/api/albums/{id}/flaps/remove", { flap: flap.id })}
        />
        {!isOnInside(placed, flaps) &&
          (mover?.mirrors ?? true) &&
          album.spread.left &&
          album.spread.right && (
            <Do name="mirror it on the facing page" onDo={() => mirror(flap.id)} />
          )}
        {carries && <div className="w-full">{offers}</div>}
      </div>
      <dl className="mt-2">
        <Row name="Thick here">
          <Measures text={state.thick} />
        </Row>
        {state.slit && (
          <Row name="Slit in the film">
            <Measures text={state.slit} />
          </Row>
        )}
      </dl>
      {mover && <MoverTicket album={album} mover={mover} />}
      {!mover && <MakingLinks album={album} flap={flap.id} />}
      {state.form && (
        <FlapMeasures
          key={`${flap.id} ${JSON.stringify(state.form)}`}
          album={album}
          id={state.id}
          name={flap.label}
          given={state.form}
          others={flaps
            .map((each) => each.flap)
            .filter((each) => pageOf(each.id) === pageOf(state.id) && each.id !== state.id)}
          onInside={flap.support.of === "inside"}
        />
      )}
      <ClashNotes album={album} of={flap.id} orders />
      <p className="mt-2 text-quiet">{caution(flap, mover)}</p>
    </section>
  );
}

/** The side of a flap on which others are put: the inside, or the front of the card of a pull-out. */
function carryingSideOf(flap: Flap, mover: MoverState | undefined) {
  if (mover?.kind === "pull-out") {
    return flap.outside;
  }
  return flap.motion.of === "slides" ? undefined : insideOf(flap);
}

/** Whether a place is of a leaf that is smaller than the album's page. */
function isOnSmallLeaf(album: Album, slot: string) {
  const { leftWidth, rightWidth, height } = album.spread;
  const page = slotsOf(album).find((each) => each.slot.id === slot)?.page;
  return (
    page !== undefined &&
    (Number(page.size.h.in) < Number(height.in) ||
      Number(page.size.w.in) < Math.max(Number(leftWidth.in), Number(rightWidth.in)))
  );
}

const CAUTIONS: Record<string, string> = {
  protector:
    "Try it with the backing on, align, then press: a strip that is pressed does not move.",
  page: "Slip a board into the protector before you slit it; a fresh blade, away from your fingers.",
  fold: "Fold it once before anything is glued; what is glued stays. Follow the label of your glue.",
  flat: "Fold the whole stack dry before this panel is stuck down: it does not come up again.",
  behind: "Run the card in and out before the photo is pressed down over its rails.",
};

function caution(flap: Flap, mover: MoverState | undefined) {
  const dry = mover?.kind.endsWith("band") || mover?.kind === "divided-place";
  return dry
    ? "Lay it dry and shut the album once before you stick it. Follow the label of your glue."
    : CAUTIONS[flap.mount];
}

const BODIES: Record<string, string> = { sleeve: "a clear sleeve", card: "a hinged card" };

function described(flap: Flap, mover: MoverState | undefined) {
  const edge = flap.hinge === "bottom" ? "foot" : flap.hinge;
  const of =
    mover && mover.name.toLowerCase() !== flap.label.toLowerCase()
      ? `of ${mover.name.toLowerCase()}, `
      : "";
  if (flap.motion.of === "stays") {
    return `${of}stuck down`;
  }
  if (flap.motion.of === "slides") {
    return `${of}drawn out at the ${edge}`;
  }
  return `${of || `${BODIES[flap.body]}, `}hinged at the ${edge}`;
}
