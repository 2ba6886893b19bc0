package drumnest.core.words;

/** A standard word: five keystrokes, the space included (source: typing-speed convention). */
final class StandardWord {

  private static final int LETTERS = 5;

  private StandardWord() {}

  /** How many whole words so many letters are. */
  static long in(long letters) {
    return letters / LETTERS;
  }

  /** How many words a text is; what is begun counts. */
  static long of(String text) {
    return (text.codePointCount(0, text.length()) + LETTERS - 1L) / LETTERS;
  }
}
