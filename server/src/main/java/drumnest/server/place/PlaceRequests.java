package drumnest.server.place;

import drumnest.core.album.Made;
import drumnest.core.album.Reservation;
import drumnest.core.album.ephemera.CardWords;
import drumnest.core.album.ephemera.Ephemera;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.place.Breathing;
import drumnest.core.place.Placing;
import drumnest.core.stock.HouseRules;
import drumnest.server.frame.PixelBoxRequest;
import drumnest.server.frame.SizeRequest;
import drumnest.server.http.Plain;
import drumnest.server.stock.LengthReader;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import org.jspecify.annotations.Nullable;

/** Requests to do something with slots. Each step names the version of the album it has seen. */
final class PlaceRequests {

  private PlaceRequests() {}

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
      Placing.@Nullable Order order,
      @Nullable Breathing breathing,
      @Nullable @jakarta.validation.constraints.Size(max = 60) String run) {}

  /** Sets a slot aside for words, a title, or nothing; null gives it back to photos. */
  record SetAside(@NotNull Long version, @NotBlank String slot, @Nullable Reservation aside) {}

  /** Says that what lies in a slot is cut or stuck; null for neither. */
  record MadeSoFar(@NotNull Long version, @NotBlank String slot, @Nullable Made made) {}

  record Put(@NotNull Long version, @NotBlank String photo, @NotBlank String slot) {}

  record Swap(@NotNull Long version, @NotBlank String from, @NotBlank String to) {}

  record OfSlot(@NotNull Long version, @NotBlank String slot) {}

  record Lock(@NotNull Long version, @NotBlank String slot, @NotNull Boolean locked) {}

  record Whole(@NotNull Long version, @NotBlank String slot, @NotNull Boolean whole) {}

  record Turn(@NotNull Long version, @NotBlank String slot, @NotNull Boolean turned) {}

  /**
   * The ticket of a slot, as it would be with another keep box, or with another photo in it.
   *
   * @param photo the photo that is held over the slot
   */
  record Preview(@NotBlank String slot, @Nullable PixelBoxRequest keep, @Nullable String photo) {}

  record Opening(@NotNull Long version, @NotBlank String slot, @NotNull SizeRequest opening) {}

  /** The kinds of things that are measured here; titles are set from letters. */
  enum ThingKind {
    CARD,
    KEEPSAKE
  }

  /** A card or keepsake; a key is given where it is there already. */
  record EphemeraForm(
      @NotNull Long version,
      @Nullable Integer ephemera,
      @NotNull ThingKind kind,
      @NotNull @Plain(is = "a name", max = 120, needed = true) String name,
      @Nullable String w,
      @Nullable String h,
      @Nullable String thickness,
      @Nullable Boolean original,
      @Nullable @Plain(is = "a text", max = 120_000, lines = true) String words) {

    /** A new card has these words; one that is there already keeps its own. */
    Ephemera toEphemera(HouseRules rules) {
      int key = ephemera == null ? 0 : ephemera;
      Size size = LengthReader.inUse().size("w", w, "h", h);
      Length thick = LengthReader.inUse().positive("thickness", thickness);
      boolean only = Boolean.TRUE.equals(original);
      return switch (kind) {
        case CARD ->
            new Ephemera.Card(
                key,
                name.strip(),
                size,
                thick,
                only,
                CardWords.of(words == null ? "" : words, rules));
        case KEEPSAKE -> new Ephemera.Keepsake(key, name.strip(), size, thick, only);
      };
    }
  }

  record OfEphemera(@NotNull Long version, @NotNull Integer ephemera) {}

  record LayEphemera(@NotNull Long version, @NotNull Integer ephemera, @NotBlank String slot) {}
}
