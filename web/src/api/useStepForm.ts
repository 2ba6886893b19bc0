import { type FormEvent, useState } from "react";
import type { Refusal } from "./client";
import type { Album } from "./types";

/**
 * A form of a step: what is written in it, and what the server says is wrong, beside its field or,
 * where that is none of the form's, below all of them. Nothing written is lost by a refusal.
 */
export function useStepForm<F extends object>(start: F, fields: string[]) {
  const [form, setForm] = useState(start);
  const [refusal, setRefusal] = useState<Refusal | null>(null);

  function send(take: (onRefusal: (refusal: Refusal) => void) => Promise<Album | null>) {
    return async (event: FormEvent) => {
      event.preventDefault();
      setRefusal(null);
      return take(setRefusal);
    };
  }

  return {
    form,
    set: (next: Partial<F>) => setForm({ ...form, ...next }),
    /** What is wrong with a field. */
    wrong: (field: string) => (refusal?.field === field ? refusal.message : undefined),
    /** What is wrong otherwise. */
    otherwise: refusal && !fields.includes(refusal.field ?? "") ? refusal.message : undefined,
    send,
  };
}
