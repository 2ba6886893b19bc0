package drumnest.core.photo;

import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.photo.Quad.Corner;

/**
 * A sheet of known size that lies flat beside a print, by which the print is measured however the
 * camera was held.
 *
 * <p>A camera sees a plane by a projective map, which four corners settle. Source: Heckbert,
 * Fundamentals of Texture Mapping and Image Warping, 1989, section 2.2.3: the map from the unit
 * square to four corners in closed form; its inverse takes a point of the picture to the sheet's
 * plane. Edge: lenses that bend straight lines are not accounted for.
 */
public final class KnownSheet {

  private final double[] inverse;
  private final Size size;

  /**
   * @param seen its corners in the picture
   * @param size its size as it is seen: the length of its upper side first
   * @throws IllegalArgumentException if the corners are no four corners of a sheet
   */
  public KnownSheet(Quad seen, Size size) {
    if (!seen.isConvex()) {
      throw new IllegalArgumentException("The corners of a sheet go round it.");
    }
    this.inverse = adjugate(fromUnitSquare(seen));
    this.size = size;
  }

  /** The size of a print beside it, from the means of its opposite sides. */
  public Size measure(Quad print) {
    Corner[] flat = print.corners().stream().map(this::onPlane).toArray(Corner[]::new);
    double w = (flat[0].distance(flat[1]) + flat[3].distance(flat[2])) / 2;
    double h = (flat[0].distance(flat[3]) + flat[1].distance(flat[2])) / 2;
    return new Size(Length.ofNanometres(Math.round(w)), Length.ofNanometres(Math.round(h)));
  }

  /** Where a point of the picture is on the sheet's plane, in nanometres from its first corner. */
  private Corner onPlane(Corner seen) {
    double x = inverse[0] * seen.x() + inverse[1] * seen.y() + inverse[2];
    double y = inverse[3] * seen.x() + inverse[4] * seen.y() + inverse[5];
    double z = inverse[6] * seen.x() + inverse[7] * seen.y() + inverse[8];
    return new Corner(x / z * size.w().toNanometres(), y / z * size.h().toNanometres());
  }

  /** The map from the unit square to four corners, row by row. */
  private static double[] fromUnitSquare(Quad to) {
    Corner a = to.topLeft();
    Corner b = to.topRight();
    Corner c = to.bottomRight();
    Corner d = to.bottomLeft();
    double sumX = a.x() - b.x() + c.x() - d.x();
    double sumY = a.y() - b.y() + c.y() - d.y();
    double bx = b.x() - c.x();
    double by = b.y() - c.y();
    double dx = d.x() - c.x();
    double dy = d.y() - c.y();
    double whole = bx * dy - dx * by;
    double g = (sumX * dy - dx * sumY) / whole;
    double h = (bx * sumY - sumX * by) / whole;
    return new double[] {
      b.x() - a.x() + g * b.x(),
      d.x() - a.x() + h * d.x(),
      a.x(),
      b.y() - a.y() + g * b.y(),
      d.y() - a.y() + h * d.y(),
      a.y(),
      g,
      h,
      1
    };
  }

  /** The inverse of a map but for a factor, which a projective map does not mind. */
  private static double[] adjugate(double[] m) {
    return new double[] {
      m[4] * m[8] - m[5] * m[7], m[2] * m[7] - m[1] * m[8], m[1] * m[5] - m[2] * m[4],
      m[5] * m[6] - m[3] * m[8], m[0] * m[8] - m[2] * m[6], m[2] * m[3] - m[0] * m[5],
      m[3] * m[7] - m[4] * m[6], m[1] * m[6] - m[0] * m[7], m[0] * m[4] - m[1] * m[3]
    };
  }
}
