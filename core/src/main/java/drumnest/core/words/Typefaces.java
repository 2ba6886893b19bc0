package drumnest.core.words;

/** The typefaces in which words can be printed, by their names. */
public interface Typefaces {

  /** The one that is taken where none is named. */
  String PLAIN = "plain";

  /**
   * @throws IllegalArgumentException if there is none of that name
   */
  Typeface face(String name);
}
