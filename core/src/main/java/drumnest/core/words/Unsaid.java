package drumnest.core.words;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.ephemera.CardWords;
import drumnest.core.album.ephemera.Ephemera;
import drumnest.core.album.ephemera.Fact;
import drumnest.core.album.leaf.Slot;
import drumnest.core.photo.AlbumPhoto;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * The things that an album does not say yet: facts that stand on no card, and photos with a place
 * that no card tells about, and no card stands beside, and that have no words of their own. A fact
 * is told once its words stand on a card or in a title, however they are written. Source: common
 * practice, no source.
 *
 * @param facts in the order in which they are listed
 * @param photos the identities of photos, in reading order
 */
public record Unsaid(List<Fact> facts, List<String> photos) {

  public static Unsaid of(AlbumModel album) {
    String told =
        album.allEphemera().stream()
            .map(each -> plain(each.words()))
            .collect(Collectors.joining("\n"));
    Set<String> toldAbout = new HashSet<>();
    Set<Slot> cards = new HashSet<>();
    for (Ephemera each : album.allEphemera()) {
      CardWords words = each.card();
      if (words != null && isSaid(words)) {
        toldAbout.addAll(words.about());
        album.slotOfEphemera(each.key()).ifPresent(cards::add);
      }
    }
    List<String> photos =
        album.leaves().slots().stream()
            .filter(slot -> cards.stream().noneMatch(slot::touches))
            .map(album::held)
            .filter(Objects::nonNull)
            .map(held -> held.photo())
            .filter(Objects::nonNull)
            .filter(photo -> !toldAbout.contains(photo))
            .filter(photo -> album.photo(photo).map(Unsaid::isSilent).orElse(false))
            .toList();
    return new Unsaid(
        album.facts().stream().filter(fact -> !told.contains(plain(fact.text()))).toList(), photos);
  }

  private static boolean isSaid(CardWords words) {
    return !words.text().isBlank() || words.continues() != null;
  }

  private static boolean isSilent(AlbumPhoto photo) {
    return photo.choosing().caption().isBlank();
  }

  private static String plain(String text) {
    return text.toLowerCase(Locale.ROOT).replaceAll("[\\s\\p{Punct}]+", " ").strip();
  }
}
