package drumnest.core.album;

import drumnest.core.album.leaf.Slot;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * The parts of an album that changes are about: those they alter, and those they only rely on.
 * Changes of two makers who work at one album conflict where one alters what the other alters or
 * relies on; everything else can be done in any order (source: common practice of optimistic
 * concurrency control, no one source).
 */
public record Footprint(Set<Part> altered, Set<Part> reliedOn) {

  public static final Footprint NONE = new Footprint(Set.of(), Set.of());

  /** The kinds of parts that an album has. */
  public enum PartKind {
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
  public record Part(PartKind kind, String key) {}

  public Footprint {
    altered = Set.copyOf(altered);
    reliedOn = Set.copyOf(reliedOn);
  }

  /** The footprint of several changes together. */
  public static Footprint of(List<Change> changes) {
    return together(changes.stream().map(change -> change.accept(OF)).toList());
  }

  /** Several footprints as one. */
  public static Footprint together(Collection<Footprint> footprints) {
    Set<Part> altered = new HashSet<>();
    Set<Part> reliedOn = new HashSet<>();
    for (Footprint each : footprints) {
      altered.addAll(each.altered);
      reliedOn.addAll(each.reliedOn);
    }
    return new Footprint(altered, reliedOn);
  }

  private static Footprint of(PartKind kind) {
    return of(kind, "");
  }

  private static Footprint of(PartKind kind, Object key) {
    return new Footprint(Set.of(new Part(kind, key.toString())), Set.of());
  }

  /** That of something in a slot, which is there only as long as its leaf is. */
  private static Footprint inSlot(PartKind kind, String slot, Stream<Part> alteredToo) {
    Set<Part> altered = new HashSet<>();
    altered.add(new Part(kind, slot));
    alteredToo.forEach(altered::add);
    Part leaf = new Part(PartKind.LEAF, String.valueOf(Slot.leafKey(slot)));
    return new Footprint(altered, Set.of(leaf));
  }

  private static Stream<Part> place(@Nullable Holding holding) {
    if (holding == null) {
      return Stream.empty();
    }
    return Stream.concat(
        Stream.ofNullable(holding.photo()).map(photo -> new Part(PartKind.PLACE_OF_PHOTO, photo)),
        Stream.ofNullable(holding.ephemera())
            .map(thing -> new Part(PartKind.PLACE_OF_THING, thing.toString())));
  }

  private static final Change.Visitor<Footprint> OF =
      new Change.Visitor<>() {
        @Override
        public Footprint holding(Change.OfHolding change) {
          Stream<Part> places = Stream.concat(place(change.before()), place(change.after()));
          return inSlot(PartKind.SLOT, change.slot(), places);
        }

        @Override
        public Footprint photo(Change.OfPhoto change) {
          return of(PartKind.PHOTO, change.photo());
        }

        @Override
        public Footprint opening(Change.OfOpening change) {
          return inSlot(PartKind.OPENING, change.slot(), Stream.empty());
        }

        @Override
        public Footprint title(Change.OfTitle change) {
          return of(PartKind.TITLE);
        }

        @Override
        public Footprint format(Change.OfFormat change) {
          return of(PartKind.FORMAT);
        }

        @Override
        public Footprint leaf(Change.OfLeaf change) {
          return of(PartKind.LEAF, change.leaf());
        }

        @Override
        public Footprint order(Change.OfOrder change) {
          return of(PartKind.ORDER_OF_LEAVES);
        }

        @Override
        public Footprint ephemera(Change.OfEphemera change) {
          return of(PartKind.THING, change.ephemera());
        }

        @Override
        public Footprint entry(Change.OfEntry change) {
          return of(PartKind.CATALOGUE_ENTRY, change.entry());
        }

        @Override
        public Footprint chapters(Change.OfChapters change) {
          return of(PartKind.CHAPTERS);
        }

        @Override
        public Footprint facts(Change.OfFacts change) {
          return of(PartKind.FACTS);
        }

        @Override
        public Footprint clock(Change.OfClock change) {
          return of(PartKind.CLOCK, change.camera());
        }
      };

  /** This footprint and another as one. */
  public Footprint and(Footprint other) {
    return together(List.of(this, other));
  }

  /** Whether one alters what the other alters or relies on. */
  public boolean conflictsWith(Footprint other) {
    return altered.stream()
            .anyMatch(part -> other.altered.contains(part) || other.reliedOn.contains(part))
        || reliedOn.stream().anyMatch(other.altered::contains);
  }
}
