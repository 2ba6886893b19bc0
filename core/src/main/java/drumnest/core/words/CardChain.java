package drumnest.core.words;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.Change;
import drumnest.core.album.ephemera.CardWords;
import drumnest.core.album.ephemera.Ephemera;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;

/**
 * A card and those on which its story runs on, in that order. The whole story lies on the first; on
 * each what stands there follows from what fits on those before it. A card that runs on from one
 * that is gone, or from itself, begins a chain of its own.
 */
public final class CardChain {

  /**
   * A card of a chain.
   *
   * @param from where in the story it begins
   * @param last whether no other card follows it
   */
  public record OnCard(Ephemera.Card card, CardLayout layout, int from, boolean last) {

    /** Whether words are left over that no card of the chain holds. */
    public boolean isTooLong() {
      return last && !layout.fits();
    }
  }

  private final Map<Integer, Ephemera.Card> cards = new HashMap<>();
  private final Map<Integer, Integer> next = new HashMap<>();

  private CardChain(AlbumModel album) {
    for (Ephemera each : album.allEphemera()) {
      if (each instanceof Ephemera.Card card) {
        cards.put(card.key(), card);
      }
    }
    for (Ephemera.Card each : cards.values()) {
      Integer before = each.card().continues();
      if (before != null && cards.containsKey(before)) {
        next.putIfAbsent(before, each.key());
      }
    }
  }

  public static CardChain of(AlbumModel album) {
    return new CardChain(album);
  }

  /** The first card of the chain that a card is in. */
  public Ephemera.Card first(Ephemera.Card card) {
    Set<Integer> seen = new HashSet<>();
    Ephemera.Card at = card;
    while (seen.add(at.key())) {
      Integer before = at.card().continues();
      if (before == null
          || !cards.containsKey(before)
          || !Objects.equals(next.get(before), at.key())) {
        return at;
      }
      at = cards.get(before);
    }
    return card;
  }

  /** The cards of a chain, from its first on. */
  public List<Ephemera.Card> from(Ephemera.Card first) {
    List<Ephemera.Card> chain = new ArrayList<>(List.of(first));
    Integer at = next.get(first.key());
    while (at != null && at != first.key() && chain.size() <= cards.size()) {
      chain.add(cards.get(at));
      at = next.get(at);
    }
    return chain;
  }

  /** Tells what stands on each card of the chain that begins with this one. */
  public static List<OnCard> laid(List<Ephemera.Card> chain, Typefaces faces, AlbumModel album) {
    String story = chain.get(0).card().body();
    List<OnCard> laid = new ArrayList<>();
    int from = 0;
    for (int i = 0; i < chain.size(); i++) {
      Ephemera.Card card = chain.get(i);
      CardWords words = card.card();
      CardLayout layout = CardLayout.of(words, story, from, card.size(), faces, album.rules());
      laid.add(new OnCard(card, layout, from, i == chain.size() - 1));
      from = layout.cut();
    }
    return laid;
  }

  /** A card as it stands in its chain. */
  public OnCard laid(Ephemera.Card card, Typefaces faces, AlbumModel album) {
    return laid(from(first(card)), faces, album).stream()
        .filter(each -> each.card().key() == card.key())
        .findFirst()
        .orElseThrow();
  }

  /** The keys of cards whose words are too long, or have letters that their type lacks. */
  public static Set<Integer> tooLong(AlbumModel album, Typefaces faces) {
    CardChain chain = of(album);
    Set<Integer> tooLong = new HashSet<>();
    chain.cards.values().stream()
        .filter(card -> chain.first(card).key() == card.key())
        .flatMap(first -> laid(chain.from(first), faces, album).stream())
        .filter(on -> on.isTooLong() || !on.layout().missing().isEmpty())
        .forEach(on -> tooLong.add(on.card().key()));
    return tooLong;
  }

  /**
   * Tells what becomes of the other cards of a chain when one is taken away: those after it run on
   * from the one before it, and where it was the first the next one gets the story.
   */
  public static List<Change> without(AlbumModel album, Ephemera.Card card) {
    CardWords words = card.card();
    CardChain chain = of(album);
    Integer after = chain.next.get(card.key());
    if (after == null) {
      return List.of();
    }
    Ephemera.Card follower = chain.cards.get(after);
    CardWords follows = follower.card();
    boolean first = chain.first(card).key() == card.key();
    CardWords next =
        first
            ? follows.saying(follows.heading(), follows.date(), words.body()).continuing(null)
            : follows.continuing(words.continues());
    return List.of(new Change.OfEphemera(after, follower, follower.saying(next)));
  }
}
