package drumnest.server.leaves;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import drumnest.core.album.leaf.Shape;
import drumnest.core.fit.Joined;
import drumnest.core.measure.Length;
import drumnest.server.stock.LengthReader;
import drumnest.server.stock.UnitsInUse;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** The shape of a block as it is written. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
@JsonSubTypes({
  @JsonSubTypes.Type(value = ShapeRequest.Single.class, name = "single"),
  @JsonSubTypes.Type(value = ShapeRequest.Row.class, name = "row"),
  @JsonSubTypes.Type(value = ShapeRequest.Grid.class, name = "grid"),
  @JsonSubTypes.Type(value = ShapeRequest.Mixed.class, name = "mixed")
})
sealed interface ShapeRequest {

  /** More mounts than that no page holds. */
  int MOST = 400;

  /**
   * @throws drumnest.server.FieldProblemException if a part of it is not understood
   */
  Shape toShape(LengthReader lengths);

  /** One piece. */
  record Single(@Nullable String w, @Nullable String h) implements ShapeRequest {
    @Override
    public Shape toShape(LengthReader lengths) {
      return new Shape.Single(lengths.size("w", w, "h", h));
    }
  }

  /**
   * Pieces in a row.
   *
   * @param span the length of the row
   * @param gap between the pieces; left out where the piece is given
   * @param piece the length of a piece; left out where the gap is given
   * @param other the measure of a piece across the row; left out for squares
   * @param outerGaps whether there are gaps outside too
   * @param down whether the row goes down
   */
  record Row(
      @Nullable Integer pieces,
      @Nullable String span,
      @Nullable String gap,
      @Nullable String piece,
      @Nullable String other,
      @Nullable Boolean outerGaps,
      @Nullable Boolean down)
      implements ShapeRequest {
    @Override
    public Shape toShape(LengthReader lengths) {
      Length each = lengths.nullIfBlank("piece", piece);
      return new Shape.InRow(
          Boolean.TRUE.equals(down),
          count(lengths, "pieces", pieces),
          lengths.positive("span", span),
          each == null ? lengths.zeroIfBlank("gap", gap) : null,
          each,
          Boolean.TRUE.equals(outerGaps),
          lengths.nullIfBlank("other", other));
    }
  }

  /**
   * Cells in columns and rows.
   *
   * @param w the width of a cell
   * @param h its height
   * @param gap between the cells
   * @param border around all of them
   * @param joined the cells that are made one, such as {@code 1+2, 4+8}: of each place the two in
   *     opposite corners, numbered from 1, row by row
   */
  record Grid(
      @Nullable Integer columns,
      @Nullable Integer rows,
      @Nullable String w,
      @Nullable String h,
      @Nullable String gap,
      @Nullable String border,
      @Nullable String joined)
      implements ShapeRequest {

    private static final Pattern PAIR = Pattern.compile("(\\d{1,3})\\s*\\+\\s*(\\d{1,3})");

    @Override
    public Shape toShape(LengthReader lengths) {
      int across = count(lengths, "columns", columns);
      int downwards = count(lengths, "rows", rows);
      if (across * downwards > MOST) {
        throw lengths.problem("columns", "A grid has at most " + MOST + " cells.");
      }
      return new Shape.InGrid(
          across,
          downwards,
          lengths.size("w", w, "h", h),
          lengths.zeroIfBlank("gap", gap),
          lengths.zeroIfBlank("border", border),
          pairs(lengths));
    }

    private List<Joined> pairs(LengthReader lengths) {
      List<Joined> pairs = new ArrayList<>();
      for (String each : joined == null || joined.isBlank() ? List.<String>of() : split()) {
        Matcher pair = PAIR.matcher(each.strip());
        if (!pair.matches()) {
          throw lengths.problem(
              "joined",
              "Joined cells are written as “1+2, 4+8”: of each place the cells in two opposite"
                  + " corners, numbered from 1, row by row.");
        }
        pairs.add(new Joined(Integer.parseInt(pair.group(1)), Integer.parseInt(pair.group(2))));
      }
      return pairs;
    }

    private List<String> split() {
      return List.of(Objects.requireNonNull(joined).split("[,;]"));
    }

    private static String written(List<Joined> pairs) {
      return pairs.stream()
          .map(each -> each.one() + "+" + each.other())
          .collect(Collectors.joining(", "));
    }
  }

  /**
   * An upright one, a wide one beside it, and pieces under that.
   *
   * @param uprightW the width of the upright one
   * @param uprightH its height
   * @param w the width of the wide one
   * @param h its height
   * @param pieces how many lie under the wide one
   * @param gap between all of them
   * @param squares whether the pieces are squares
   * @param uprightRight whether the upright one stands at the right
   */
  record Mixed(
      @Nullable String uprightW,
      @Nullable String uprightH,
      @Nullable String w,
      @Nullable String h,
      @Nullable Integer pieces,
      @Nullable String gap,
      @Nullable Boolean squares,
      @Nullable Boolean uprightRight)
      implements ShapeRequest {
    @Override
    public Shape toShape(LengthReader lengths) {
      return new Shape.Mixed(
          lengths.size("uprightW", uprightW, "uprightH", uprightH),
          lengths.size("w", w, "h", h),
          count(lengths, "pieces", pieces),
          lengths.zeroIfBlank("gap", gap),
          Boolean.TRUE.equals(squares),
          Boolean.TRUE.equals(uprightRight));
    }
  }

  private static int count(LengthReader lengths, String field, @Nullable Integer count) {
    if (count == null || count < 1 || count > MOST) {
      throw lengths.problem(field, "A count is from 1 to " + MOST + ".");
    }
    return count;
  }

  static ShapeRequest of(Shape shape) {
    return shape.accept(
        new Shape.Visitor<>() {
          @Override
          public ShapeRequest single(Shape.Single single) {
            return new Single(text(single.size().w()), text(single.size().h()));
          }

          @Override
          public ShapeRequest row(Shape.InRow row) {
            return new Row(
                row.pieces(),
                text(row.span()),
                text(row.gap()),
                text(row.piece()),
                text(row.other()),
                row.outerGaps(),
                row.down());
          }

          @Override
          public ShapeRequest grid(Shape.InGrid grid) {
            return new Grid(
                grid.columns(),
                grid.rows(),
                text(grid.cell().w()),
                text(grid.cell().h()),
                text(grid.gap()),
                text(grid.border()),
                Grid.written(grid.joined()));
          }

          @Override
          public ShapeRequest mixed(Shape.Mixed mixed) {
            return new Mixed(
                text(mixed.upright().w()),
                text(mixed.upright().h()),
                text(mixed.wide().w()),
                text(mixed.wide().h()),
                mixed.pieces(),
                text(mixed.gap()),
                mixed.squares(),
                mixed.uprightRight());
          }
        });
  }

  private static @Nullable String text(@Nullable Length length) {
    return length == null ? null : UnitsInUse.current().exact(length);
  }
}
