package drumnest.server.frame;

import drumnest.core.measure.Size;
import drumnest.server.FieldProblemException;
import drumnest.server.stock.LengthReader;
import org.jspecify.annotations.Nullable;

/** A width and a height as the maker writes them; both left out for none. */
public record SizeRequest(@Nullable String w, @Nullable String h) {

  /**
   * @param path what the names of fields begin with
   * @throws FieldProblemException if a measure is missing or no length
   */
  public @Nullable Size toSize(String path) {
    boolean none = (w == null || w.isBlank()) && (h == null || h.isBlank());
    return none ? null : LengthReader.inUse().within(path).size("w", w, "h", h);
  }
}
