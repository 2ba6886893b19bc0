import type { MadeForm } from "../../api/types";
import { accordion } from "./accordion";
import { booklet } from "./booklet";
import { chain } from "./chain";
import { divided } from "./divided";
import { door } from "./door";
import { edgeBand } from "./edgeBand";
import { edgeTuck } from "./edgeTuck";
import { foldOut } from "./foldOut";
import { gutterBand } from "./gutterBand";
import type { AnyKind, Kind } from "./kind";
import { pullOut } from "./pullOut";
import { tuckSpot } from "./tuckSpot";
import { waterfall } from "./waterfall";

const KINDS: { [Is in MadeForm["is"]]: Kind<Is> } = {
  accordion,
  booklet,
  chain,
  "divided-place": divided,
  door,
  "edge-band": edgeBand,
  "edge-tuck": edgeTuck,
  "fold-out": foldOut,
  "gutter-band": gutterBand,
  "pull-out": pullOut,
  "tuck-spot": tuckSpot,
  waterfall,
};

/** The kind by whose measures a mover is made. */
export function kindOf(made: MadeForm): AnyKind {
  // Its own measures are asked of its own form only.
  return KINDS[made.is] as unknown as AnyKind;
}
