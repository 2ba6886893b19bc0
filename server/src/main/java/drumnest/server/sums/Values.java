package drumnest.server.sums;

import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.measure.LengthFormatException;
import drumnest.core.measure.Size;
import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Pixels;
import drumnest.server.FieldProblemException;
import drumnest.server.PlainText;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/**
 * The values of one JSON object, read strictly: a missing value, one out of range, one of the wrong
 * kind and a field that nobody knows are all refused with the path of the field and what is
 * accepted.
 */
final class Values {

  private static final Length LONGEST = Length.ofInches(100);
  private static final int MOST_DIGITS = 40;

  /** The most things a list may have. */
  private static final int MOST_THINGS = 10_000;

  private final JsonNode object;
  private final String path;

  private Values(JsonNode object, String path) {
    this.object = object;
    this.path = path;
  }

  /**
   * @param fields the fields that are known; any other is refused
   */
  static Values of(JsonNode object, String path, String... fields) {
    if (!object.isObject()) {
      throw new FieldProblemException(
          path, path + " is an object with " + String.join(", ", fields) + ".");
    }
    Set<String> known = new HashSet<>(Arrays.asList(fields));
    for (String name : object.propertyNames()) {
      if (!known.contains(name)) {
        String unknown = join(path, shortened(name));
        throw new FieldProblemException(
            unknown, unknown + " is not known here; known are " + String.join(", ", fields) + ".");
      }
    }
    return new Values(object, path);
  }

  private static String join(String path, String name) {
    return path.isEmpty() ? name : path + "." + name;
  }

  private static String shortened(String text) {
    return text.length() <= MOST_DIGITS ? text : PlainText.beginning(text, MOST_DIGITS) + "…";
  }

  /** Whether the field is given; null counts as not given. */
  boolean has(String name) {
    return object.hasNonNull(name);
  }

  private JsonNode need(String name, String accepted) {
    JsonNode value = object.get(name);
    if (value == null || value.isNull()) {
      throw problem(name, "is missing; accepted is " + accepted);
    }
    return value;
  }

  private FieldProblemException problem(String name, String what) {
    String field = join(path, name);
    return new FieldProblemException(field, field + " " + what + ".");
  }

  /** A length above 0 and at most 100 in. */
  Length length(String name) {
    Length length = anyLength(name);
    if (!length.isPositive() || length.isMoreThan(LONGEST)) {
      throw problem(name, "is out of range; accepted is a length above 0 and at most 100 in");
    }
    return length;
  }

  /** A length above 0 and at most 100 in, or what it is if none is given. */
  Length length(String name, Length defaultValue) {
    return has(name) ? length(name) : defaultValue;
  }

  /** A length of 0 to 100 in. */
  Length lengthOrNone(String name) {
    Length length = anyLength(name);
    if (length.isNegative() || length.isMoreThan(LONGEST)) {
      throw problem(name, "is out of range; accepted is a length from 0 to 100 in");
    }
    return length;
  }

  /** A length of 0 to 100 in, or what it is if none is given. */
  Length lengthOrNone(String name, Length defaultValue) {
    return has(name) ? lengthOrNone(name) : defaultValue;
  }

  /** A place at most 100 in away, to either side. */
  Length position(String name) {
    Length length = anyLength(name);
    if (length.abs().isMoreThan(LONGEST)) {
      throw problem(name, "is out of range; accepted is a position at most 100 in away");
    }
    return length;
  }

  /** A box at a position, with a size above 0. */
  Box box(String name) {
    return of(need(name, "a box {x, y, w, h}"), join(path, name), "x", "y", "w", "h").box();
  }

  /** This object as a box. */
  Box box() {
    return new Box(position("x"), position("y"), length("w"), length("h"));
  }

  /** A list of boxes, which may be empty. */
  List<Box> boxes(String name, int most) {
    String accepted = "a list of at most " + most + " boxes {x, y, w, h}";
    JsonNode value = need(name, accepted);
    if (!value.isArray() || value.size() > most) {
      throw problem(name, "is not accepted; accepted is " + accepted);
    }
    List<Box> boxes = new ArrayList<>();
    for (int i = 0; i < value.size(); i++) {
      String item = join(path, name) + "[" + i + "]";
      boxes.add(of(value.get(i), item, "x", "y", "w", "h").box());
    }
    return boxes;
  }

  /** A count of 1 to 10 000. */
  int count(String name) {
    return whole(name, 1, MOST_THINGS);
  }

  /** A number above 0 and at most 10 000. */
  double number(String name) {
    String accepted = "a number above 0 and at most " + MOST_THINGS;
    JsonNode value = need(name, accepted);
    if (!value.isNumber()) {
      throw problem(name, "is not a number; accepted is " + accepted);
    }
    BigDecimal number = value.decimalValue();
    if (number.signum() <= 0 || number.compareTo(BigDecimal.valueOf(MOST_THINGS)) > 0) {
      throw problem(name, "is out of range; accepted is " + accepted);
    }
    return number.doubleValue();
  }

  /** An object that has letters for fields, each read in its own way. */
  <T> Map<String, T> byLetter(String name, BiFunction<Values, String, T> read) {
    JsonNode value = need(name, "an object with letters for fields");
    String field = join(path, name);
    if (!value.isObject() || value.isEmpty()) {
      throw problem(name, "is not accepted; accepted is an object with letters for fields");
    }
    Values letters = new Values(value, field);
    Map<String, T> found = new LinkedHashMap<>();
    for (String letter : value.propertyNames()) {
      if (letter.codePointCount(0, letter.length()) != 1) {
        throw letters.problem(shortened(letter), "is not one letter");
      }
      found.put(letter, read.apply(letters, letter));
    }
    return found;
  }

  private Length anyLength(String name) {
    JsonNode value = need(name, "a length, as a number of inches or a text like 4 1/4 or 108 mm");
    if (value.isNumber()) {
      return Length.ofInches(bounded(name, value.decimalValue()));
    }
    if (value.isString()) {
      try {
        return Length.parse(value.stringValue());
      } catch (LengthFormatException e) {
        String field = join(path, name);
        throw new FieldProblemException(
            field, field + ": " + e.getMessage() + " " + LengthFormatException.accepted());
      }
    }
    throw problem(name, "is not a length; accepted is a number of inches or a text like 4 1/4");
  }

  /** A number that can be computed with: neither absurdly large nor absurdly fine. */
  private BigDecimal bounded(String name, BigDecimal number) {
    boolean tooLarge = (long) number.precision() - number.scale() > 10;
    if (tooLarge || number.scale() > MOST_DIGITS) {
      throw problem(name, "is out of range; accepted is a length above 0 and at most 100 in");
    }
    return number;
  }

  Size size(String name) {
    JsonNode value = need(name, "a size {w, h}");
    Values size = of(value, join(path, name), "w", "h");
    return new Size(size.length("w"), size.length("h"));
  }

  Pixels pixels(String name) {
    Values size = of(need(name, "a size in pixels {w, h}"), join(path, name), "w", "h");
    return new Pixels(
        size.whole("w", 1, Pixels.LONGEST_SIDE), size.whole("h", 1, Pixels.LONGEST_SIDE));
  }

  /** A keep box inside a picture of the given size, or null if none is given. */
  @Nullable PixelBox keep(String name, Pixels picture) {
    if (!has(name)) {
      return null;
    }
    String field = join(path, name);
    Values box = of(object.get(name), field, "x", "y", "w", "h");
    PixelBox keep =
        new PixelBox(
            box.whole("x", 0, Pixels.LONGEST_SIDE),
            box.whole("y", 0, Pixels.LONGEST_SIDE),
            box.whole("w", 1, Pixels.LONGEST_SIDE),
            box.whole("h", 1, Pixels.LONGEST_SIDE));
    if (!keep.isInside(picture)) {
      throw new FieldProblemException(
          field,
          field
              + " reaches outside the picture; accepted is a box inside "
              + picture.w()
              + " × "
              + picture.h()
              + " pixels.");
    }
    return keep;
  }

  private int whole(String name, int least, int most) {
    String accepted = "a whole number from " + least + " to " + most;
    JsonNode value = need(name, accepted);
    if (!value.isNumber()) {
      throw problem(name, "is not a number; accepted is " + accepted);
    }
    BigDecimal number = value.decimalValue();
    if ((long) number.precision() - number.scale() > 10 || number.scale() > MOST_DIGITS) {
      throw problem(name, "is out of range; accepted is " + accepted);
    }
    try {
      BigInteger integer = number.toBigIntegerExact();
      if (integer.compareTo(BigInteger.valueOf(least)) >= 0
          && integer.compareTo(BigInteger.valueOf(most)) <= 0) {
        return integer.intValue();
      }
    } catch (ArithmeticException notWhole) {
      throw problem(name, "is not whole; accepted is " + accepted);
    }
    throw problem(name, "is out of range; accepted is " + accepted);
  }

  boolean flag(String name, boolean defaultValue) {
    if (!has(name)) {
      return defaultValue;
    }
    JsonNode value = object.get(name);
    if (!value.isBoolean()) {
      throw problem(name, "is not true or false");
    }
    return value.booleanValue();
  }

  /** A text that is not blank. */
  String text(String name) {
    JsonNode value = need(name, "a text");
    if (!value.isString() || value.stringValue().isBlank()) {
      throw problem(name, "is not a text; accepted is a text that is not empty");
    }
    return value.stringValue();
  }

  /** One of the choices; the first if none is given. */
  String choice(String name, String... choices) {
    if (!has(name)) {
      return choices[0];
    }
    JsonNode value = object.get(name);
    if (value.isString() && Arrays.asList(choices).contains(value.stringValue())) {
      return value.stringValue();
    }
    throw problem(name, "is not known; accepted is " + String.join(" or ", choices));
  }

  /** One of the choices, which must be given. */
  String oneOfChoices(String name, String... choices) {
    if (!has(name)) {
      throw problem(name, "is missing; accepted is " + String.join(" or ", choices));
    }
    return choice(name, choices);
  }

  /**
   * A list of 1 to 10 000 objects with ids of their own.
   *
   * @param id gives the id of what was read
   */
  <T> List<T> list(
      String name, Function<Values, T> read, Function<T, String> id, String... fields) {
    String accepted = "a list of 1 to " + MOST_THINGS + " objects";
    JsonNode value = need(name, accepted);
    if (!value.isArray() || value.isEmpty() || value.size() > MOST_THINGS) {
      throw problem(name, "is not accepted; accepted is " + accepted);
    }
    List<T> things = new ArrayList<>();
    Set<String> ids = new HashSet<>();
    for (int i = 0; i < value.size(); i++) {
      String item = join(path, name) + "[" + i + "]";
      T thing = read.apply(of(value.get(i), item, fields));
      if (!ids.add(id.apply(thing))) {
        throw new FieldProblemException(
            item + ".id", item + ".id “" + shortened(id.apply(thing)) + "” is given twice.");
      }
      things.add(thing);
    }
    return things;
  }

  /** Exactly one of two fields is given. */
  String oneOf(String one, String other) {
    if (has(one) == has(other)) {
      throw problem(one, "or " + other + ": exactly one of the two is given");
    }
    return has(one) ? one : other;
  }

  /** The whole value, as it is given. */
  JsonNode given(String name) {
    return object.get(name);
  }

  Values object(String name, String... fields) {
    return of(need(name, "an object"), join(path, name), fields);
  }

  /** The whole path of a field. */
  String field(String name) {
    return join(path, name);
  }

  FieldProblemException refuse(String name, String what) {
    return problem(name, what);
  }
}
