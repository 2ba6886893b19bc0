package drumnest.core.album.flap;

import drumnest.core.fit.Outline;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import java.util.Optional;

/**
 * One wide picture over all panels of an accordion, on the side of them that is up when it is
 * pulled out flat. It is printed whole and cut into as many pieces as there are panels; what would
 * lie on the mats, at the folds, is left out. Whole it is seen only when all is pulled out; until
 * then each of its faces shows one piece.
 *
 * <p>Its slot is the outside of the last panel, which is on that side always. Source: common
 * practice, no source.
 *
 * @param mover the accordion
 * @param panels of how many panels that is
 * @param mat what shows of a panel around its piece
 */
public record Panorama(Mover mover, int panels, Length mat) {

  /** The panorama of a mover; nothing for one that has none. */
  public static Optional<Panorama> of(Mover mover) {
    return mover.mechanism() instanceof Mechanism.Accordion accordion && accordion.panorama()
        ? Optional.of(new Panorama(mover, accordion.panels(), accordion.mat()))
        : Optional.empty();
  }

  /** The last panel, which is stuck down. */
  public String last() {
    return mover.parts().get(panels - 1);
  }

  /** Whether a side of a panel is one that is up when all is pulled out: those take turns. */
  public boolean isOn(String panel, boolean outside) {
    boolean evenFromLast = (panels - 1 - mover.parts().indexOf(panel)) % 2 == 0;
    return outside == evenFromLast;
  }

  /** Which of its pieces is on a panel, from 0: counted from the left, or from the top. */
  public int piece(String panel) {
    int at = mover.parts().indexOf(panel);
    boolean anchorFirst = mover.edge() == Edge.LEFT || mover.edge() == Edge.TOP;
    return anchorFirst ? panels - 1 - at : at;
  }

  /** How its print is cut. */
  public Outline.Pieces outline() {
    return new Outline.Pieces(panels, mat.times(2), mover.edge().isAtSide());
  }

  /** The size of the print: all pieces, and what is left out between them. */
  public Size print() {
    return outline().whole(mover.at().inset(mat).size());
  }
}
