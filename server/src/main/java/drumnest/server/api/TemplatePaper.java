package drumnest.server.api;

import drumnest.server.FieldProblemException;
import drumnest.server.document.PageTemplate;

/** The paper a template is printed on, as it is asked for. */
final class TemplatePaper {

  private TemplatePaper() {}

  static PageTemplate.Paper of(String text) {
    for (PageTemplate.Paper paper : PageTemplate.Paper.values()) {
      if (Words.key(paper).equals(text)) {
        return paper;
      }
    }
    throw new FieldProblemException("paper", "Paper is whole, letter or a4.");
  }
}
