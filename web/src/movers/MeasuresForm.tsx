import type { ReactNode } from "react";
import type { Edge, Grip } from "../api/types";

interface Props {
  label: string;
  /** Whether there is something to save. */
  changed: boolean;
  /** What is wrong that no field says. */
  wrong: string | undefined;
  onSave: () => void;
  children: ReactNode;
}

/** The few measures of a mover in two columns, saved with Enter or the button. */
export function MeasuresForm({ label, changed, wrong, onSave, children }: Props) {
  return (
    <form
      aria-label={label}
      className="mt-2 grid grid-cols-2 gap-x-3 gap-y-2"
      onSubmit={(event) => {
        event.preventDefault();
        onSave();
      }}
    >
      {children}
      {changed && (
        <div className="self-end">
          <button type="submit" className="border border-ink bg-sheet px-3 py-1 font-semibold">
            Save
          </button>
        </div>
      )}
      {wrong && (
        <p role="alert" className="col-span-2 text-signal-text">
          {wrong}
        </p>
      )}
    </form>
  );
}

/** The edges as makers say them. */
export const EDGES: [Edge, string][] = [
  ["left", "left"],
  ["top", "top"],
  ["right", "right"],
  ["bottom", "foot"],
];

/** What is taken hold of to open it. */
export const GRIPS: [Grip, string][] = [
  ["none", "none"],
  ["tab", "a tab"],
  ["string", "a string"],
];
