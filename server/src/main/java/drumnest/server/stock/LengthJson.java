package drumnest.server.stock;

import drumnest.core.measure.Length;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JacksonModule;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.module.SimpleModule;

/** Lengths in the JSON of the database: in their exact text. */
final class LengthJson {

  private LengthJson() {}

  static JacksonModule module() {
    return new SimpleModule()
        .addSerializer(Length.class, new Writer())
        .addDeserializer(Length.class, new Reader());
  }

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
