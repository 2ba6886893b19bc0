package drumnest.server.document;

import drumnest.server.EnumNames;
import drumnest.server.FieldProblemException;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

/** The paper something is printed on, as it is asked for. */
public final class SheetPaper {

  private SheetPaper() {}

  /** The sheet of a template. */
  public static PageTemplate.Paper of(String text) {
    for (PageTemplate.Paper paper : PageTemplate.Paper.values()) {
      if (EnumNames.of(paper).equals(text)) {
        return paper;
      }
    }
    throw new FieldProblemException("paper", "Paper is whole, letter or a4.");
  }

  /**
   * The sheet of a list.
   *
   * @throws FieldProblemException if it is neither letter nor A4 (source of the sizes: ANSI Y14.1,
   *     ISO 216)
   */
  public static PDRectangle sheet(String text) {
    return switch (text) {
      case "letter" -> PDRectangle.LETTER;
      case "a4" -> PDRectangle.A4;
      default -> throw new FieldProblemException("paper", "Paper is letter or a4.");
    };
  }
}
