package drumnest.server.album;

import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import drumnest.core.album.Change;
import drumnest.core.album.Holding;
import drumnest.core.album.ephemera.Ephemera;
import drumnest.core.album.leaf.LeafState;
import drumnest.core.measure.Size;
import drumnest.core.photo.Choosing;
import drumnest.core.photo.PhotoAnnotations;
import drumnest.core.photo.StoryPhoto;
import java.time.Duration;
import java.util.List;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.annotation.JsonDeserialize;
import tools.jackson.databind.annotation.JsonSerialize;
import tools.jackson.databind.annotation.JsonTypeIdResolver;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.util.StdConverter;

/**
 * The changes of a step as JSON, for the database. What was written once is read for ever: undo
 * reaches back to the first step of an album.
 */
final class StepJson {

  private static final TypeReference<List<Change>> CHANGES = new TypeReference<>() {};

  private static final JsonMapper MAPPER =
      JsonMapper.builder()
          .addMixIn(Change.class, Kinds.class)
          .addMixIn(PhotoAnnotations.class, AnnotationNames.class)
          .addMixIn(Change.OfEphemera.class, EphemeraNames.class)
          .addMixIn(Holding.class, AsStoredHolding.class)
          .addMixIn(Size.class, AsStoredSize.class)
          .addMixIn(LeafState.class, AsStoredLeaf.class)
          .addMixIn(Ephemera.class, AsStoredEphemera.class)
          .addMixIn(Choosing.class, AsStoredChoosing.class)
          .addMixIn(Duration.class, AsSeconds.class)
          .build();

  private StepJson() {}

  static String write(List<Change> changes) {
    return MAPPER.writerFor(CHANGES).writeValueAsString(changes);
  }

  static List<Change> read(String json) {
    return MAPPER.readValue(json, CHANGES);
  }

  /**
   * How each kind of change is called in what is stored. A change is written by the name that a
   * visitor gives, so that none can be forgotten.
   */
  @JsonTypeInfo(use = JsonTypeInfo.Id.CUSTOM, property = "kind")
  @JsonTypeIdResolver(StoredKinds.class)
  private interface Kinds {}

  private interface AnnotationNames {
    @JsonProperty("marks")
    StoryPhoto.Grouping grouping();
  }

  private interface EphemeraNames {
    @JsonProperty("thing")
    int ephemera();
  }

  @JsonSerialize(converter = StoredHolding.Write.class)
  @JsonDeserialize(converter = StoredHolding.Read.class)
  private interface AsStoredHolding {}

  @JsonSerialize(converter = StoredSize.Write.class)
  @JsonDeserialize(converter = StoredSize.Read.class)
  private interface AsStoredSize {}

  @JsonSerialize(converter = StoredLeaf.Write.class)
  @JsonDeserialize(converter = StoredLeaf.Read.class)
  private interface AsStoredLeaf {}

  @JsonSerialize(converter = StoredEphemera.Write.class)
  @JsonDeserialize(converter = StoredEphemera.Read.class)
  private interface AsStoredEphemera {}

  @JsonDeserialize(converter = StoredChoosing.Read.class)
  private interface AsStoredChoosing {}

  @JsonSerialize(converter = ToSeconds.class)
  @JsonDeserialize(converter = FromSeconds.class)
  private interface AsSeconds {}

  private static final class ToSeconds extends StdConverter<Duration, Long> {
    @Override
    public Long convert(Duration value) {
      return value.toSeconds();
    }
  }

  private static final class FromSeconds extends StdConverter<Long, Duration> {
    @Override
    public Duration convert(Long value) {
      return Duration.ofSeconds(value);
    }
  }
}
