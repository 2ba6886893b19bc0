package drumnest.core.words;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.ephemera.CardWords;
import drumnest.core.album.ephemera.Ephemera;
import drumnest.core.album.ephemera.Lettering;
import drumnest.core.album.flap.Flap;
import drumnest.core.album.leaf.Slot;
import drumnest.core.measure.Increment;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.mover.FlapChoices;
import drumnest.core.stock.HouseRule;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Ways to make a card fit whose words are too long for it, or for the last card of its chain. Each
 * is tried by laying the card out so before it is offered; type is as large and lines are as far
 * apart as they can be for that. Source: common practice, no source.
 *
 * <p>Time: some forty layouts of the story.
 */
public final class CardFixes {

  /**
   * A fix that works.
   *
   * @param needed how many lines the story needs then, on this card and the next one together
   * @param there how many lines there are then
   */
  public record Offer(CardFix fix, int needed, int there) {}

  private final AlbumModel album;
  private final Typefaces faces;
  private final QuietPlaces quiet;
  private final Ephemera.Card card;
  private final CardWords words;
  private final String story;
  private final int from;

  private CardFixes(
      AlbumModel album, Typefaces faces, QuietPlaces quiet, CardChain.OnCard on, String story) {
    this.quiet = quiet;
    this.album = album;
    this.faces = faces;
    this.card = on.card();
    this.words = card.card();
    this.story = story;
    this.from = on.from();
  }

  /**
   * @param card the last card of its chain
   * @return nothing where it fits
   */
  public static List<Offer> of(
      AlbumModel album, Ephemera.Card card, Typefaces faces, QuietPlaces quiet) {
    CardChain chain = CardChain.of(album);
    CardChain.OnCard on = chain.laid(card, faces, album);
    if (!on.isTooLong()) {
      return List.of();
    }
    String story = chain.first(card).card().body();
    return new CardFixes(album, faces, quiet, on, story).offers();
  }

  private List<Offer> offers() {
    return Stream.of(
            smallerType(),
            closerLines(),
            typed(),
            largerCard(),
            runOn(),
            secondCard(),
            behindFlap(),
            label())
        .flatMap(Optional::stream)
        .toList();
  }

  private CardLayout laid(CardWords as, Size size) {
    return CardLayout.of(as, story, from, size, faces, album.rules());
  }

  private Optional<Offer> tried(CardFix fix, CardWords as, Size size) {
    CardLayout layout = laid(as, size);
    return layout.fits()
        ? Optional.of(new Offer(fix, layout.needed(), layout.there()))
        : Optional.empty();
  }

  private int smallest() {
    return (int) album.rules().number(HouseRule.SMALLEST_TYPE) * Lettering.Typed.QUARTERS_PER_POINT;
  }

  private Optional<Offer> smallerType() {
    if (!(words.lettering() instanceof Lettering.Typed typed)) {
      return Optional.empty();
    }
    return inType(typed, typed.quarterPoints() - 1, card.size())
        .map(size -> new CardFix.SmallerType(size))
        .flatMap(
            fix -> tried(fix, words.written(typed.withSize(fix.quarterPoints())), card.size()));
  }

  /** The largest size from one downwards at which it fits. */
  private Optional<Integer> inType(Lettering.Typed typed, int from, Size on) {
    int smallest = smallest();
    if (from < smallest || !laid(words.written(typed.withSize(smallest)), on).fits()) {
      return Optional.empty();
    }
    int size = from;
    while (size > smallest && !laid(words.written(typed.withSize(size)), on).fits()) {
      size--;
    }
    return Optional.of(size);
  }

  private Optional<Offer> closerLines() {
    if (!(words.lettering() instanceof Lettering.ByHand hand)) {
      return Optional.empty();
    }
    // By a ruler lines can be drawn at its marks.
    Length step = album.rules().trimmerIncrement().step();
    Length closest = album.rules().length(HouseRule.CLOSEST_LINES);
    for (Length pitch = hand.pitch().minus(step);
        !pitch.isLessThan(closest);
        pitch = pitch.minus(step)) {
      Optional<Offer> offer =
          tried(new CardFix.CloserLines(pitch), words.written(hand.withPitch(pitch)), card.size());
      if (offer.isPresent()) {
        return offer;
      }
    }
    return Optional.empty();
  }

  private Optional<Offer> typed() {
    if (words.lettering() instanceof Lettering.Typed) {
      return Optional.empty();
    }
    Lettering.Typed typed = Lettering.typed(Typefaces.PLAIN, album.rules());
    return inType(typed, typed.quarterPoints(), card.size())
        .map(size -> new CardFix.Typed(Typefaces.PLAIN, size))
        .flatMap(
            fix -> tried(fix, words.written(typed.withSize(fix.quarterPoints())), card.size()));
  }

  private Optional<Offer> largerCard() {
    return freePlaces()
        .filter(slot -> area(slot.takes()) > area(card.size()))
        .map(slot -> tried(new CardFix.LargerCard(slot.id(), slot.takes()), words, slot.takes()))
        .flatMap(Optional::stream)
        .findFirst();
  }

  /** In square nanometres; that of the largest length is far below what it can be. */
  private static long area(Size size) {
    return size.w().toNanometres() * size.h().toNanometres();
  }

  /** Free places that touch one of its photos, or the card, the smallest first. */
  private Stream<Slot> freePlaces() {
    List<Slot> beside = new ArrayList<>();
    words.about().forEach(photo -> album.slotOf(photo).ifPresent(beside::add));
    album.slotOfEphemera(card.key()).ifPresent(beside::add);
    return beside.stream()
        .map(slot -> slot.parent().page())
        .distinct()
        .flatMap(page -> album.leaves().slotsOf(page.leaf(), page.side()).stream())
        .filter(slot -> FreePlaces.isFree(album.held(slot)))
        .filter(slot -> beside.stream().anyMatch(slot::touches))
        .distinct()
        .sorted(Comparator.comparingLong(slot -> area(slot.takes())));
  }

  private Optional<Offer> runOn() {
    return freePlaces()
        .map(slot -> second(new CardFix.RunOn(slot.id(), slot.takes()), slot.takes()))
        .flatMap(Optional::stream)
        .findFirst();
  }

  private Optional<Offer> secondCard() {
    return second(new CardFix.SecondCard(card.size()), card.size());
  }

  private Optional<Offer> second(CardFix fix, Size size) {
    CardLayout first = laid(words, card.size());
    CardLayout rest =
        CardLayout.of(words.saying("", "", ""), story, first.cut(), size, faces, album.rules());
    return rest.fits() && first.there() > 0
        ? Optional.of(new Offer(fix, first.there() + rest.needed(), first.there() + rest.there()))
        : Optional.empty();
  }

  private Optional<Offer> behindFlap() {
    for (String photo : words.about()) {
      Slot slot = album.slotOf(photo).orElse(null);
      CardFix.BehindFlap fix = slot == null ? null : behind(slot);
      Optional<Offer> offer = fix == null ? Optional.empty() : tried(fix, words, fix.size());
      if (offer.isPresent()) {
        return offer;
      }
    }
    return Optional.empty();
  }

  private CardFix.@Nullable BehindFlap behind(Slot slot) {
    if (!slot.kind().isOfPage() || slot.covered()) {
      return null;
    }
    return FlapChoices.over(slot, slot.takes(), Flap.Body.CARD, album.rules()).stream()
        .filter(choice -> choice.errors() == 0)
        .findFirst()
        .map(choice -> new CardFix.BehindFlap(slot.id(), slot.takes()))
        .orElse(null);
  }

  private Optional<Offer> label() {
    if (words.label() != null) {
      return Optional.empty();
    }
    Lettering.Typed typed = Lettering.typed(Typefaces.PLAIN, album.rules());
    Increment marks = album.rules().trimmerIncrement();
    for (String photo : words.about()) {
      Size size =
          quiet
              .on(album, photo)
              .map(box -> new Size(marks.below(box.w()), marks.below(box.h())))
              .orElse(null);
      Optional<Offer> offer =
          size == null
              ? Optional.empty()
              : inType(typed, typed.quarterPoints(), size)
                  .map(points -> new CardFix.Label(photo, size, Typefaces.PLAIN, points))
                  .flatMap(
                      fix -> tried(fix, words.written(typed.withSize(fix.quarterPoints())), size));
      if (offer.isPresent()) {
        return offer;
      }
    }
    return Optional.empty();
  }
}
