package drumnest.server.stock;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import drumnest.core.measure.Length;
import drumnest.core.stock.Part;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A part of a protector that is ruled, as it is written. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
@JsonSubTypes({
  @JsonSubTypes.Type(value = PartRequest.WholePart.class, name = "whole"),
  @JsonSubTypes.Type(value = PartRequest.ShutPart.class, name = "shut"),
  @JsonSubTypes.Type(value = PartRequest.DividedPart.class, name = "divided"),
  @JsonSubTypes.Type(value = PartRequest.SharedPart.class, name = "shared")
})
public sealed interface PartRequest {

  int DEEPEST = 8;
  int MOST = 40;

  /**
   * @param lengths reads the measures, and knows the path to this part
   * @param depth how many parts this one lies in
   * @throws drumnest.server.FieldProblemException if a part of it is not understood
   */
  Part toPart(LengthReader lengths, int depth);

  /** One pocket. */
  record WholePart() implements PartRequest {
    @Override
    public Part toPart(LengthReader lengths, int depth) {
      return new Part.Whole();
    }
  }

  /** No pocket. */
  record ShutPart() implements PartRequest {
    @Override
    public Part toPart(LengthReader lengths, int depth) {
      return new Part.Shut();
    }
  }

  /**
   * Divided for prints.
   *
   * @param direction across or down
   * @param prints the measures along it
   * @param parts what each piece is in its turn
   */
  record DividedPart(
      @Nullable String direction,
      @Nullable List<@Nullable String> prints,
      @Nullable List<@Nullable PartRequest> parts)
      implements PartRequest {
    @Override
    public Part toPart(LengthReader lengths, int depth) {
      Part.Direction way = wayOf(lengths, direction);
      List<Part> pieces = piecesOf(lengths, parts, depth);
      if (prints == null || prints.size() != pieces.size()) {
        throw lengths.problem("prints", "There is one print for each piece.");
      }
      List<Length> measures = new ArrayList<>();
      for (int i = 0; i < prints.size(); i++) {
        measures.add(lengths.positive("prints[" + i + "]", prints.get(i)));
      }
      return new Part.Divided(way, measures, pieces);
    }
  }

  /**
   * Divided into equal pieces.
   *
   * @param direction across or down
   * @param parts what each piece is in its turn
   */
  record SharedPart(@Nullable String direction, @Nullable List<@Nullable PartRequest> parts)
      implements PartRequest {
    @Override
    public Part toPart(LengthReader lengths, int depth) {
      return new Part.Shared(wayOf(lengths, direction), piecesOf(lengths, parts, depth));
    }
  }

  /** A part as it is written. */
  static PartRequest of(Part part) {
    return part.accept(
        new Part.Visitor<>() {
          @Override
          public PartRequest whole(Part.Whole whole) {
            return new WholePart();
          }

          @Override
          public PartRequest shut(Part.Shut shut) {
            return new ShutPart();
          }

          @Override
          public PartRequest divided(Part.Divided divided) {
            return new DividedPart(
                written(divided.direction()),
                divided.prints().stream().map(UnitsInUse.current()::exact).toList(),
                divided.parts().stream().map(PartRequest::of).toList());
          }

          @Override
          public PartRequest shared(Part.Shared shared) {
            return new SharedPart(
                written(shared.direction()), shared.parts().stream().map(PartRequest::of).toList());
          }
        });
  }

  private static String written(Part.Direction direction) {
    return direction == Part.Direction.ACROSS ? "across" : "down";
  }

  private static Part.Direction wayOf(LengthReader lengths, @Nullable String written) {
    if ("across".equals(written)) {
      return Part.Direction.ACROSS;
    }
    if ("down".equals(written)) {
      return Part.Direction.DOWN;
    }
    throw lengths.problem("direction", "A part is divided across or down.");
  }

  private static List<Part> piecesOf(
      LengthReader lengths, @Nullable List<@Nullable PartRequest> written, int depth) {
    if (depth >= DEEPEST) {
      throw lengths.problem("parts", "Parts are divided at most " + DEEPEST + " times.");
    }
    if (written == null || written.isEmpty() || written.size() > MOST) {
      throw lengths.problem("parts", "A part is divided into 1 to " + MOST + " pieces.");
    }
    List<Part> pieces = new ArrayList<>();
    for (int i = 0; i < written.size(); i++) {
      String at = "parts[" + i + "]";
      PartRequest piece = written.get(i);
      if (piece == null) {
        throw lengths.problem(at, "A part is missing.");
      }
      pieces.add(piece.toPart(lengths.within(at), depth + 1));
    }
    return pieces;
  }
}
