package drumnest.server.stock;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import drumnest.core.album.Anchor;
import drumnest.core.album.PagePlan;
import drumnest.core.album.Shape;
import drumnest.core.measure.Length;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.module.SimpleModule;

/** Plans of pages as JSON, for the database; lengths in their exact text. */
public final class PlanJson {

  private static final JsonMapper MAPPER =
      JsonMapper.builder()
          .addModule(
              new SimpleModule()
                  .addSerializer(Length.class, new Writer())
                  .addDeserializer(Length.class, new Reader()))
          .addMixIn(Shape.class, Shapes.class)
          .addMixIn(Anchor.class, Anchors.class)
          .build();

  private PlanJson() {}

  /** The plan as JSON; null where nothing is planned. */
  public static @Nullable String write(PagePlan plan) {
    return plan.blocks().isEmpty() ? null : MAPPER.writeValueAsString(plan);
  }

  public static PagePlan read(@Nullable String json) {
    return json == null ? PagePlan.EMPTY : MAPPER.readValue(json, PagePlan.class);
  }

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "shape")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Shape.Single.class, name = "single"),
    @JsonSubTypes.Type(value = Shape.InRow.class, name = "row"),
    @JsonSubTypes.Type(value = Shape.InGrid.class, name = "grid"),
    @JsonSubTypes.Type(value = Shape.Mixed.class, name = "mixed")
  })
  private interface Shapes {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "at")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Anchor.OnPage.class, name = "page"),
    @JsonSubTypes.Type(value = Anchor.OfBlock.class, name = "block")
  })
  private interface Anchors {}

  private static final class Writer extends ValueSerializer<Length> {
    @Override
    public void serialize(Length value, JsonGenerator json, SerializationContext context) {
      json.writeString(value.toExactText());
    }
  }

  private static final class Reader extends ValueDeserializer<Length> {
    @Override
    public Length deserialize(JsonParser json, DeserializationContext context) {
      return Length.parse(json.getString());
    }
  }
}
