import type { ReactNode } from "react";
import type { MadeForm, MoverForm, MoverKind } from "../../api/types";

/** The form of how a mover of one kind is made. */
export type MadeOf<Is extends MadeForm["is"]> = Extract<MadeForm, { is: Is }>;

/** A measure that is written as text. */
export type MeasureOf<Is extends MadeForm["is"]> = Exclude<keyof MadeOf<Is>, "is">;

/** A mover of one kind by its measures. */
export interface Kind<Is extends MadeForm["is"]> {
  /** The name of the thing that lies there, such as “Panel”. */
  size: (kind: MoverKind) => string;
  /** The name of the edge over which it opens; left out where there is no choice of one. */
  edge?: (kind: MoverKind) => string | undefined;
  /** Whether nothing of it moves. */
  stays?: boolean;
  /** The measures of its place that come of its kind. */
  given?: (keyof MoverForm)[];
  /** Its measures and their names, in the order in which they are asked for. */
  measures: [MeasureOf<Is>, string][];
  /** The fields that are chosen rather than written. */
  choices?: (made: MadeOf<Is>, save: (next: MadeOf<Is>) => void) => ReactNode;
}

/** A kind that is asked of forms of its own only. */
export interface AnyKind extends Omit<Kind<MadeForm["is"]>, "measures" | "choices"> {
  measures: [string, string][];
  choices?: (made: MadeForm, save: (next: MadeForm) => void) => ReactNode;
}

/** The edge over which most kinds open. */
export const opensOver = () => "Opens over the";
