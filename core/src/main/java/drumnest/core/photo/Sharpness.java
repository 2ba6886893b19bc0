package drumnest.core.photo;

/**
 * How sharp a picture is: the standard deviation of its discrete Laplacian, of grey values 0 to
 * 255. A picture without edges has 0; out-of-focus shots stay low whatever their subject. Method:
 * variance of the Laplacian, common practice, no source.
 */
public final class Sharpness {

  private Sharpness() {}

  /**
   * @param grey grey values row by row
   * @param w values a row
   * @return 0 or more; 0 for pictures under 3 × 3
   */
  public static double of(int[] grey, int w) {
    int h = grey.length / w;
    if (w < 3 || h < 3) {
      return 0;
    }
    double sum = 0;
    double squares = 0;
    for (int y = 1; y < h - 1; y++) {
      for (int x = 1; x < w - 1; x++) {
        int at = y * w + x;
        int bend = grey[at - 1] + grey[at + 1] + grey[at - w] + grey[at + w] - 4 * grey[at];
        sum += bend;
        squares += (double) bend * bend;
      }
    }
    double count = (double) (w - 2) * (h - 2);
    double mean = sum / count;
    return Math.sqrt(Math.max(0, squares / count - mean * mean));
  }
}
