package drumnest.server.shelf;

import drumnest.server.frame.SizeRequest;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What a maker does at the shelf. */
final class ShelfRequests {

  private ShelfRequests() {}

  /** How many of an entry there are; null if that is not counted. */
  record Owned(@Nullable @Min(0) @Max(1000) Integer owned) {}

  record Openings(@NotNull String face, @NotNull Integer pocket, @NotNull SizeRequest opening) {}

  record RuleValue(@NotNull String value) {}

  record UnitsChoice(@NotBlank String units) {}

  record Confirmation(@Nullable Boolean confirmed) {}

  /**
   * A part of a protector that is ruled.
   *
   * @param direction across or down; left out for one pocket
   * @param prints the measures along it; left out for equal parts
   * @param shut whether it is no pocket
   * @param parts what each piece is in its turn
   */
  record PartForm(
      @Nullable String direction,
      @Nullable List<@Nullable String> prints,
      @Nullable Boolean shut,
      @Nullable List<@Nullable PartForm> parts) {}

  record RulingForm(
      @Nullable String name,
      @Nullable String w,
      @Nullable String h,
      @Nullable Boolean shared,
      @NotNull PartForm part) {}
}
