package drumnest.core.album.leaf;

import drumnest.core.fit.Grid;
import drumnest.core.fit.Joined;
import drumnest.core.fit.MixedBlock;
import drumnest.core.fit.Outline;
import drumnest.core.fit.Row;
import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.stock.HouseRules;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Places blocks of mounts on a plain page by measure: every mount gets absolute marks, counted from
 * the edges of the paper, so that no error adds up from piece to piece. Source: arithmetic; the
 * order of sticking is common practice, no source.
 *
 * <p>Refused are blocks that leave the paper, cover the holes of a punched page or each other, and
 * rows without room for a piece.
 */
public final class PageMeasure {

  private final Size page;
  private final Box usable;
  private final HouseRules rules;

  /**
   * @param page the paper
   * @param usable what of it may be covered: all, but for the holes
   */
  public PageMeasure(Size page, Box usable, HouseRules rules) {
    this.page = page;
    this.usable = usable;
    this.rules = rules;
  }

  /** The part of a face that may be covered, as it is seen on its side. */
  public static Box usable(Leaf leaf, Side side) {
    Length free = leaf.type().keepFree();
    Length x = side == Side.FRONT ? free : Length.ZERO;
    return new Box(x, Length.ZERO, leaf.size().w().minus(free), leaf.size().h());
  }

  /**
   * The plan that the blocks make.
   *
   * @throws PlanProblemException if they do not come out
   */
  public PagePlan plan(List<Block> blocks) {
    Map<Integer, Box> placed = new LinkedHashMap<>();
    List<Mount> mounts = new ArrayList<>();
    for (Block block : blocks) {
      if (placed.containsKey(block.key())) {
        throw new PlanProblemException(block.key(), "key", "Two blocks have one number.");
      }
      Whole whole = whole(block);
      Box at = place(block, whole.size(), placed);
      placed.put(block.key(), at);
      for (Piece piece : whole.pieces()) {
        Box box = piece.box().moved(at.x(), at.y());
        requireRoom(block, box, mounts);
        requireMat(block, box);
        requireCorners(block, box);
        mounts.add(
            new Mount(
                block.key(),
                piece.index(),
                box,
                block.outline(),
                block.mat(),
                block.holds(),
                piece.order()));
      }
    }
    return new PagePlan(blocks, mounts);
  }

  /**
   * A piece, counted from the outer corner of its block.
   *
   * @param index its number there, which stays when others are joined
   */
  private record Piece(int index, Box box, int order) {}

  /** A block as it is hung: its pieces, and its size with its border or its gaps outside. */
  private record Whole(List<Piece> pieces, Size size) {}

  private void requireRoom(Block block, Box box, List<Mount> before) {
    if (!usable.contains(box)) {
      if (Box.of(page).contains(box)) {
        throw new PlanProblemException(
            block.key(),
            "anchor",
            "Block " + block.key() + " would cover the holes; keep them free.");
      }
      throw pastThePaper(block, box);
    }
    for (Mount other : before) {
      if (other.box().overlaps(box)) {
        throw new PlanProblemException(
            block.key(),
            "anchor",
            other.block() == block.key()
                ? "The pieces of block " + block.key() + " would lie on each other."
                : "Block " + block.key() + " would lie on block " + other.block() + ".");
      }
    }
  }

  private static void requireMat(Block block, Box box) {
    if (!box.inset(block.mat()).size().tighter().isPositive()) {
      throw new PlanProblemException(
          block.key(), "mat", "The mat of block " + block.key() + " leaves nothing to see.");
    }
  }

  private static void requireCorners(Block block, Box box) {
    Length most = box.size().tighter().dividedBy(2);
    if (block.outline() instanceof Outline.Rounded rounded && rounded.radius().isMoreThan(most)) {
      throw new PlanProblemException(
          block.key(),
          "outline.radius",
          "The corners of block " + block.key() + " can be rounded at most",
          most);
    }
  }

  /** Names the edge that a piece reaches past furthest. */
  private PlanProblemException pastThePaper(Block block, Box box) {
    Map<String, Length> past = new LinkedHashMap<>();
    past.put("left", Length.ZERO.minus(box.x()));
    past.put("right", box.right().minus(page.w()));
    past.put("top", Length.ZERO.minus(box.y()));
    past.put("lower", box.bottom().minus(page.h()));
    Map.Entry<String, Length> furthest =
        Collections.max(past.entrySet(), Map.Entry.comparingByValue());
    return new PlanProblemException(
        block.key(),
        "anchor",
        "Block "
            + block.key()
            + " would reach past the "
            + furthest.getKey()
            + " edge of the paper",
        furthest.getValue());
  }

  private Box place(Block block, Size size, Map<Integer, Box> placed) {
    return block
        .anchor()
        .accept(
            new Anchor.Visitor<>() {
              @Override
              public Box onPage(Anchor.OnPage on) {
                return Box.of(
                    along(on.across(), on.dx(), page.w(), size.w()),
                    along(on.down(), on.dy(), page.h(), size.h()),
                    size);
              }

              @Override
              public Box ofBlock(Anchor.OfBlock of) {
                return beside(block, of, size, placed);
              }
            });
  }

  private Box beside(Block block, Anchor.OfBlock of, Size size, Map<Integer, Box> placed) {
    Box other = placed.get(of.block());
    if (other == null) {
      throw new PlanProblemException(
          block.key(),
          "anchor",
          "There is no block " + of.block() + " before block " + block.key() + ".");
    }
    return switch (of.beside()) {
      case BELOW ->
          Box.of(aligned(of, other.x(), other.w(), size.w()), other.bottom().plus(of.gap()), size);
      case ABOVE ->
          Box.of(
              aligned(of, other.x(), other.w(), size.w()),
              other.y().minus(of.gap()).minus(size.h()),
              size);
      case RIGHT_OF ->
          Box.of(other.right().plus(of.gap()), aligned(of, other.y(), other.h(), size.h()), size);
      case LEFT_OF ->
          Box.of(
              other.x().minus(of.gap()).minus(size.w()),
              aligned(of, other.y(), other.h(), size.h()),
              size);
    };
  }

  private static Length along(Anchor.Along along, Length by, Length whole, Length part) {
    return switch (along) {
      case START -> by;
      case MIDDLE -> whole.minus(part).dividedBy(2).plus(by);
      case END -> whole.minus(part).minus(by);
    };
  }

  private static Length aligned(Anchor.OfBlock of, Length start, Length whole, Length part) {
    return start.plus(along(of.align(), Length.ZERO, whole, part));
  }

  private Whole whole(Block block) {
    return block
        .shape()
        .accept(
            new Shape.Visitor<>() {
              @Override
              public Whole single(Shape.Single single) {
                Box piece = Box.of(single.size());
                return new Whole(List.of(new Piece(1, piece, 1)), single.size());
              }

              @Override
              public Whole row(Shape.InRow row) {
                return PageMeasure.this.row(block, row);
              }

              @Override
              public Whole grid(Shape.InGrid grid) {
                return PageMeasure.grid(block, grid);
              }

              @Override
              public Whole mixed(Shape.Mixed mixed) {
                return PageMeasure.this.mixed(block, mixed);
              }
            });
  }

  private Whole row(Block block, Shape.InRow shape) {
    Length gap = shape.gap() == null ? Length.ZERO : shape.gap();
    Row row =
        (shape.piece() == null
                ? Row.withGap(
                    shape.span(), shape.pieces(), gap, shape.outerGaps(), rules.trimmerIncrement())
                : Row.withPiece(
                    shape.span(),
                    shape.pieces(),
                    shape.piece(),
                    shape.outerGaps(),
                    rules.trimmerIncrement()))
            .orElseThrow(
                () ->
                    new PlanProblemException(
                        block.key(),
                        shape.piece() == null ? "gap" : "piece",
                        "Block "
                            + block.key()
                            + " is no row: "
                            + Row.whyNot(
                                shape.span(), shape.pieces(), shape.piece(), gap, shape.outerGaps())
                            + "."));
    Length other = shape.other() == null ? row.cut() : shape.other();
    List<Piece> pieces = new ArrayList<>();
    for (int i = 0; i < shape.pieces(); i++) {
      Length start = row.starts().get(i);
      pieces.add(
          new Piece(
              i + 1,
              shape.down()
                  ? new Box(Length.ZERO, start, other, row.cut())
                  : new Box(start, Length.ZERO, row.cut(), other),
              outerFirst(i, shape.pieces())));
    }
    Size size = new Size(shape.span(), other);
    return new Whole(pieces, shape.down() ? size.turned() : size);
  }

  /** The two outer ones first, then the rest from the left. */
  private static int outerFirst(int index, int count) {
    return index == 0 ? 1 : index == count - 1 ? 2 : index + 2;
  }

  private static Whole grid(Block block, Shape.InGrid shape) {
    requireApart(block, shape);
    Grid grid = new Grid(shape.columns(), shape.rows(), shape.cell(), shape.gap(), shape.border());
    List<Grid.Cell> cells = grid.cells(Length.ZERO, Length.ZERO);
    // Twice the distance from the middle, in cells, so that it is whole.
    Comparator<Grid.Cell> fromMiddle =
        Comparator.comparingInt(
            cell ->
                Math.abs(2 * cell.row() - shape.rows() + 1)
                    + Math.abs(2 * cell.column() - shape.columns() + 1));
    // A joined place is set where its cell nearest to the middle would be.
    Map<List<Integer>, Box> places = new LinkedHashMap<>();
    cells.stream()
        .sorted(fromMiddle)
        .forEach(
            cell ->
                places.merge(
                    joined(shape, cells.indexOf(cell) + 1),
                    Box.of(cell.x(), cell.y(), shape.cell()),
                    Box::around));
    List<List<Integer>> middleFirst = List.copyOf(places.keySet());
    List<Piece> pieces =
        middleFirst.stream()
            .sorted(Comparator.comparing(each -> each.get(0)))
            .map(each -> new Piece(each.get(0), places.get(each), middleFirst.indexOf(each) + 1))
            .toList();
    return new Whole(pieces, grid.size());
  }

  /** All cells that are one place with this one, itself among them. */
  private static List<Integer> joined(Shape.InGrid shape, int cell) {
    return Joined.of(cell, shape.joined(), shape.columns())
        .map(each -> each.cells(shape.columns()))
        .orElse(List.of(cell));
  }

  private static void requireApart(Block block, Shape.InGrid shape) {
    int count = shape.columns() * shape.rows();
    Set<Integer> taken = new HashSet<>();
    for (Joined each : shape.joined()) {
      String called = each.one() + "+" + each.other();
      for (int cell : List.of(each.one(), each.other())) {
        if (cell < 1 || cell > count) {
          throw new PlanProblemException(
              block.key(),
              "joined",
              called
                  + " cannot be joined in block "
                  + block.key()
                  + ": its cells are numbered from 1 to "
                  + count
                  + ", row by row.");
        }
      }
      if (!each.cells(shape.columns()).stream().allMatch(taken::add)) {
        throw new PlanProblemException(
            block.key(),
            "joined",
            called + " takes a cell of block " + block.key() + " that is joined already.");
      }
    }
  }

  private Whole mixed(Block block, Shape.Mixed shape) {
    MixedBlock solved =
        MixedBlock.of(shape.upright(), shape.wide(), shape.pieces(), shape.gap())
            .orElseThrow(
                () ->
                    new PlanProblemException(
                        block.key(),
                        "gap",
                        "There is no room under the wide one of block " + block.key() + "."));
    Length side = rules.trimmerIncrement().below(solved.side());
    Size exact =
        new Size(
            rules.trimmerIncrement().below(solved.oblong().w()),
            rules.trimmerIncrement().below(solved.oblong().h()));
    Size piece = shape.squares() ? new Size(side, side) : exact;
    if (!piece.tighter().isPositive()) {
      throw new PlanProblemException(
          block.key(), "gap", "The pieces of block " + block.key() + " are below one mark.");
    }
    Length wideX = shape.uprightRight() ? Length.ZERO : shape.upright().w().plus(shape.gap());
    Length uprightX = shape.uprightRight() ? shape.wide().w().plus(shape.gap()) : Length.ZERO;
    List<Piece> pieces = new ArrayList<>();
    pieces.add(new Piece(1, Box.of(uprightX, Length.ZERO, shape.upright()), 1));
    pieces.add(new Piece(2, Box.of(wideX, Length.ZERO, shape.wide()), 2));
    Length y = shape.wide().h().plus(shape.gap());
    Length left = shape.wide().w().minus(piece.w().times(shape.pieces()));
    for (int i = 0; i < shape.pieces(); i++) {
      Length before = shape.pieces() == 1 ? Length.ZERO : left.times(i, shape.pieces() - 1L);
      pieces.add(
          new Piece(
              3 + i,
              Box.of(wideX.plus(piece.w().times(i)).plus(before), y, piece),
              2 + outerFirst(i, shape.pieces())));
    }
    Size size =
        new Size(
            shape.upright().w().plus(shape.gap()).plus(shape.wide().w()),
            shape.upright().h().max(y.plus(piece.h())));
    return new Whole(pieces, size);
  }
}
