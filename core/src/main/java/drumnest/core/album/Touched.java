package drumnest.core.album;

import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Which parts of an album changes are about: those they alter, and those they only rely on. Two
 * makers who work at one album are in each other's way where one alters what the other alters or
 * relies on; everything else can be done in any order.
 */
public record Touched(Set<Part> altered, Set<Part> reliedOn) {

  public static final Touched NOTHING = new Touched(Set.of(), Set.of());

  /** What a part of an album is. */
  public enum Kind {
    TITLE,
    FORMAT,
    ORDER_OF_LEAVES,
    CHAPTERS,
    FACTS,
    LEAF,
    SLOT,
    OPENING,
    PHOTO,
    PLACE_OF_PHOTO,
    THING,
    PLACE_OF_THING,
    CLOCK,
    CATALOGUE_ENTRY
  }

  /**
   * A part of an album.
   *
   * @param key which one of its kind; empty where there is one only
   */
  public record Part(Kind kind, String key) {}

  public static Touched by(List<Change> changes) {
    Set<Part> altered = new HashSet<>();
    Set<Part> reliedOn = new HashSet<>();
    changes.forEach(change -> add(change, altered, reliedOn));
    return new Touched(Set.copyOf(altered), Set.copyOf(reliedOn));
  }

  private static void add(Change change, Set<Part> altered, Set<Part> reliedOn) {
    if (change instanceof Change.OfHolding holding) {
      altered.add(new Part(Kind.SLOT, holding.slot()));
      places(holding.before(), altered);
      places(holding.after(), altered);
      reliedOn.add(leafOf(holding.slot()));
    } else if (change instanceof Change.OfPhoto photo) {
      altered.add(new Part(Kind.PHOTO, photo.photo()));
    } else if (change instanceof Change.OfOpening opening) {
      altered.add(new Part(Kind.OPENING, opening.slot()));
      reliedOn.add(leafOf(opening.slot()));
    } else if (change instanceof Change.OfTitle) {
      altered.add(new Part(Kind.TITLE, ""));
    } else if (change instanceof Change.OfFormat) {
      altered.add(new Part(Kind.FORMAT, ""));
    } else if (change instanceof Change.OfLeaf leaf) {
      altered.add(new Part(Kind.LEAF, String.valueOf(leaf.leaf())));
    } else if (change instanceof Change.OfOrder) {
      altered.add(new Part(Kind.ORDER_OF_LEAVES, ""));
    } else if (change instanceof Change.OfEphemera ephemera) {
      altered.add(new Part(Kind.THING, String.valueOf(ephemera.ephemera())));
    } else if (change instanceof Change.OfEntry entry) {
      altered.add(new Part(Kind.CATALOGUE_ENTRY, entry.entry()));
    } else if (change instanceof Change.OfChapters) {
      altered.add(new Part(Kind.CHAPTERS, ""));
    } else if (change instanceof Change.OfFacts) {
      altered.add(new Part(Kind.FACTS, ""));
    } else if (change instanceof Change.OfClock clock) {
      altered.add(new Part(Kind.CLOCK, clock.camera()));
    }
  }

  private static void places(@Nullable Holding holding, Set<Part> altered) {
    if (holding != null && holding.photo() != null) {
      altered.add(new Part(Kind.PLACE_OF_PHOTO, holding.photo()));
    }
    if (holding != null && holding.ephemera() != null) {
      altered.add(new Part(Kind.PLACE_OF_THING, Objects.toString(holding.ephemera())));
    }
  }

  private static Part leafOf(String slot) {
    return new Part(Kind.LEAF, String.valueOf(Slot.leafKey(slot)));
  }

  public Touched and(Touched other) {
    Set<Part> all = new HashSet<>(altered);
    all.addAll(other.altered);
    Set<Part> relied = new HashSet<>(reliedOn);
    relied.addAll(other.reliedOn);
    return new Touched(Set.copyOf(all), Set.copyOf(relied));
  }

  /** Whether these changes and others are in each other's way. */
  public boolean isInTheWayOf(Touched others) {
    return altered.stream()
            .anyMatch(part -> others.altered.contains(part) || others.reliedOn.contains(part))
        || reliedOn.stream().anyMatch(others.altered::contains);
  }
}
