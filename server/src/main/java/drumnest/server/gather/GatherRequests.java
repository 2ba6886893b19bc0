package drumnest.server.gather;

import drumnest.core.measure.Size;
import drumnest.core.photo.Choice;
import drumnest.core.photo.Showing;
import drumnest.server.FieldProblemException;
import drumnest.server.frame.PixelBoxRequest;
import drumnest.server.frame.SizeRequest;
import drumnest.server.http.Plain;
import drumnest.server.stock.LengthReader;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDateTime;
import java.time.format.DateTimeParseException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Requests to say something of photos. Each step names the version of the album it has seen. */
final class GatherRequests {

  private GatherRequests() {}

  /** Photos, each by its identity. */
  record Choose(
      @NotNull Long version,
      @NotNull @NotEmpty List<@NotBlank String> photos,
      @NotNull Choice choice) {

    Map<String, Choice> choices() {
      return photos.stream()
          .distinct()
          .collect(
              Collectors.toMap(photo -> photo, photo -> choice, (a, b) -> a, LinkedHashMap::new));
    }
  }

  /** How many of the stack that a photo is in are kept. */
  record ChooseOfStack(@NotNull Long version, @NotBlank String photo, @NotNull Integer keep) {}

  record KeepStarred(@NotNull Long version, @NotNull Integer stars) {}

  /**
   * How photos are cropped without a keep box.
   *
   * @param follows whether crops follow what was found in them; centred otherwise
   */
  record Frame(
      @NotNull Long version,
      @NotNull @NotEmpty List<@NotBlank String> photos,
      @NotNull Boolean follows) {}

  /**
   * The flags that photos are given; what is left out stays as it is.
   *
   * @param showing for which state of its spread they are meant: any, closed or opened
   */
  record SetFlags(
      @NotNull Long version,
      @NotNull @NotEmpty List<@NotBlank String> photos,
      @Nullable Boolean hero,
      @Nullable Boolean secret,
      @Nullable Boolean flap,
      @Nullable Showing showing) {}

  record Caption(
      @NotNull Long version,
      @NotBlank String photo,
      @NotNull @Plain(is = "a text", max = 2000, lines = true) String caption) {}

  record OfPhotos(@NotNull Long version, @NotNull @NotEmpty List<@NotBlank String> photos) {}

  /** Whether photos belong together. */
  record Together(
      @NotNull Long version,
      @NotNull @NotEmpty List<@NotBlank String> photos,
      @NotNull Boolean together) {}

  record ChapterBorder(@NotNull Long version, @NotBlank String photo, @NotNull Boolean begins) {}

  record MoveBorder(@NotNull Long version, @NotBlank String from, @NotBlank String to) {}

  record ChapterName(
      @NotNull Long version,
      @NotBlank String photo,
      @NotNull @Plain(is = "a name", max = 80) String name) {}

  /** How many chapters; left out for as many as the house rule makes. */
  record Divide(@NotNull Long version, @Nullable Integer count) {}

  record Clock(@NotNull Long version, @NotBlank String camera, @NotNull String shift) {}

  /**
   * A shift to be looked at: as text, or by two photos that show the same moment.
   *
   * @param photo a photo of the camera
   * @param same a photo of another camera
   */
  record ClockTry(
      @NotBlank String camera,
      @Nullable String shift,
      @Nullable String photo,
      @Nullable String same) {}

  /** A print on the table of which there is no file. */
  record TablePrint(
      @NotNull @Plain(is = "a name for what is on it", max = 120, needed = true) String name,
      @Nullable String w,
      @Nullable String h,
      @Nullable String takenAt) {

    Size size() {
      return LengthReader.inUse().size("w", w, "h", h);
    }

    @Nullable LocalDateTime when() {
      return takenAt == null || takenAt.isBlank() ? null : moment(takenAt);
    }
  }

  /** The box that must stay of a photo; without a box, nothing in particular. */
  record Keep(@NotNull Long version, @NotBlank String photo, @Nullable PixelBoxRequest keep) {}

  /** The boxes that must not be seen of a photo: all of it, as many boxes as there are. */
  record Conceal(
      @NotNull Long version,
      @NotBlank String photo,
      @NotNull @jakarta.validation.constraints.Size(max = 8) List<@Valid PixelBoxRequest> boxes) {}

  record Dated(@NotNull Long version, @NotBlank String photo, @NotBlank String takenAt) {
    LocalDateTime when() {
      return moment(takenAt);
    }
  }

  record OnTable(@NotNull Long version, @NotBlank String photo, @NotNull SizeRequest size) {}

  private static LocalDateTime moment(String text) {
    try {
      return LocalDateTime.parse(text);
    } catch (DateTimeParseException e) {
      throw new FieldProblemException(
          "takenAt", "“" + text + "” is no date and time; accepted is 2031-06-14T14:41.");
    }
  }
}
