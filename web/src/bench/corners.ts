import type { CornerCut } from "../api/types";

/** How the corners of a piece are cut off, as CSS says it; straight where nothing is said. */
export function rounded(corner: CornerCut | undefined) {
  return corner ? `${100 * corner.across}% / ${100 * corner.down}%` : undefined;
}
