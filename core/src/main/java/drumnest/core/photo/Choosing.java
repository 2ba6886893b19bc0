package drumnest.core.photo;

/**
 * All that the maker decided and wrote of a picture.
 *
 * @param choice whether it goes into the album
 * @param hero whether it must be large and never hidden
 * @param secret whether it is private: left blank in anything made for showing
 * @param flap whether it may well lie behind a flap
 * @param showing for which state of its spread it is meant
 * @param caption the words to it; empty text for none
 */
public record Choosing(
    Choice choice, boolean hero, boolean secret, boolean flap, Showing showing, String caption) {

  /** Of a picture that has just come in. */
  public static final Choosing OPEN =
      new Choosing(Choice.OPEN, false, false, false, Showing.ANY, "");

  public Choosing withChoice(Choice next) {
    return new Choosing(next, hero, secret, flap, showing, caption);
  }

  public Choosing withHero(boolean next) {
    return new Choosing(choice, next, secret, flap, showing, caption);
  }

  public Choosing withSecret(boolean next) {
    return new Choosing(choice, hero, next, flap, showing, caption);
  }

  public Choosing withFlap(boolean next) {
    return new Choosing(choice, hero, secret, next, showing, caption);
  }

  public Choosing withShowing(Showing next) {
    return new Choosing(choice, hero, secret, flap, next, caption);
  }

  public Choosing withCaption(String next) {
    return new Choosing(choice, hero, secret, flap, showing, next);
  }
}
