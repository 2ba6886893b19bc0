package drumnest.core.photo;

/**
 * A picture reduced to 64 bits: for each of 8 rows of 9 grey cells, whether a cell is darker than
 * the next. Pictures of one scene differ in few bits. Method: difference hash, common practice, no
 * source.
 */
public record Fingerprint(long bits) {

  private static final int COLUMNS = 9;
  private static final int ROWS = 8;

  /**
   * @param grey 8 rows of 9 grey values each, row by row
   * @throws IllegalArgumentException if there are not 72 values
   */
  public static Fingerprint of(int[] grey) {
    if (grey.length != COLUMNS * ROWS) {
      throw new IllegalArgumentException("A fingerprint is made of 8 rows of 9 values.");
    }
    long bits = 0;
    for (int row = 0; row < ROWS; row++) {
      for (int column = 0; column < COLUMNS - 1; column++) {
        int at = row * COLUMNS + column;
        bits = bits << 1 | (grey[at] < grey[at + 1] ? 1 : 0);
      }
    }
    return new Fingerprint(bits);
  }

  /** In how many of the 64 bits the two differ. */
  public int distance(Fingerprint other) {
    return Long.bitCount(bits ^ other.bits);
  }
}
