package drumnest.core.stock;

import static java.util.Collections.nCopies;

import drumnest.core.measure.Size;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The pocket patterns of the catalogue, by id. Source: common practice, no source. */
public final class PocketPatterns {

  private static final Size TWELVE = Size.ofInches(12, 12);
  private static final Size WIDE = Size.ofInches(6, 4);
  private static final Size SMALL = Size.ofInches(3, 4);

  /** Six 6 × 4, two across and three down. */
  public static final String SIX_WIDE = "12x12-six-6x4";

  /** One 6 × 4 at the top left with ten 3 × 4 around it. */
  public static final String ONE_WIDE_TEN_SMALL = "12x12-one-6x4-ten-3x4";

  private static final Map<String, PocketPattern> BY_ID = new LinkedHashMap<>();

  static {
    BY_ID.put(SIX_WIDE, PocketPattern.ofRows("six 6 × 4", TWELVE, nCopies(3, nCopies(2, WIDE))));
    BY_ID.put(
        ONE_WIDE_TEN_SMALL,
        PocketPattern.ofRows(
            "one 6 × 4, ten 3 × 4",
            TWELVE,
            List.of(List.of(WIDE, SMALL, SMALL), nCopies(4, SMALL), nCopies(4, SMALL))));
  }

  private PocketPatterns() {}

  public static Optional<PocketPattern> find(String id) {
    return Optional.ofNullable(BY_ID.get(id));
  }
}
