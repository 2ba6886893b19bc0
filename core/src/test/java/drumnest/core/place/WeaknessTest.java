package drumnest.core.place;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.photo.AlbumPhoto;
import drumnest.core.photo.FileWords;
import drumnest.core.photo.Fingerprint;
import drumnest.core.photo.Focus;
import drumnest.core.photo.Lab;
import drumnest.core.photo.Light;
import drumnest.core.photo.Look;
import drumnest.core.photo.Looks;
import drumnest.core.photo.PhotoFile;
import drumnest.core.photo.Pixels;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import java.time.Duration;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class WeaknessTest {

  private static final HouseRules RULES = HouseRules.defaults();

  private static AlbumPhoto photo(String format, int shorter, double sharpness, double grey) {
    Pixels pixels = new Pixels(2 * shorter, shorter);
    Fingerprint print = new Fingerprint(1);
    Lab colour = new Lab(50, 0, 0);
    Look look =
        new Look(print, print, null, colour, colour, sharpness, new Light(grey, 0, 0), pixels);
    return new AlbumPhoto(
        new PhotoFile("a".repeat(64), format, pixels),
        "a.jpg",
        look,
        sharpness,
        Focus.NONE,
        FileWords.NONE,
        null,
        Looks.NOTHING_SAID,
        Duration.ZERO);
  }

  private static Optional<Weakness> of(AlbumPhoto photo) {
    return Weakness.of(photo, RULES);
  }

  @Test
  void a_photo_of_two_inches_at_150_pixels_an_inch_is_just_enough() {
    assertThat(of(photo("jpg", 300, 80, 120))).isEmpty();
    assertThat(of(photo("jpg", 299, 80, 120))).contains(Weakness.FEW_PIXELS);
    HouseRules less = RULES.with(HouseRule.SMALLEST_PRINT, Length.ofInches(1));
    assertThat(Weakness.of(photo("jpg", 150, 80, 120), less)).isEmpty();
    assertThat(Weakness.of(photo("jpg", 149, 80, 120), less)).contains(Weakness.FEW_PIXELS);
  }

  @Test
  void a_photo_that_is_much_too_dark_has_less_than_eight_of_a_hundred_of_white() {
    assertThat(of(photo("jpg", 3000, 80, 0.08 * 255))).isEmpty();
    assertThat(of(photo("jpg", 3000, 80, 0.07 * 255))).contains(Weakness.DARK);
  }

  @Test
  void blur_is_said_before_the_others_and_a_print_without_a_file_has_none() {
    assertThat(of(photo("jpg", 100, 20, 10))).contains(Weakness.BLURRED);
    assertThat(of(photo(PhotoFile.NONE, 100, 20, 10))).isEmpty();
    AlbumPhoto onTable = photo("jpg", 100, 20, 10);
    assertThat(of(onTable.with(onTable.annotations().withOnTable(Size.ofInches(6, 4))))).isEmpty();
  }
}
