package drumnest.server.sums;

import drumnest.core.fit.CropWindow;
import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.measure.Units;
import drumnest.core.photo.PixelBox;
import drumnest.server.stock.UnitsInUse;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** The values of an answer, as they are written. */
final class Answers {

  private Answers() {}

  /** An answer to be filled in; unlike a record it says null where there is no value. */
  static Map<String, @Nullable Object> open() {
    return new LinkedHashMap<>();
  }

  static Map<String, @Nullable Object> length(Length length) {
    Map<String, @Nullable Object> answer = open();
    answer.put("in", length.toInches());
    answer.put("mm", length.toMillimetres());
    answer.put("text", length.toString());
    answer.put("shown", UnitsInUse.text(length));
    answer.put("metric", Units.MILLIMETRES.text(length));
    return answer;
  }

  static @Nullable Map<String, @Nullable Object> size(@Nullable Size size) {
    if (size == null) {
      return null;
    }
    Map<String, @Nullable Object> answer = open();
    answer.put("w", length(size.w()));
    answer.put("h", length(size.h()));
    return answer;
  }

  static Map<String, @Nullable Object> box(Box box) {
    Map<String, @Nullable Object> answer = open();
    answer.put("x", length(box.x()));
    answer.put("y", length(box.y()));
    answer.put("w", length(box.w()));
    answer.put("h", length(box.h()));
    return answer;
  }

  static List<Map<String, @Nullable Object>> lengths(List<Length> lengths) {
    return lengths.stream().map(Answers::length).toList();
  }

  static Map<String, @Nullable Object> box(PixelBox box) {
    Map<String, @Nullable Object> answer = open();
    answer.put("x", box.x());
    answer.put("y", box.y());
    answer.put("w", box.w());
    answer.put("h", box.h());
    return answer;
  }

  /** Adds what there is to say of a crop; null throughout where there is none. */
  static void crop(Map<String, @Nullable Object> answer, @Nullable CropWindow window) {
    answer.put("crop", window == null ? null : box(window.crop()));
    answer.put("keptShare", window == null ? null : window.keptShare());
    answer.put("ppi", window == null ? null : window.ppi());
  }

  /** Words with lengths in the units in use. */
  static String said(String words, @Nullable Object... parts) {
    return String.format(Locale.ROOT, words, Arrays.stream(parts).map(Answers::shown).toArray());
  }

  private static @Nullable Object shown(@Nullable Object part) {
    return part instanceof Length length
        ? UnitsInUse.text(length)
        : part instanceof Size size ? UnitsInUse.text(size) : part;
  }

  static String key(Enum<?> value) {
    return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
  }
}
