package drumnest.core.album.flap;

/** The kinds of movers, by which one is asked for and told from others. */
public enum MoverKind {
  CHAIN,
  BOOKLET,
  WATERFALL,
  ACCORDION,
  FOLD_OUT,
  DOOR,
  DOUBLE_DOOR,
  TUCK_SPOT,
  EDGE_TUCK,
  PULL_OUT,
  DIVIDED_PLACE,
  GUTTER_BAND,
  EDGE_BAND
}
