package drumnest.server.api;

import drumnest.core.photo.Choice;
import drumnest.server.FieldProblemException;

/** What is decided of a photo, as the page says it. */
final class ChoiceWords {

  private ChoiceWords() {}

  /**
   * @throws FieldProblemException if it is no choice
   */
  static Choice read(String field, String word) {
    for (Choice choice : Choice.values()) {
      if (Words.key(choice).equals(word)) {
        return choice;
      }
    }
    throw new FieldProblemException(field, "A choice is “open”, “keep”, “maybe” or “out”.");
  }
}
