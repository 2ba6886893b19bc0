package drumnest.server.shelf;

import drumnest.server.frame.SizeRequest;
import drumnest.server.stock.PartRequest;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import org.jspecify.annotations.Nullable;

/** Requests to do something at the shelf. */
final class ShelfRequests {

  private ShelfRequests() {}

  /** How many of an entry there are; null if that is not counted. */
  record Owned(@Nullable @Min(0) @Max(1000) Integer owned) {}

  record Openings(@NotNull String face, @NotNull Integer pocket, @NotNull SizeRequest opening) {}

  record RuleValue(@NotNull String value) {}

  record UnitsChoice(@NotBlank String units) {}

  record Confirmation(@Nullable Boolean confirmed) {}

  record RulingForm(
      @Nullable String name,
      @Nullable String w,
      @Nullable String h,
      @Nullable Boolean shared,
      @NotNull PartRequest part) {}
}
