package drumnest.server.album;

import drumnest.core.words.CardsFollow;
import java.util.stream.Collectors;

/** Says in the words for a step which cards went along with their photos, and which could not. */
final class FollowingText {

  private FollowingText() {}

  /** The end of those words; empty where no card had to go along. */
  static String of(CardsFollow.Following following) {
    return (following.changes().isEmpty() ? "" : ", its words with it")
        + (following.left().isEmpty()
            ? ""
            : following.left().stream()
                .map(name -> "“" + name + "”")
                .collect(Collectors.joining(", ", "; no free place there for ", "")));
  }
}
