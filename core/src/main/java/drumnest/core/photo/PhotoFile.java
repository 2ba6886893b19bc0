package drumnest.core.photo;

/**
 * Which file a photo is, as it came in; or a print on the table of which there is no file.
 *
 * @param sha256 the SHA-256 of its bytes, 64 hexadecimal digits; of a print without a file, 64
 *     digits of its own
 * @param format the extension of the file, or {@link #NONE}
 * @param pixels the size of the picture after turning it upright
 */
public record PhotoFile(String sha256, String format, Pixels pixels) {

  /** The format of a print of which there is no file. */
  public static final String NONE = "none";

  public boolean exists() {
    return !format.equals(NONE);
  }
}
