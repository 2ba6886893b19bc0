package drumnest.server.place;

import drumnest.core.fit.InsertFit;

/** The verdict of a ticket: how something goes into its place. */
enum TicketVerdict {
  TOO_BIG,
  TIGHT,
  SNUG,
  LOOSE,
  /** It covers its mount, as it should. */
  COVERS,
  /** It is a small print on a card. */
  ON_A_CARD;

  static TicketVerdict of(InsertFit.Verdict verdict) {
    return switch (verdict) {
      case TOO_BIG -> TOO_BIG;
      case TIGHT -> TIGHT;
      case SNUG -> SNUG;
      case LOOSE -> LOOSE;
    };
  }
}
