import { useState } from "react";
import type { Refusal } from "../api/client";
import type { Album, Flap, FlapForm, MoverState } from "../api/types";
import { useStep } from "../api/useStep";
import { flapOf } from "../bench/places";
import { Measures } from "../ui/Measures";
import { Do } from "../ui/Row";
import { ChoiceField, TextField } from "../ui/TextField";
import { MoverChoices } from "./MoverChoices";
import { MakingLinks, MoverTicket } from "./MoverTicket";
import { useAddFlap, useAddMover, useFlaps } from "./useFlaps";

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
  const flap = flaps.find((each) => each.flap.id === id)?.flap;
  const state = motion?.flaps.find((each) => each.id === id);
  if (!flap) {
    return (
      <div className="mt-3 text-[13px]">
        <span className="mr-3 inline-block">
          <Do name="a flap over this" keyName="F" onDo={() => add(slot)} />
        </span>
        {offers}
      </div>
    );
  }
  if (!state || !motion) {
    return null;
  }
  const mover = motion.movers.find((each) => each.id === flap.mover);
  const onInside = slot === flap.inside?.id && flap.body === "card";
  const clashes = motion.clashes.filter((clash) => clash.a === id || clash.b === id);
  return (
    <section aria-label={flap.label} className="mt-4 text-[13px] leading-snug">
      <h3 className="border-b-2 border-ink pb-1 text-[15px]">
        {flap.label}
        <span className="ml-2 text-[13px] font-normal text-quiet">{described(flap, mover)}</span>
      </h3>
      <p className="mt-1.5">
        <Measures text={state.reach} />
      </p>
      {!state.may && (
        <p className="mt-1 font-semibold">
          <Measures text={state.hindrances.join(" ")} />
        </p>
      )}
      <div className="mt-2 flex flex-wrap gap-x-3 gap-y-1.5">
        {flap.move !== "stays" && (
          <Do
            name={open.includes(flap.id) ? "close it" : "open it"}
            keyName="F"
            onDo={() => toggle(flap.id)}
          />
        )}
        {onInside ? (
          <Do name="a flap on it" onDo={() => add(slot)} />
        ) : (
          !mover &&
          !open.includes(flap.id) && <Do name="a flap over it" onDo={() => add(flap.outside.id)} />
        )}
        <Do
          name={mover ? `take ${mover.name.toLowerCase()} off` : "take it off"}
          onDo={() => step("/api/albums/{id}/flaps/remove", { flap: flap.id })}
        />
        {onInside && <div className="w-full">{offers}</div>}
      </div>
      {mover && <MoverTicket album={album} mover={mover} />}
      {!mover && <MakingLinks album={album} flap={flap.id} />}
      {state.form && (
        <Measured
          key={`${flap.id} ${JSON.stringify(state.form)}`}
          album={album}
          id={state.id}
          given={state.form}
          others={flaps
            .map((each) => each.flap)
            .filter((each) => pageOf(each.id) === pageOf(state.id) && each.id !== state.id)}
          onInside={flap.onInside}
        />
      )}
      {clashes.map((clash) => (
        <div key={clash.text} className="mt-2 border-l-4 border-signal pl-2">
          <p className={clash.severity === "error" ? "font-semibold" : ""}>{clash.text}</p>
          {clash.cures.map((cure) => (
            <button
              key={cure.text}
              type="button"
              className="mt-0.5 block text-left font-semibold text-fold underline underline-offset-2"
              onClick={() =>
                cure.moverForm
                  ? step("/api/albums/{id}/movers/change", {
                      flap: cure.flap,
                      form: cure.moverForm,
                    })
                  : cure.form &&
                    step("/api/albums/{id}/flaps/change", { flap: cure.flap, form: cure.form })
              }
            >
              <Measures text={cure.text} />
            </button>
          ))}
        </div>
      ))}
      <p className="mt-2 text-quiet">{CAUTIONS[flap.mount]}</p>
    </section>
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

const BODIES: Record<string, string> = { sleeve: "a clear sleeve", card: "a hinged card" };

function described(flap: Flap, mover: MoverState | undefined) {
  const edge = flap.hinge === "bottom" ? "foot" : flap.hinge;
  const of =
    mover && mover.name.toLowerCase() !== flap.label.toLowerCase()
      ? `of ${mover.name.toLowerCase()}, `
      : "";
  if (flap.move === "stays") {
    return `${of}stuck down`;
  }
  if (flap.move === "slides") {
    return `${of}drawn out at the ${edge}`;
  }
  return `${of || `${BODIES[flap.body]}, `}hinged at the ${edge}`;
}

interface MeasuredProps {
  album: Album;
  id: string;
  given: FlapForm;
  /** The other flaps of its page. */
  others: Flap[];
  onInside: boolean;
}

function pageOf(flap: string) {
  return flap.slice(0, flap.lastIndexOf("-m"));
}

function numberOf(flap: string) {
  return flap.slice(flap.lastIndexOf("-m") + 2);
}

/** The few measures of a flap, as they are written. */
function Measured({ album, id, given, others, onInside }: MeasuredProps) {
  const step = useStep(album.id);
  const [form, setForm] = useState<FlapForm>(given);
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const changed = JSON.stringify(form) !== JSON.stringify(given);
  async function save(next: FlapForm) {
    setForm(next);
    setRefusal(null);
    await step("/api/albums/{id}/flaps/change", { flap: id, form: next }, setRefusal);
  }
  const text = (field: "x" | "y" | "w" | "h" | "strip", label: string) => (
    <TextField
      label={label}
      value={form[field]}
      wrong={refusal?.field === field ? refusal.message : undefined}
      onChange={(value) => setForm({ ...form, [field]: value })}
    />
  );
  return (
    <form
      className="mt-2 grid grid-cols-2 gap-x-3 gap-y-2"
      onSubmit={(event) => {
        event.preventDefault();
        void save(form);
      }}
    >
      <ChoiceField
        label="Hinged at the"
        value={form.hinge}
        onChange={(hinge) => save({ ...form, hinge })}
        choices={[
          ["left", "left"],
          ["top", "top"],
          ["right", "right"],
          ["bottom", "foot"],
        ]}
      />
      <ChoiceField
        label="Held"
        value={form.mount}
        onChange={(mount) => save({ ...form, mount })}
        choices={[
          ["protector", "on the film"],
          ["page", "through a slit"],
        ]}
      />
      {!onInside && others.length > 0 && (
        <ChoiceField
          label="Lies on"
          wide
          value={form.fixedTo ? `stuck ${form.fixedTo}` : form.on ? `over ${form.on}` : ""}
          onChange={(value) => {
            const [how, other] = value.split(" ");
            const { on: _on, fixedTo: _fixedTo, ...rest } = form;
            void save(
              how === "over" && other
                ? { ...rest, on: other }
                : how === "stuck" && other
                  ? { ...rest, fixedTo: other }
                  : rest,
            );
          }}
          choices={[
            ["", "the page"],
            ...others.flatMap((each): [string, string][] => [
              [`over ${numberOf(each.id)}`, `over ${each.label.toLowerCase()}`],
              [`stuck ${numberOf(each.id)}`, `stuck to ${each.label.toLowerCase()}`],
            ]),
          ]}
        />
      )}
      {text("w", "Insert, width")}
      {text("h", "Insert, height")}
      {text("x", "From the left")}
      {text("y", "From the top")}
      {text("strip", "Adhesive strip")}
      <div className="self-end">
        {changed && (
          <button type="submit" className="border border-ink bg-sheet px-3 py-1 font-semibold">
            Save
          </button>
        )}
      </div>
      {refusal && !["x", "y", "w", "h", "strip"].includes(refusal.field ?? "") && (
        <p role="alert" className="col-span-2 text-signal-text">
          {refusal.message}
        </p>
      )}
    </form>
  );
}
