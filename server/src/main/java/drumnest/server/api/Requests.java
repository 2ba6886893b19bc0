package drumnest.server.api;

import drumnest.core.measure.Length;
import drumnest.core.measure.LengthFormatException;
import drumnest.core.measure.Size;
import drumnest.core.photo.PixelBox;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDateTime;
import java.time.format.DateTimeParseException;
import org.jspecify.annotations.Nullable;

/** What the page asks for. Each names the version of the album it has seen. */
final class Requests {

  private static final Length LONGEST = Length.ofInches(100);

  private Requests() {}

  record Version(@NotNull Long version) {}

  record Put(@NotNull Long version, @NotBlank String photo, @NotBlank String slot) {}

  record Swap(@NotNull Long version, @NotBlank String from, @NotBlank String to) {}

  record OfSlot(@NotNull Long version, @NotBlank String slot) {}

  record Lock(@NotNull Long version, @NotBlank String slot, @NotNull Boolean locked) {}

  record Turn(@NotNull Long version, @NotBlank String slot, @NotNull Boolean turned) {}

  record Aside(@NotNull Long version, @NotBlank String photo, @NotNull Boolean aside) {}

  record Title(
      @NotNull Long version,
      @NotBlank(message = "is a title of 1 to 120 letters")
          @jakarta.validation.constraints.Size(
              max = 120,
              message = "is a title of 1 to 120 letters")
          String title) {}

  /** Whole pixels of an upright picture. */
  record PixelBoxRequest(
      @NotNull Integer x, @NotNull Integer y, @NotNull Integer w, @NotNull Integer h) {
    PixelBox toBox(String field) {
      if (x < 0 || y < 0 || w < 1 || h < 1) {
        throw new FieldProblemException(
            field, "A keep box has x and y from 0 and w and h from 1, in pixels of the picture.");
      }
      return new PixelBox(x, y, w, h);
    }
  }

  /** What must stay of a photo; without a box, nothing in particular. */
  record Keep(@NotNull Long version, @NotBlank String photo, @Nullable PixelBoxRequest keep) {}

  /** The ticket of a slot, as it would be with another keep box. */
  record Preview(@NotBlank String slot, @Nullable PixelBoxRequest keep) {}

  record Dated(@NotNull Long version, @NotBlank String photo, @NotBlank String takenAt) {
    LocalDateTime when() {
      try {
        return LocalDateTime.parse(takenAt);
      } catch (DateTimeParseException e) {
        throw new FieldProblemException(
            "takenAt", "“" + takenAt + "” is no date and time; accepted is 2031-06-14T14:41.");
      }
    }
  }

  /** A width and a height as the maker writes them; both left out for none. */
  record Written(@Nullable String w, @Nullable String h) {

    @Nullable Size toSize(String prefix) {
      boolean none = (w == null || w.isBlank()) && (h == null || h.isBlank());
      return none ? null : new Size(length(prefix + "w", w), length(prefix + "h", h));
    }

    private static Length length(String field, @Nullable String text) {
      try {
        Length length = Length.parse(text == null ? "" : text);
        if (!length.isPositive() || length.isMoreThan(LONGEST)) {
          throw new FieldProblemException(field, "A length is above 0 and at most 100 in.");
        }
        return length;
      } catch (LengthFormatException e) {
        throw new FieldProblemException(
            field, e.getMessage() + " " + LengthFormatException.accepted());
      }
    }
  }

  record Opening(@NotNull Long version, @NotBlank String slot, @NotNull Written opening) {}

  record OnTable(@NotNull Long version, @NotBlank String photo, @NotNull Written size) {}
}
