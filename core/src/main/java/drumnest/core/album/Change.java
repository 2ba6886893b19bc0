package drumnest.core.album;

import drumnest.core.album.ephemera.Ephemera;
import drumnest.core.album.ephemera.Fact;
import drumnest.core.album.flap.Flap;
import drumnest.core.album.leaf.LeafState;
import drumnest.core.measure.Size;
import drumnest.core.photo.AlbumPhoto;
import drumnest.core.photo.Choice;
import drumnest.core.photo.PhotoAnnotations;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * One thing that a step changed, with how it was before and after, so that it can be taken back and
 * done again.
 */
public sealed interface Change {

  /** This change taken back: what was after it is before it. */
  Change reversed();

  /** Lets a visitor do with this change what it does with one of its kind. */
  <R> R accept(Visitor<R> visitor);

  /**
   * Does something with a change of each kind. Whoever must know what kind of change it has is one:
   * a new kind does not compile until each of them knows what to do with it.
   *
   * @param <R> the result
   */
  interface Visitor<R> {
    R holding(OfHolding change);

    R photo(OfPhoto change);

    R opening(OfOpening change);

    R title(OfTitle change);

    R format(OfFormat change);

    R leaf(OfLeaf change);

    R order(OfOrder change);

    R ephemera(OfEphemera change);

    R entry(OfEntry change);

    R chapters(OfChapters change);

    R facts(OfFacts change);

    R clock(OfClock change);
  }

  /** Whether less or more may be left afterwards of what all albums share: leaves and letters. */
  default boolean altersStock() {
    return false;
  }

  /** The contents of a slot. */
  record OfHolding(String slot, @Nullable Holding before, @Nullable Holding after)
      implements Change {
    @Override
    public Change reversed() {
      return new OfHolding(slot, after, before);
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.holding(this);
    }
  }

  /** All that the maker said of a photo. */
  record OfPhoto(String photo, PhotoAnnotations before, PhotoAnnotations after) implements Change {

    /** That something else is decided of a photo. */
    public static OfPhoto decided(AlbumPhoto photo, Choice choice) {
      PhotoAnnotations before = photo.annotations();
      return new OfPhoto(
          photo.id(), before, before.withChoosing(before.choosing().withChoice(choice)));
    }

    @Override
    public Change reversed() {
      return new OfPhoto(photo, after, before);
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.photo(this);
    }
  }

  /** The measured opening of a pocket. */
  record OfOpening(String slot, @Nullable Size before, @Nullable Size after) implements Change {
    @Override
    public Change reversed() {
      return new OfOpening(slot, after, before);
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.opening(this);
    }
  }

  /** The album's title. */
  record OfTitle(String before, String after) implements Change {
    @Override
    public Change reversed() {
      return new OfTitle(after, before);
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.title(this);
    }
  }

  /** The album's format, by its key in the catalogue. */
  record OfFormat(@Nullable String before, @Nullable String after) implements Change {
    @Override
    public Change reversed() {
      return new OfFormat(after, before);
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.format(this);
    }
  }

  /** A leaf, by its key; null before it came or after it went. */
  record OfLeaf(int leaf, @Nullable LeafState before, @Nullable LeafState after) implements Change {
    @Override
    public Change reversed() {
      return new OfLeaf(leaf, after, before);
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.leaf(this);
    }

    /** Whether it takes a leaf or a sleeve, or gives one back. */
    @Override
    public boolean altersStock() {
      return !uses(before).equals(uses(after));
    }

    /** Its kind of leaf, and the sizes of the sleeves over it. */
    private static List<Object> uses(@Nullable LeafState state) {
      if (state == null) {
        return List.of();
      }
      List<Object> uses = new ArrayList<>(List.of(state.type()));
      Stream.of(state.plan(), state.reversePlan())
          .flatMap(plan -> plan.flaps().stream())
          .filter(flap -> flap.body() == Flap.Body.SLEEVE)
          .forEach(flap -> uses.add(flap.takes()));
      return uses;
    }
  }

  /** The order of the leaves, by their keys. */
  record OfOrder(List<Integer> before, List<Integer> after) implements Change {
    @Override
    public Change reversed() {
      return new OfOrder(after, before);
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.order(this);
    }
  }

  /** A card or keepsake, by its key; null before it came or after it went. */
  record OfEphemera(int ephemera, @Nullable Ephemera before, @Nullable Ephemera after)
      implements Change {

    public OfEphemera {
      before = before == null ? null : before.withKey(ephemera);
      after = after == null ? null : after.withKey(ephemera);
    }

    @Override
    public Change reversed() {
      return new OfEphemera(ephemera, after, before);
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.ephemera(this);
    }

    @Override
    public boolean altersStock() {
      return isTitle(before) || isTitle(after);
    }

    private static boolean isTitle(@Nullable Ephemera ephemera) {
      return ephemera != null && ephemera.title() != null;
    }
  }

  /** Whether an entry of the catalogue is off the shelf. */
  record OfEntry(String entry, boolean before, boolean after) implements Change {
    @Override
    public Change reversed() {
      return new OfEntry(entry, after, before);
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.entry(this);
    }
  }

  /** How many chapters are wanted; null for as many as the house rule makes. */
  record OfChapters(@Nullable Integer before, @Nullable Integer after) implements Change {
    @Override
    public Change reversed() {
      return new OfChapters(after, before);
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.chapters(this);
    }
  }

  /** The facts that are to be told besides the photos. */
  record OfFacts(List<Fact> before, List<Fact> after) implements Change {

    public OfFacts {
      before = List.copyOf(before);
      after = List.copyOf(after);
    }

    @Override
    public Change reversed() {
      return new OfFacts(after, before);
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.facts(this);
    }
  }

  /** How much is added to the times of a camera. */
  record OfClock(String camera, Duration before, Duration after) implements Change {
    @Override
    public Change reversed() {
      return new OfClock(camera, after, before);
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.clock(this);
    }
  }
}
