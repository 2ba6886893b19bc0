package drumnest.core.words;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.Change;
import drumnest.core.album.Holding;
import drumnest.core.album.ephemera.CardWords;
import drumnest.core.album.ephemera.Ephemera;
import drumnest.core.album.leaf.Slot;
import drumnest.core.fit.InsertFit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;

/**
 * Cards go along with the photos they tell about: one that touched a photo of its own before a
 * step, and after it touches none, comes to a free place that touches the first of them which has a
 * place; to one that is reserved for words rather than to another, and to one that it fits. Cards
 * that are locked or stuck stay, and so do those for which there is no such place. Source: common
 * practice, no source.
 */
public final class CardsFollow {

  /**
   * The changes that are to be made after the step.
   *
   * @param left the names of the cards that no longer touch a photo of theirs
   */
  public record Following(List<Change> changes, List<String> left) {

    static final Following NOTHING = new Following(List.of(), List.of());
  }

  private CardsFollow() {}

  /**
   * @param before the album before the step
   * @param changes what the step changes
   */
  public static Following of(AlbumModel before, List<Change> changes) {
    if (changes.stream().noneMatch(Change.OfHolding.class::isInstance)
        || before.allEphemera().stream().noneMatch(each -> each.card() != null)) {
      return Following.NOTHING;
    }
    AlbumModel after = before.apply(changes);
    List<Ephemera> leaving =
        before.allEphemera().stream().filter(card -> isLeft(card, before, after)).toList();
    if (leaving.isEmpty()) {
      return Following.NOTHING;
    }
    return follow(after, leaving);
  }

  private static boolean isLeft(Ephemera card, AlbumModel before, AlbumModel after) {
    Slot at = after.slotOfEphemera(card.key()).orElse(null);
    CardWords words = card.card();
    return at != null
        && words != null
        && isBeside(card, before)
        && before.slotOfEphemera(card.key()).filter(was -> was.id().equals(at.id())).isPresent()
        && !isBeside(card, after)
        && words.about().stream().anyMatch(photo -> after.slotOf(photo).isPresent());
  }

  /** Whether a card lies beside a photo that it tells about. */
  public static boolean isBeside(Ephemera card, AlbumModel album) {
    return besides(card, album).isPresent();
  }

  /** The place of the photo that a card tells about and lies beside. */
  public static Optional<Slot> besides(Ephemera card, AlbumModel album) {
    CardWords words = card.card();
    Slot slot = words == null ? null : album.slotOfEphemera(card.key()).orElse(null);
    if (slot == null) {
      return Optional.empty();
    }
    return words.about().stream()
        .map(album::slotOf)
        .flatMap(Optional::stream)
        .filter(slot::touches)
        .findFirst();
  }

  private static Following follow(AlbumModel after, List<Ephemera> leaving) {
    AlbumModel now = after;
    List<Change> changes = new ArrayList<>();
    List<String> left = new ArrayList<>();
    // The places that they leave are free for the others, as when two photos change places.
    Set<String> vacated = new HashSet<>();
    for (Ephemera card : leaving) {
      if (!isFixed(now, card)) {
        vacated.add(now.slotOfEphemera(card.key()).orElseThrow().id());
      }
    }
    Set<Integer> settled = new HashSet<>();
    for (Ephemera card : leaving) {
      Slot from = now.slotOfEphemera(card.key()).orElseThrow();
      Slot to =
          isBeside(card, now) || isFixed(now, card)
              ? null
              : placeFor(now, card, vacated, settled).orElse(null);
      if (to != null) {
        Holding there = now.held(to);
        Holding held = now.held(from);
        List<Change> move =
            List.of(
                new Change.OfHolding(from.id(), held, there),
                new Change.OfHolding(to.id(), there, held));
        changes.addAll(move);
        now = now.apply(move);
      } else if (!isBeside(card, now)) {
        left.add(card.name());
      }
      settled.add(card.key());
    }
    return new Following(changes, left);
  }

  private static boolean isFixed(AlbumModel album, Ephemera card) {
    return album.slotOfEphemera(card.key()).map(album::held).map(Holding::isFixed).orElse(true);
  }

  private static Optional<Slot> placeFor(
      AlbumModel album, Ephemera card, Set<String> vacated, Set<Integer> settled) {
    for (String photo : Objects.requireNonNull(card.card()).about()) {
      Slot slot = album.slotOf(photo).orElse(null);
      Optional<Slot> place =
          slot == null
              ? Optional.empty()
              : album.leaves().slotsOf(slot.leaf(), slot.side()).stream()
                  .filter(slot::touches)
                  .filter(each -> isOpen(album, each, vacated, settled))
                  .filter(each -> fits(album, card, each))
                  .min(Comparator.comparing(each -> !FreePlaces.isForWords(album.held(each))));
      if (place.isPresent()) {
        return place;
      }
    }
    return Optional.empty();
  }

  private static boolean isOpen(
      AlbumModel album, Slot slot, Set<String> vacated, Set<Integer> settled) {
    Holding held = album.held(slot);
    boolean leaves =
        held != null
            && held.ephemera() != null
            && vacated.contains(slot.id())
            && !settled.contains(held.ephemera());
    return FreePlaces.isFree(held) || leaves;
  }

  private static boolean fits(AlbumModel album, Ephemera card, Slot slot) {
    return card.fit(album.opening(slot), false, album.rules()).verdict()
        != InsertFit.Verdict.TOO_BIG;
  }
}
