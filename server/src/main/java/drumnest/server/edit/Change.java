package drumnest.server.edit;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
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
  @JsonSubTypes.Type(value = Change.OfTitle.class, name = "title")
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
}
