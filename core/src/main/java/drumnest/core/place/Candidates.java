package drumnest.core.place;

import drumnest.core.album.AlbumModel;
import drumnest.core.photo.AlbumPhoto;
import drumnest.core.photo.Choice;
import drumnest.core.photo.Choosing;
import drumnest.core.photo.Stack;
import drumnest.core.photo.StoryPhoto;
import drumnest.core.stock.HouseRules;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/** The photos of an album as placing sees them. */
public final class Candidates {

  private static final int WANTED_KEPT = 3;
  private static final int WANTED_OPEN = 2;
  private static final int WANTED_PERHAPS = 1;

  private Candidates() {}

  /**
   * The photos on the line, in time order. The weaker ones of a stack are not among them unless
   * they were kept, or lie where the maker put them.
   *
   * @param but photos that are left out, by their identities
   */
  public static List<Candidate> of(AlbumModel album, Set<String> but) {
    return of(album, photo -> !but.contains(photo));
  }

  /** The candidates among these photos only. */
  public static List<Candidate> only(AlbumModel album, Set<String> these) {
    return of(album, these::contains);
  }

  private static List<Candidate> of(AlbumModel album, Predicate<String> wanted) {
    Map<String, Stack> stackOf = album.stackOf();
    Map<String, String> alternates = album.story().alternates();
    List<Candidate> candidates = new ArrayList<>();
    for (AlbumPhoto photo : album.line()) {
      if (wanted.test(photo.id())) {
        Stack stack = stackOf.get(photo.id());
        if (!isRepeat(album, photo, stack) || isSettled(album, photo)) {
          candidates.add(candidate(photo, stack, alternates.get(photo.id()), album.rules()));
        }
      }
    }
    return List.copyOf(candidates);
  }

  /** Whether it is a weaker one of a stack that was not kept. */
  static boolean isRepeat(AlbumModel album, String photo) {
    return isRepeat(album, album.photo(photo).orElseThrow(), album.stackOf().get(photo));
  }

  private static boolean isRepeat(AlbumModel album, AlbumPhoto photo, @Nullable Stack stack) {
    if (stack == null || photo.choosing().choice() == Choice.KEEP) {
      return false;
    }
    boolean anotherKept =
        stack.photos().stream()
            .flatMap(each -> album.photo(each.id()).stream())
            .anyMatch(each -> each.choosing().choice() == Choice.KEEP);
    return anotherKept || !isFirstOfStack(album, photo, stack);
  }

  /** Whether it lies where the maker put it. */
  private static boolean isSettled(AlbumModel album, AlbumPhoto photo) {
    return album
        .slotOf(photo.id())
        .flatMap(slot -> album.holding(slot.id()))
        .map(holding -> holding.isFixed() || holding.byHand())
        .orElse(false);
  }

  /** Whether it is the best of its stack that was not dropped. */
  private static boolean isFirstOfStack(AlbumModel album, AlbumPhoto photo, Stack stack) {
    return stack.photos().stream()
        .map(StoryPhoto::id)
        .filter(id -> album.photo(id).map(each -> !each.isOut()).orElse(false))
        .findFirst()
        .map(photo.id()::equals)
        .orElse(true);
  }

  /** A photo without its company, as far as it alone decides. */
  static Candidate alone(AlbumPhoto photo) {
    return new Candidate(
        photo.id(),
        photo.pixels(),
        photo.keep(),
        photo.focus(),
        WANTED_OPEN,
        null,
        null,
        photo.onTable(),
        Candidate.PlacementHints.PLAIN,
        photo.look());
  }

  private static Candidate candidate(
      AlbumPhoto photo, @Nullable Stack stack, @Nullable String alternates, HouseRules rules) {
    Choosing choosing = photo.choosing();
    return new Candidate(
        photo.id(),
        photo.pixels(),
        photo.keep(),
        photo.focus(),
        wanted(photo, stack, rules),
        stack == null ? null : stack.id(),
        alternates,
        photo.onTable(),
        new Candidate.PlacementHints(
            choosing.hero(),
            choosing.flap(),
            choosing.secret(),
            !choosing.caption().isBlank(),
            choosing.showing()),
        photo.look());
  }

  /**
   * Says who goes first: what is kept, then what nobody has decided on, then the maybes, the
   * repeats and what is blurred, dark or has few pixels.
   */
  private static int wanted(AlbumPhoto photo, @Nullable Stack stack, HouseRules rules) {
    return switch (photo.choosing().choice()) {
      case KEEP -> WANTED_KEPT;
      case OPEN ->
          Weakness.of(photo, rules).isEmpty()
                  && (stack == null || stack.best().id().equals(photo.id()))
              ? WANTED_OPEN
              : WANTED_PERHAPS;
      case MAYBE, OUT -> WANTED_PERHAPS;
    };
  }
}
