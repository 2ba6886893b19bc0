package drumnest.server.document;

import java.awt.Color;
import java.awt.geom.AffineTransform;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.util.Matrix;

/**
 * A picture on a face of a mover.
 *
 * @param file a picture file as documents take it
 * @param upright how a point of the file, in shares of its width and height from its top left,
 *     comes to lie when it is turned upright
 * @param x where the part of it begins that is seen, as a share of its width when it is upright
 * @param y the same down
 * @param w how wide that is
 * @param h how high
 * @param turned whether it lies with a quarter turn to the right
 * @param paper where it lies on the face
 * @param covers what of that is not to be seen
 */
public record FacePicture(
    Path file,
    AffineTransform upright,
    double x,
    double y,
    double w,
    double h,
    boolean turned,
    Share paper,
    List<Share> covers) {

  public FacePicture {
    covers = List.copyOf(covers);
  }

  /** A part of a box, as shares of its width and height from its top left. */
  public record Share(double x, double y, double w, double h) {

    /** All of it. */
    public static final Share ALL = new Share(0, 0, 1, 1);
  }

  /** The picture on the side of a part that is seen closed, or on its other side. */
  public interface Source {
    Optional<FacePicture> on(String part, boolean outside) throws IOException;
  }

  /** Paints it onto a face, from its lower left corner in points. */
  void paint(PDDocument document, PDPageContentStream out, float left, float foot, float w, float h)
      throws IOException {
    float paperW = (float) (paper.w() * w);
    float paperH = (float) (paper.h() * h);
    float x = left + (float) (paper.x() * w);
    float y = foot + (float) ((1 - paper.y() - paper.h()) * h);
    fill(document, out, x, y, paperW, paperH);
    out.setNonStrokingColor(Color.WHITE);
    for (Share cover : covers) {
      out.addRect(
          x + (float) (cover.x() * paperW),
          y + (float) ((1 - cover.y() - cover.h()) * paperH),
          (float) (cover.w() * paperW),
          (float) (cover.h() * paperH));
      out.fill();
    }
  }

  /** Fills a box with what is seen of the picture; what is beyond is cut off. */
  private void fill(
      PDDocument document, PDPageContentStream out, float left, float foot, float boxW, float boxH)
      throws IOException {
    PDImageXObject image = PDImageXObject.createFromFile(file.toString(), document);
    out.saveGraphicsState();
    out.addRect(left, foot, boxW, boxH);
    out.clip();
    // A quarter turn to the right about the lower left corner, moved back into the box.
    out.transform(
        turned ? new Matrix(0, -1, 1, 0, left, foot + boxH) : new Matrix(1, 0, 0, 1, left, foot));
    double wholeW = (turned ? boxH : boxW) / w;
    double wholeH = (turned ? boxW : boxH) / h;
    AffineTransform placed =
        new AffineTransform(wholeW, 0, 0, -wholeH, -x * wholeW, wholeH - (1 - y - h) * wholeH);
    placed.concatenate(upright);
    // Documents draw a picture from its lower left.
    placed.concatenate(new AffineTransform(1, 0, 0, -1, 0, 1));
    out.drawImage(image, new Matrix(placed));
    out.restoreGraphicsState();
  }
}
