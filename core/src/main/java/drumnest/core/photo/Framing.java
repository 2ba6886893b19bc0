package drumnest.core.photo;

/** How a photo without a keep box is cropped. */
public enum Framing {
  /** The crop follows the people and the subject that were found in it. */
  FOLLOWS,
  /**
   * Centred, because it was placed before anything was found in it: what was settled does not move
   * by itself. The maker is asked once.
   */
  AS_BEFORE,
  /** Centred, by the maker's word. */
  CENTRED
}
