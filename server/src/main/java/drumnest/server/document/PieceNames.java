package drumnest.server.document;

import drumnest.core.mover.kind.Construction.Piece;

/** Pieces of movers as makers speak of them. */
final class PieceNames {

  private PieceNames() {}

  /** Such as {@code strip 2} or {@code slit in the protector, flap 1}. */
  static String of(Piece piece) {
    String number = piece.number() == null ? "" : " " + piece.number();
    return switch (piece.role()) {
      case FLAP -> "flap" + number;
      case SLEEVE -> "sleeve" + number;
      case CARD -> "card" + number;
      case TAB -> "tab of" + number;
      case TAB_MIRRORED -> "tab, mirrored of" + number;
      case SLIT ->
          piece.number() == null
              ? "slit in the protector, for the whole row"
              : "slit in the protector, flap" + number;
      case BAND -> "band";
      case BAND_MIRRORED -> "band, mirrored";
      case STRIP -> "strip" + number;
      case ANCHOR_STRIP -> "strip with the anchor";
      case WINDOW -> "window in the protector";
      case EXTENSION -> "extension";
      case PAGE_WITH_FLAP -> "page with its flap";
      case DOOR -> "door" + number;
      case DOOR_HINGE -> "hinge of door" + number;
      case BACK_OF_PHOTO -> "back of the photo in front";
      case BACK_OF_FRONT -> "back of what lies in front";
      case POCKET_FRONT -> "front of the pocket";
    };
  }
}
