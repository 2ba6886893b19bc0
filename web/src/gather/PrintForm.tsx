import { type FormEvent, useRef, useState } from "react";
import { answered, api, Refusal } from "../api/client";
import type { Album, Problem } from "../api/types";
import { useStep } from "../api/useStep";
import { useHand } from "../bench/hand";
import { Button } from "../ui/Button";
import { TextField } from "../ui/TextField";
import { DecodeFailure } from "./decode";
import { PHOTO_FILES, sendPhoto } from "./sendPhoto";

interface Props {
  album: Album;
  onArrived: () => void;
}

const EMPTY = { name: "", w: "", h: "", takenAt: "" };

/** A print that lies on the table already: without a file, or with a snap of it. */
export function PrintForm({ album, onArrived }: Props) {
  const [open, setOpen] = useState(false);
  const [form, setForm] = useState(EMPTY);
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const snap = useRef<HTMLInputElement>(null);
  const standAt = useHand((hand) => hand.standAt);
  const step = useStep(album.id);

  function set(name: keyof typeof EMPTY) {
    return (value: string) => setForm({ ...form, [name]: value });
  }

  async function withoutFile() {
    const taken = await answered(
      api.POST("/api/albums/{id}/prints", {
        params: { path: { id: album.id } },
        body: form,
      }),
    );
    return taken.photo;
  }

  /** The snap comes in as a photo, and is then said to be a print of this size. */
  async function withSnap(file: File) {
    const name = form.name.trim() || file.name;
    const response = await sendPhoto(album.id, file, name, new AbortController().signal);
    if (!response.ok) {
      throw new Refusal((await response.json()) as Problem, response.status);
    }
    const { photo } = (await response.json()) as { photo: string };
    // What is refused leaves the form as it was; sent again, the same file is the same photo.
    function refused(refusal: Refusal): never {
      throw refusal;
    }
    const size = { w: form.w, h: form.h };
    await step("/api/albums/{id}/on-table", { photo, size }, refused);
    if (form.takenAt) {
      await step("/api/albums/{id}/date", { photo, takenAt: form.takenAt }, refused);
    }
    return photo;
  }

  async function add(event: FormEvent) {
    event.preventDefault();
    setRefusal(null);
    const file = snap.current?.files?.[0];
    try {
      const photo = file ? await withSnap(file) : await withoutFile();
      standAt(photo);
      onArrived();
      setForm(EMPTY);
      if (snap.current) {
        snap.current.value = "";
      }
    } catch (problem) {
      setRefusal(
        problem instanceof Refusal
          ? problem
          : new Refusal(problem instanceof DecodeFailure ? { detail: problem.message } : {}, 0),
      );
    }
  }

  function wrong(field: string) {
    const named = refusal?.field?.replace("size.", "");
    return named === field ? refusal?.message : undefined;
  }

  if (!open) {
    return (
      <p className="mt-4 text-[13px]">
        <button
          type="button"
          className="font-semibold underline underline-offset-2"
          onClick={() => setOpen(true)}
        >
          Add a print that lies on the table
        </button>
        <span className="block text-[12px] text-quiet">
          Without a file, or with a snap of it. It cannot grow; it can be trimmed, turned, backed.
        </span>
      </p>
    );
  }
  return (
    <form
      onSubmit={add}
      aria-label="A print on the table"
      className="mt-5 grid grid-cols-2 gap-x-3 gap-y-2"
    >
      <h2 className="col-span-2 border-b-2 border-ink pb-1 text-[17px]">A print on the table</h2>
      <TextField
        label="What is on it"
        wide
        value={form.name}
        onChange={set("name")}
        wrong={wrong("name")}
      />
      <TextField
        label="Width, as it is seen"
        value={form.w}
        placeholder="4"
        onChange={set("w")}
        wrong={wrong("w")}
      />
      <TextField
        label="Height"
        value={form.h}
        placeholder="6"
        onChange={set("h")}
        wrong={wrong("h")}
      />
      <label className="col-span-2 block text-[13px] leading-tight text-quiet">
        When it was taken, if you know
        <input
          type="datetime-local"
          value={form.takenAt}
          onChange={(event) => set("takenAt")(event.target.value)}
          className="mt-0.5 block w-full border border-quiet bg-sheet px-2 py-1 font-semibold text-ink"
        />
      </label>
      <label className="col-span-2 block text-[13px] leading-tight text-quiet">
        A snap of it, if you have one
        <input
          ref={snap}
          type="file"
          accept={PHOTO_FILES}
          className="mt-0.5 block w-full text-ink"
        />
      </label>
      {refusal && !["name", "w", "h"].includes(refusal.field?.replace("size.", "") ?? "") && (
        <p role="alert" className="col-span-2 text-[13px] text-signal-text">
          {refusal.message}
        </p>
      )}
      <div className="col-span-2 flex items-center gap-4">
        <Button type="submit" strong>
          Add print
        </Button>
        <button
          type="button"
          className="underline underline-offset-2"
          onClick={() => setOpen(false)}
        >
          Close
        </button>
      </div>
    </form>
  );
}
