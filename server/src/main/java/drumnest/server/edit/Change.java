package drumnest.server.edit;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One thing that a step changed, with how it was before and after, so that it can be taken back and
 * done again.
 */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
  @JsonSubTypes.Type(value = Change.OfFilling.class, name = "filling"),
  @JsonSubTypes.Type(value = Change.OfPhoto.class, name = "photo"),
  @JsonSubTypes.Type(value = Change.OfOpening.class, name = "opening"),
  @JsonSubTypes.Type(value = Change.OfTitle.class, name = "title"),
  @JsonSubTypes.Type(value = Change.OfFormat.class, name = "format"),
  @JsonSubTypes.Type(value = Change.OfLeaf.class, name = "leaf"),
  @JsonSubTypes.Type(value = Change.OfOrder.class, name = "order"),
  @JsonSubTypes.Type(value = Change.OfThing.class, name = "thing"),
  @JsonSubTypes.Type(value = Change.OfEntry.class, name = "entry"),
  @JsonSubTypes.Type(value = Change.OfChapters.class, name = "chapters"),
  @JsonSubTypes.Type(value = Change.OfClock.class, name = "clock")
})
public sealed interface Change {

  /** The same thing the other way round. */
  Change reversed();

  /** What a slot holds. */
  record OfFilling(String slot, @Nullable Filling before, @Nullable Filling after)
      implements Change {
    @Override
    public Change reversed() {
      return new OfFilling(slot, after, before);
    }
  }

  /** What the maker told of a photo. */
  record OfPhoto(String photo, Told before, Told after) implements Change {
    @Override
    public Change reversed() {
      return new OfPhoto(photo, after, before);
    }
  }

  /** The measured opening of a pocket. */
  record OfOpening(String slot, @Nullable StoredSize before, @Nullable StoredSize after)
      implements Change {
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
  record OfLeaf(int leaf, @Nullable StoredLeaf before, @Nullable StoredLeaf after)
      implements Change {
    @Override
    public Change reversed() {
      return new OfLeaf(leaf, after, before);
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
  record OfThing(int thing, @Nullable StoredThing before, @Nullable StoredThing after)
      implements Change {
    @Override
    public Change reversed() {
      return new OfThing(thing, after, before);
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

  /** How many seconds are added to the times of a camera. */
  record OfClock(String camera, long before, long after) implements Change {
    @Override
    public Change reversed() {
      return new OfClock(camera, after, before);
    }
  }
}
