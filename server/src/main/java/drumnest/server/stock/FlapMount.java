package drumnest.server.stock;

import drumnest.core.album.flap.Attachment;
import drumnest.core.measure.Length;

/** How a flap is held, as it is called in requests, views and the database. */
public enum FlapMount {
  PROTECTOR,
  PAGE,
  FOLD,
  FLAT,
  BEHIND,
  GROUND;

  private static final Attachment.Visitor<FlapMount> NAMES =
      new Attachment.Visitor<>() {
        @Override
        public FlapMount onProtector(Attachment.OnProtector on) {
          return PROTECTOR;
        }

        @Override
        public FlapMount throughSlit(Attachment.ThroughSlit through) {
          return PAGE;
        }

        @Override
        public FlapMount onFold(Attachment.OnFold on) {
          return FOLD;
        }

        @Override
        public FlapMount stuckDown(Attachment.StuckDown stuck) {
          return FLAT;
        }

        @Override
        public FlapMount tucked(Attachment.Tucked tucked) {
          return BEHIND;
        }

        @Override
        public FlapMount ground(Attachment.Ground ground) {
          return GROUND;
        }
      };

  public static FlapMount of(Attachment attachment) {
    return attachment.accept(NAMES);
  }

  /**
   * @param strip how wide the adhesive strip is, where it has one
   */
  public Attachment with(Length strip) {
    return switch (this) {
      case PROTECTOR -> new Attachment.OnProtector(strip);
      case PAGE -> new Attachment.ThroughSlit(strip);
      case FOLD -> new Attachment.OnFold(strip);
      case FLAT -> new Attachment.StuckDown();
      case BEHIND -> new Attachment.Tucked();
      case GROUND -> new Attachment.Ground();
    };
  }
}
