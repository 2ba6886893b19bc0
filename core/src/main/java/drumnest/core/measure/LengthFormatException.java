package drumnest.core.measure;

/**
 * A text that is no length. The message says why and {@link #accepted()} names the forms that are,
 * so that whoever typed it can put it right.
 */
public final class LengthFormatException extends IllegalArgumentException {

  private static final long serialVersionUID = 1L;

  LengthFormatException(String reason) {
    super(reason);
  }

  /** The written forms a length may have, as a sentence. */
  public static String accepted() {
    return "Accepted are 4, 4.25, .125, 1/8, 4 1/4, 4-1/4 or 4¼, each also with \" or in, and"
        + " 108 mm or 10.8 cm.";
  }
}
