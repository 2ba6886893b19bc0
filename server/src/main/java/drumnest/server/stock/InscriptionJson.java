package drumnest.server.stock;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import drumnest.core.album.ephemera.CardWords;
import drumnest.core.album.ephemera.Fact;
import drumnest.core.album.ephemera.Inscription;
import drumnest.core.album.ephemera.Lettering;
import drumnest.core.album.ephemera.TitleWords;
import drumnest.core.stock.HouseRules;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Cards' words, what titles spell, and facts as JSON, for the database. */
public final class InscriptionJson {

  private static final TypeReference<List<Fact>> FACTS = new TypeReference<>() {};

  private static final JsonMapper MAPPER =
      JsonMapper.builder()
          .addModule(LengthJson.module())
          .addMixIn(Inscription.class, Inscriptions.class)
          .addMixIn(Lettering.class, Letterings.class)
          .build();

  private InscriptionJson() {}

  /** As JSON; null where nothing is written. */
  public static @Nullable String write(@Nullable Inscription inscription) {
    return inscription == null
        ? null
        : MAPPER.writerFor(Inscription.class).writeValueAsString(inscription);
  }

  /**
   * @param words the words of a card of an earlier version, which knew nothing else of them; null
   *     for what is no card
   */
  public static @Nullable Inscription read(@Nullable String json, @Nullable String words) {
    if (json != null) {
      return MAPPER.readValue(json, Inscription.class);
    }
    return words == null ? null : CardWords.of(words, HouseRules.defaults());
  }

  public static String writeFacts(List<Fact> facts) {
    return MAPPER.writerFor(FACTS).writeValueAsString(facts);
  }

  public static List<Fact> readFacts(@Nullable String json) {
    return json == null ? List.of() : MAPPER.readValue(json, FACTS);
  }

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = CardWords.class, name = "card"),
    @JsonSubTypes.Type(value = TitleWords.class, name = "title")
  })
  private interface Inscriptions {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "way")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Lettering.ByHand.class, name = "hand"),
    @JsonSubTypes.Type(value = Lettering.Typed.class, name = "type")
  })
  private interface Letterings {}
}
