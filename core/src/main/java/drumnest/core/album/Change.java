package drumnest.core.album;

import drumnest.core.measure.Size;
import drumnest.core.photo.AlbumPhoto;
import drumnest.core.photo.Choice;
import drumnest.core.photo.PhotoAnnotations;
import java.time.Duration;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One thing that a step changed, with how it was before and after, so that it can be taken back and
 * done again.
 */
public sealed interface Change {

  /** The same thing the other way round. */
  Change reversed();

  /** Whether less or more may be left afterwards of what all albums share: leaves and letters. */
  default boolean altersStock() {
    return false;
  }

  /** What a slot holds. */
  record OfHolding(String slot, @Nullable Holding before, @Nullable Holding after)
      implements Change {
    @Override
    public Change reversed() {
      return new OfHolding(slot, after, before);
    }
  }

  /** What the maker said of a photo. */
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
  }

  /** The measured opening of a pocket. */
  record OfOpening(String slot, @Nullable Size before, @Nullable Size after) implements Change {
    @Override
    public Change reversed() {
      return new OfOpening(slot, after, before);
    }
  }

  /** The album's title. */
  record OfTitle(String before, String after) implements Change {
    @Override
    public Change reversed() {
      return new OfTitle(after, before);
    }
  }

  /** The album's format, by its key in the catalogue. */
  record OfFormat(@Nullable String before, @Nullable String after) implements Change {
    @Override
    public Change reversed() {
      return new OfFormat(after, before);
    }
  }

  /** A leaf, by its key; null before it came or after it went. */
  record OfLeaf(int leaf, @Nullable LeafState before, @Nullable LeafState after) implements Change {
    @Override
    public Change reversed() {
      return new OfLeaf(leaf, after, before);
    }

    @Override
    public boolean altersStock() {
      return true;
    }
  }

  /** The order of the leaves, by their keys. */
  record OfOrder(List<Integer> before, List<Integer> after) implements Change {
    @Override
    public Change reversed() {
      return new OfOrder(after, before);
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
  }

  /** How many chapters are wanted; null for as many as the house rule makes. */
  record OfChapters(@Nullable Integer before, @Nullable Integer after) implements Change {
    @Override
    public Change reversed() {
      return new OfChapters(after, before);
    }
  }

  /** What is to be told besides the photos. */
  record OfFacts(List<Fact> before, List<Fact> after) implements Change {

    public OfFacts {
      before = List.copyOf(before);
      after = List.copyOf(after);
    }

    @Override
    public Change reversed() {
      return new OfFacts(after, before);
    }
  }

  /** How much is added to the times of a camera. */
  record OfClock(String camera, Duration before, Duration after) implements Change {
    @Override
    public Change reversed() {
      return new OfClock(camera, after, before);
    }
  }
}
