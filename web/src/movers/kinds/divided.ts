import type { Kind } from "./kind";

export const divided: Kind<"divided-place"> = { size: () => "Card", stays: true, measures: [] };
