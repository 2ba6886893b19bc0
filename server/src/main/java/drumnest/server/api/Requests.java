package drumnest.server.api;

import drumnest.core.album.Thing;
import drumnest.core.measure.Length;
import drumnest.core.measure.LengthFormatException;
import drumnest.core.measure.Size;
import drumnest.core.photo.Choice;
import drumnest.core.photo.PixelBox;
import drumnest.server.FieldProblemException;
import drumnest.server.shelf.UnitsInUse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
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

/** What the page asks for. Each names the version of the album it has seen. */
final class Requests {

  private static final Length LONGEST = Length.ofInches(100);

  private Requests() {}

  record Version(@NotNull Long version) {}

  /**
   * Places photos again.
   *
   * @param spread a spread; the whole album where neither it nor a chapter is named
   * @param chapter a chapter, by its first photo
   * @param order story, weight, variety or free; story where it is left out
   * @param breathing airy, even, full or packed; packed where it is left out
   * @param run what the run is called, so that it can be watched and stopped
   */
  record PlaceAgain(
      @NotNull Long version,
      @Nullable Integer spread,
      @Nullable String chapter,
      @Nullable String order,
      @Nullable String breathing,
      @Nullable @jakarta.validation.constraints.Size(max = 60) String run) {}

  /** Sets a slot aside for words, a title, or nothing; null gives it back to photos. */
  record SetAside(@NotNull Long version, @NotBlank String slot, @Nullable String aside) {}

  /** Says that what lies in a slot is cut or stuck; null for neither. */
  record MadeSoFar(@NotNull Long version, @NotBlank String slot, @Nullable String made) {}

  /**
   * Proposes leaves.
   *
   * @param kinds the kinds of leaves that may be used
   * @param mostLeaves how many leaves may be used; null for as many as needed
   * @param freshPages whether every chapter begins on a page of its own, or only those that are
   *     worth one
   * @param undecided whether undecided photos are placed too
   * @param anew whether leaves on which nothing is settled are taken out first
   * @param run what the run is called, so that it can be watched and stopped
   */
  record ProposeLeaves(
      @NotEmpty List<@NotBlank String> kinds,
      @Nullable String breathing,
      @Nullable @Min(1) @Max(200) Integer mostLeaves,
      @NotNull Boolean freshPages,
      @NotNull Boolean undecided,
      @NotNull Boolean anew,
      @Nullable @jakarta.validation.constraints.Size(max = 60) String run) {}

  /** Lays the leaves of a proposal. */
  record TakePlan(
      @NotNull Long version, @NotNull @Valid ProposeLeaves wish, @NotNull Integer number) {}

  /** How many of an entry there are; null if that is not counted. */
  record Owned(@Nullable @Min(0) @Max(1000) Integer owned) {}

  record AddLeaf(@NotNull Long version, @NotBlank String type, @NotNull Integer at) {}

  record OfLeaf(@NotNull Long version, @NotNull Integer leaf) {}

  /** Takes a leaf out; what is on it must be known to be lost. */
  record RemoveLeaf(@NotNull Long version, @NotNull Integer leaf, @Nullable Boolean confirmed) {}

  record MoveLeaf(@NotNull Long version, @NotNull Integer leaf, @NotNull Integer to) {}

  record DropLeaf(@NotNull Long version, @NotNull Integer leaf, @NotNull String drop) {}

  record Format(@NotNull Long version, @Nullable String format) {}

  /** The blocks of a side as the maker says them. */
  record Plan(
      @NotNull Long version,
      @NotNull Integer leaf,
      @NotBlank String side,
      @NotNull List<@NotNull @Valid BlockForm> blocks) {}

  /** A card or keepsake; a key is given where it is there already. */
  record ThingForm(
      @NotNull Long version,
      @Nullable Integer thing,
      @NotBlank String kind,
      @NotNull @Plain(is = "a name", max = 120, needed = true) String name,
      @Nullable String w,
      @Nullable String h,
      @Nullable String thickness,
      @Nullable Boolean original,
      @Nullable @Plain(is = "a text", max = 4000, lines = true) String words) {

    Thing toThing() {
      if (!kind.equals("card") && !kind.equals("keepsake")) {
        throw new FieldProblemException("kind", "A thing is a card or a keepsake.");
      }
      return new Thing(
          thing == null ? 0 : thing,
          kind.equals("card") ? Thing.Kind.CARD : Thing.Kind.KEEPSAKE,
          name.strip(),
          new Size(length("w", w), length("h", h)),
          length("thickness", thickness),
          Boolean.TRUE.equals(original),
          words == null ? "" : words);
    }
  }

  record OfThing(@NotNull Long version, @NotNull Integer thing) {}

  record LayThing(@NotNull Long version, @NotNull Integer thing, @NotBlank String slot) {}

  record Openings(@NotNull String face, @NotNull Integer pocket, @NotNull Written opening) {}

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

  record SlipForm(@NotBlank String sum, @NotNull Map<String, Object> question) {}

  /**
   * @param addresses where to listen; left out for the usual places
   */
  record Sharing(@NotNull Boolean on, @Nullable List<@NotBlank String> addresses) {}

  record Pairing(
      @NotNull @Plain(is = "a code", max = 20) String code,
      @NotNull @Plain(is = "a name", max = 60, needed = true) String name) {}

  record Put(@NotNull Long version, @NotBlank String photo, @NotBlank String slot) {}

  record Swap(@NotNull Long version, @NotBlank String from, @NotBlank String to) {}

  record OfSlot(@NotNull Long version, @NotBlank String slot) {}

  record Lock(@NotNull Long version, @NotBlank String slot, @NotNull Boolean locked) {}

  record Turn(@NotNull Long version, @NotBlank String slot, @NotNull Boolean turned) {}

  /** Photos, each by its identity. */
  record Choose(
      @NotNull Long version,
      @NotNull @NotEmpty List<@NotBlank String> photos,
      @NotBlank String choice) {

    Map<String, Choice> choices() {
      Choice decided = ChoiceWords.read("choice", choice);
      return photos.stream()
          .distinct()
          .collect(
              Collectors.toMap(photo -> photo, photo -> decided, (a, b) -> a, LinkedHashMap::new));
    }
  }

  /** How many of the stack that a photo is in are kept. */
  record ChooseOfStack(@NotNull Long version, @NotBlank String photo, @NotNull Integer keep) {}

  record KeepStarred(@NotNull Long version, @NotNull Integer stars) {}

  /** What photos are said to be; what is left out stays as it is. */
  record MarkPhotos(
      @NotNull Long version,
      @NotNull @NotEmpty List<@NotBlank String> photos,
      @Nullable Boolean hero,
      @Nullable Boolean secret,
      @Nullable Boolean flap) {}

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
      return new Size(length("w", w), length("h", h));
    }

    @Nullable LocalDateTime when() {
      return takenAt == null || takenAt.isBlank() ? null : moment(takenAt);
    }
  }

  record Title(
      @NotNull Long version,
      @NotNull @Plain(is = "a title", max = 120, needed = true) String title) {}

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

  /**
   * The ticket of a slot, as it would be with another keep box, or with another photo in it.
   *
   * @param photo the photo that is held over the slot
   */
  record Preview(@NotBlank String slot, @Nullable PixelBoxRequest keep, @Nullable String photo) {}

  record Dated(@NotNull Long version, @NotBlank String photo, @NotBlank String takenAt) {
    LocalDateTime when() {
      return moment(takenAt);
    }
  }

  private static LocalDateTime moment(String text) {
    try {
      return LocalDateTime.parse(text);
    } catch (DateTimeParseException e) {
      throw new FieldProblemException(
          "takenAt", "“" + text + "” is no date and time; accepted is 2031-06-14T14:41.");
    }
  }

  /** A width and a height as the maker writes them; both left out for none. */
  record Written(@Nullable String w, @Nullable String h) {

    @Nullable Size toSize(String prefix) {
      boolean none = (w == null || w.isBlank()) && (h == null || h.isBlank());
      return none ? null : new Size(length(prefix + "w", w), length(prefix + "h", h));
    }
  }

  /**
   * A length above zero as the maker writes it.
   *
   * @throws FieldProblemException if it is none
   */
  static Length length(String field, @Nullable String text) {
    Length length = anyLength(field, text);
    if (!length.isPositive() || length.isMoreThan(LONGEST)) {
      throw new FieldProblemException(field, "A length is above 0 and at most 100 in.");
    }
    return length;
  }

  /** A length as the maker writes it, of at most 100 in either way. */
  static Length anyLength(String field, @Nullable String text) {
    try {
      Length length = UnitsInUse.current().parse(text == null ? "" : text);
      if (length.isMoreThan(LONGEST) || length.isLessThan(LONGEST.negated())) {
        throw new FieldProblemException(field, "A length is at most 100 in.");
      }
      return length;
    } catch (LengthFormatException e) {
      throw new FieldProblemException(
          field, e.getMessage() + " " + LengthFormatException.accepted());
    }
  }

  record Opening(@NotNull Long version, @NotBlank String slot, @NotNull Written opening) {}

  record OnTable(@NotNull Long version, @NotBlank String photo, @NotNull Written size) {}
}
