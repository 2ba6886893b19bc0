package drumnest.server;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.exc.InvalidTypeIdException;

/** The answer to JSON that is none of the kinds there are. */
public final class UnknownKind {

  private UnknownKind() {}

  /** The field that names the kind, and which are accepted. */
  public static FieldProblemException of(InvalidTypeIdException e) {
    Class<?> base = e.getBaseType().getRawClass();
    String accepted =
        Arrays.stream(base.getAnnotation(JsonSubTypes.class).value())
            .map(JsonSubTypes.Type::name)
            .collect(Collectors.joining(", "));
    String path = path(e.getPath());
    return new FieldProblemException(
        (path.isEmpty() ? "" : path + ".") + base.getAnnotation(JsonTypeInfo.class).property(),
        "Accepted here: " + accepted + ".");
  }

  /** Where in JSON something is, as a field's name is written: {@code entries[3].w}. */
  public static String path(List<JacksonException.Reference> path) {
    return path.stream()
        .map(
            step ->
                step.getPropertyName() == null
                    ? "[" + step.getIndex() + "]"
                    : step.getPropertyName())
        .collect(Collectors.joining("."))
        .replace(".[", "[");
  }
}
