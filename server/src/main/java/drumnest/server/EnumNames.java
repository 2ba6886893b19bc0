package drumnest.server;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/**
 * Names the constants of an enumeration as they are called wherever the page or a script meets
 * them: in lower case, with hyphens, such as {@code too-big}.
 */
public final class EnumNames {

  private EnumNames() {}

  public static String of(Enum<?> constant) {
    return of(constant.name());
  }

  private static String of(String name) {
    return name.toLowerCase(Locale.ROOT).replace('_', '-');
  }

  /** The names of all constants, in their order. */
  public static List<String> all(Class<?> type) {
    return Arrays.stream(type.getEnumConstants()).map(each -> of((Enum<?>) each)).toList();
  }

  /** Tells what to say of a name that no constant has. */
  public static String refusal(Class<?> type, String name) {
    return "“"
        + PlainText.beginning(name, 40)
        + "” is unknown; accepted here: "
        + String.join(", ", all(type))
        + ".";
  }
}
