import { useState } from "react";
import type { Refusal } from "../api/client";

/**
 * Measures as they are written, until they are saved; what is refused stays to be put right.
 *
 * @param given the measures as they are
 * @param send saves them, and hears of a refusal
 */
export function useMeasures<Form>(
  given: Form,
  send: (form: Form, refused: (refusal: Refusal) => void) => Promise<unknown>,
) {
  const [form, setForm] = useState(given);
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  async function save(next: Form) {
    setForm(next);
    setRefusal(null);
    await send(next, setRefusal);
  }
  return {
    form,
    setForm,
    save,
    changed: JSON.stringify(form) !== JSON.stringify(given),
    /** What is wrong with a field. */
    wrong: (field: string) => (refusal?.field === field ? refusal.message : undefined),
    /** What is wrong that is no field's of these. */
    wrongElse: (fields: string[]) =>
      refusal && !fields.includes(refusal.field ?? "") ? refusal.message : undefined,
  };
}
