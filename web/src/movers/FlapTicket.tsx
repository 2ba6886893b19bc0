import { useState } from "react";
import type { Refusal } from "../api/client";
import type { Album, FlapForm, FlapState } from "../api/types";
import { useStep } from "../api/useStep";
import { flapOf } from "../bench/places";
import { Measures } from "../ui/Measures";
import { Do } from "../ui/Row";
import { ChoiceField, TextField } from "../ui/TextField";
import { useAddFlap, useFlaps } from "./useFlaps";

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
  const id = flapOf(slot);
  const flap = flaps.find((each) => each.flap.id === id)?.flap;
  const state = motion?.flaps.find((each) => each.id === id);
  if (!flap) {
    return (
      <p className="mt-3 text-[13px]">
        <Do name="a flap over this" keyName="F" onDo={() => add(slot)} />
      </p>
    );
  }
  if (!state || !motion) {
    return null;
  }
  const clashes = motion.clashes.filter((clash) => clash.a === id || clash.b === id);
  return (
    <section aria-label={flap.label} className="mt-4 text-[13px] leading-snug">
      <h3 className="border-b-2 border-ink pb-1 text-[15px]">
        {flap.label}
        <span className="ml-2 text-[13px] font-normal text-quiet">
          {flap.body === "sleeve" ? "a clear sleeve" : "a hinged card"}, hinged at the{" "}
          {flap.hinge === "bottom" ? "foot" : flap.hinge}
        </span>
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
        <Do
          name={open.includes(flap.id) ? "close it" : "open it"}
          keyName="F"
          onDo={() => toggle(flap.id)}
        />
        {!open.includes(flap.id) && <Do name="a flap over it" onDo={() => add(flap.outside.id)} />}
        <Do
          name="take it off"
          onDo={() => step("/api/albums/{id}/flaps/remove", { flap: flap.id })}
        />
      </div>
      <Measured key={`${flap.id} ${JSON.stringify(state.form)}`} album={album} state={state} />
      {clashes.map((clash) => (
        <div key={clash.text} className="mt-2 border-l-4 border-signal pl-2">
          <p className={clash.severity === "error" ? "font-semibold" : ""}>{clash.text}</p>
          {clash.cures.map((cure) => (
            <button
              key={cure.text}
              type="button"
              className="mt-0.5 block text-left font-semibold text-fold underline underline-offset-2"
              onClick={() =>
                step("/api/albums/{id}/flaps/change", { flap: cure.flap, form: cure.form })
              }
            >
              <Measures text={cure.text} />
            </button>
          ))}
        </div>
      ))}
      <p className="mt-2 text-quiet">
        {flap.mount === "protector"
          ? "Try it with the backing on, align, then press: a strip that is pressed does not move."
          : "Slip a board into the protector before you slit it; a fresh blade, away from your fingers."}
      </p>
    </section>
  );
}

/** The few measures of a flap, as they are written. */
function Measured({ album, state }: { album: Album; state: FlapState }) {
  const step = useStep(album.id);
  const [form, setForm] = useState<FlapForm>(state.form);
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const changed = JSON.stringify(form) !== JSON.stringify(state.form);
  async function save(next: FlapForm) {
    setForm(next);
    setRefusal(null);
    await step("/api/albums/{id}/flaps/change", { flap: state.id, form: next }, setRefusal);
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
