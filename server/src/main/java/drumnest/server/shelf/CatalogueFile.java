package drumnest.server.shelf;

import com.fasterxml.jackson.annotation.JsonInclude;
import drumnest.core.measure.Units;
import drumnest.core.stock.CatalogueItem;
import drumnest.server.FieldProblemException;
import drumnest.server.UnknownKind;
import drumnest.server.stock.LengthReader;
import drumnest.server.stock.WrittenItem;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.TokenStreamLocation;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.exc.InvalidTypeIdException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;
import tools.jackson.databind.json.JsonMapper;

/**
 * The catalogue as a JSON file: {@code {"file": "drumnest-catalogue", "version": 1, "entries":
 * [..]}} with entries as {@link WrittenItem} says. A file that is not ours, broken or too large is
 * refused whole.
 */
@Component
public class CatalogueFile {

  private static final String NAME = "drumnest-catalogue";
  private static final int LARGEST = 4 << 20;
  private static final int MOST = 5_000;

  private final JsonMapper strict =
      JsonMapper.builder(
              JsonFactory.builder().enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION).build())
          .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
          .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
          .changeDefaultPropertyInclusion(
              inclusion -> inclusion.withValueInclusion(JsonInclude.Include.NON_NULL))
          .build();

  record Content(
      @Nullable String file,
      @Nullable Integer version,
      @Nullable List<@Nullable WrittenItem> entries) {}

  public byte[] write(List<CatalogueItem> items) {
    Content content =
        new Content(NAME, 1, new ArrayList<>(items.stream().map(WrittenItem::of).toList()));
    return strict.writerWithDefaultPrettyPrinter().writeValueAsBytes(content);
  }

  /**
   * @throws FieldProblemException if anything of it is not accepted
   */
  public List<CatalogueItem> read(InputStream file) throws IOException {
    byte[] bytes = file.readNBytes(LARGEST + 1);
    if (bytes.length > LARGEST) {
      throw new FieldProblemException(
          "file", "The file is larger than 4 MB, so it is no catalogue. Nothing was changed.");
    }
    Content content = parse(bytes);
    if (content == null || !NAME.equals(content.file())) {
      throw new FieldProblemException(
          "file",
          "This is no catalogue of Drum Nest: it has no \"file\": \""
              + NAME
              + "\". Nothing was"
              + " changed.");
    }
    if (content.version() == null || content.version() != 1) {
      throw new FieldProblemException(
          "version", "The catalogue is of another version; accepted is 1. Nothing was changed.");
    }
    List<@Nullable WrittenItem> entries = content.entries();
    if (entries == null || entries.size() > MOST) {
      throw new FieldProblemException(
          "entries", "A catalogue has at most " + MOST + " entries. Nothing was changed.");
    }
    List<CatalogueItem> items = new ArrayList<>();
    for (int i = 0; i < entries.size(); i++) {
      String path = "entries[" + i + "].";
      WrittenItem entry = entries.get(i);
      if (entry == null) {
        throw new FieldProblemException(path + "kind", "An entry is missing. Nothing was changed.");
      }
      items.add(entry.read(new LengthReader(Units.SIXTY_FOURTHS, path)));
    }
    return items;
  }

  private @Nullable Content parse(byte[] bytes) {
    try {
      return strict.readValue(bytes, Content.class);
    } catch (InvalidTypeIdException e) {
      throw UnknownKind.of(e);
    } catch (JacksonException e) {
      throw new FieldProblemException(
          "file",
          "The file is broken, or no catalogue of Drum Nest: "
              + wrong(e)
              + ". Nothing was changed.");
    }
  }

  /** Where a file is not as it has to be, in words. */
  private static String wrong(JacksonException e) {
    String path = UnknownKind.path(e.getPath());
    if (e instanceof UnrecognizedPropertyException) {
      return "“" + path + "” is nothing that an entry has";
    }
    if (!path.isEmpty()) {
      return "“" + path + "” is not written as it has to be";
    }
    TokenStreamLocation at = e.getLocation();
    return at == null || at.getLineNr() < 1
        ? "it is not JSON"
        : "it is not JSON from line " + at.getLineNr() + ", column " + at.getColumnNr() + ", on";
  }
}
