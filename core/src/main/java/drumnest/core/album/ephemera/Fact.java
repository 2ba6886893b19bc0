package drumnest.core.album.ephemera;

import org.jspecify.annotations.Nullable;

/**
 * Something to be told that is not on any photo: makers keep a list of such for each chapter.
 *
 * @param kind what it is about
 * @param text what is to be told
 * @param chapter a photo by which its chapter is known; null for the whole album
 */
public record Fact(Subject kind, String text, @Nullable String chapter) {

  /** The subjects of facts. */
  public enum Subject {
    WHO,
    WHERE,
    WEATHER,
    OVERHEARD,
    THANKS,
    OTHER
  }
}
