package drumnest.server.document;

import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.measure.Segment;
import drumnest.core.measure.Size;
import drumnest.server.document.FreeRoom.Rect;
import java.awt.Color;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.apache.pdfbox.pdmodel.PDPageContentStream;

/**
 * A side or a piece at true size, or the part of it that is in a window, with its words put so that
 * none lies over another or past its edge. Words that find no room are told below, by a letter.
 */
final class SheetDrawing {

  private static final float INCH = 72;
  private static final float SMALL = 7.5f;
  private static final float LARGEST = 14;
  private static final float SMALLEST = 6;

  /** In how many steps words are moved until there is room. */
  private static final int STEPS = 8;

  /** Where the handles of a curve lie that is a quarter circle, of its radius: 4(√2 − 1)/3. */
  private static final float QUARTER = 0.552_285f;

  private static final float[] DOTS = {1.5f, 2};
  private static final Color INK = new Color(0x10262c);
  private static final Color BLUE = new Color(0x3b4cc0);
  private static final Color QUIET = new Color(0x5a6f75);

  /** Words in their place. */
  private record Label(String words, Face face, float size, Color color, Rect at) {}

  private final PageTemplate.Sheet sheet;
  private final Face normal;
  private final Face heavy;
  private final Rect window;
  private final FreeRoom room;
  private final List<Label> labels = new ArrayList<>();
  private final List<String> key = new ArrayList<>();

  /** All of it. */
  static SheetDrawing whole(PageTemplate.Sheet sheet, Face normal, Face heavy) throws IOException {
    return new SheetDrawing(
        sheet, normal, heavy, new Rect(0, 0, points(sheet.size().w()), points(sheet.size().h())));
  }

  /**
   * @param window the part of it that is drawn; words may lie beside the piece there
   */
  SheetDrawing(PageTemplate.Sheet sheet, Face normal, Face heavy, Rect window) throws IOException {
    this.sheet = sheet;
    this.normal = normal;
    this.heavy = heavy;
    this.window = window;
    this.room = new FreeRoom(window);
    for (PageTemplate.Place place : sheet.places()) {
      label(place);
    }
    for (PageTemplate.Stroke line : sheet.lines()) {
      label(line);
    }
    for (PageTemplate.Hatching hatching : sheet.hatchings()) {
      label(hatching);
    }
  }

  /** Tells what found no room, a line for each. */
  List<String> key() {
    return key;
  }

  static float points(Length length) {
    return length.toNanometres() * INCH / Length.NANOMETRES_PER_INCH;
  }

  private static Rect rect(Box box) {
    return new Rect(points(box.x()), points(box.y()), points(box.w()), points(box.h()));
  }

  private void label(PageTemplate.Place place) throws IOException {
    Rect box = rect(place.box()).common(window);
    if (place.words().isEmpty() || box.w() == 0 || box.h() == 0) {
      return;
    }
    for (float size = Math.min(LARGEST, box.w() / 7); size >= SMALLEST; size -= 1) {
      float wide = heavy.width(size, place.words());
      Optional<Rect> at = room.take(within(box, wide, size * 1.2f));
      if (at.isPresent()) {
        labels.add(new Label(place.words(), heavy, size, QUIET, at.get()));
        return;
      }
    }
    byLetter(place.words(), QUIET, within(box, SMALL, SMALL * 1.2f));
  }

  private void label(PageTemplate.Stroke line) throws IOException {
    Rect along = along(line);
    if (!line.words().isEmpty() && along.overlaps(window)) {
      label(
          line.words(),
          BLUE,
          beside(line, along, normal.width(SMALL, line.words())),
          beside(line, along, SMALL));
    }
  }

  private void label(PageTemplate.Hatching hatching) throws IOException {
    Rect box = rect(hatching.box()).common(window);
    if (!hatching.words().isEmpty() && box.w() > 0 && box.h() > 0) {
      float high = SMALL * 1.2f;
      label(
          hatching.words(),
          QUIET,
          within(box, normal.width(SMALL, hatching.words()), high),
          within(box, SMALL, high));
    }
  }

  private void label(String words, Color color, List<Rect> places, List<Rect> letters) {
    Optional<Rect> at = room.take(places);
    if (at.isPresent()) {
      labels.add(new Label(words, normal, SMALL, color, at.get()));
    } else {
      byLetter(words, color, letters);
    }
  }

  private void byLetter(String words, Color color, List<Rect> places) {
    String letter = String.valueOf((char) ('a' + key.size()));
    Optional<Rect> at = room.take(places);
    at.ifPresent(rect -> labels.add(new Label(letter, normal, SMALL, color, rect)));
    key.add(at.isPresent() ? letter + ": " + words : words);
  }

  /** A line as a rectangle that is as thin as a hair. */
  private static Rect along(PageTemplate.Stroke line) {
    float x = points(line.line().x());
    float y = points(line.line().y());
    return new Rect(
        x,
        y,
        Math.max(0.1f, points(line.line().endX()) - x),
        Math.max(0.1f, points(line.line().endY()) - y));
  }

  /** The middle of a box, and then other places in it. */
  private static List<Rect> within(Rect box, float wide, float high) {
    List<Rect> places = new ArrayList<>();
    for (int down = 0; down <= STEPS; down++) {
      for (int across = 0; across <= STEPS; across++) {
        float x = box.x() + (box.w() - wide) * share(across);
        float y = box.y() + (box.h() - high) * share(down);
        Rect place = new Rect(x, y, wide, high);
        if (place.isIn(box)) {
          places.add(place);
        }
      }
    }
    return places;
  }

  /** The middle first, then to either side of it. */
  private static float share(int step) {
    float off = (step + 1) / 2 / (float) STEPS;
    return step % 2 == 0 ? 0.5f - off : 0.5f + off;
  }

  /** Along a line on both of its sides. */
  private List<Rect> beside(PageTemplate.Stroke line, Rect along, float wide) {
    float high = SMALL * 1.2f;
    boolean level = line.line().level();
    Rect seen = along.common(window);
    List<Rect> places = new ArrayList<>();
    for (int step = 0; step <= STEPS; step++) {
      float share = step / (float) STEPS;
      for (int side = 0; side < 2; side++) {
        float off = side == 0 ? 2 : -2 - (level ? high : wide);
        places.add(
            level
                ? new Rect(
                    seen.x() + 2 + (seen.w() - wide - 4) * share, along.y() + off, wide, high)
                : new Rect(
                    along.x() + off, seen.y() + 2 + (seen.h() - high - 4) * share, wide, high));
      }
    }
    return places;
  }

  /**
   * Draws it.
   *
   * @param x where its left edge comes to lie
   * @param top where its upper edge does, above which nothing is drawn
   */
  void draw(PDPageContentStream out, float x, float top) throws IOException {
    out.saveGraphicsState();
    for (PageTemplate.Hatching hatching : sheet.hatchings()) {
      hatch(out, hatching, x, top);
    }
    out.setLineDashPattern(new float[0], 0);
    out.setStrokingColor(INK);
    out.setLineWidth(1);
    for (Segment edge : sheet.outline()) {
      line(
          out,
          x + points(edge.x()),
          top - points(edge.y()),
          x + points(edge.endX()),
          top - points(edge.endY()));
    }
    for (PageTemplate.Stroke line : sheet.lines()) {
      draw(out, line, x, top);
    }
    out.setLineDashPattern(new float[0], 0);
    out.setStrokingColor(INK);
    out.setLineWidth(0.5f);
    for (PageTemplate.Place place : sheet.places()) {
      Rect box = rect(place.box());
      Size corner = place.outline().corner(place.box().size());
      outline(
          out,
          x + box.x(),
          top - box.y() - box.h(),
          box.w(),
          box.h(),
          points(corner.w()),
          points(corner.h()));
    }
    for (PageTemplate.Hole hole : sheet.holes()) {
      float r = points(hole.wide()) / 2;
      outline(out, x + points(hole.x()) - r, top - points(hole.y()) - r, 2 * r, 2 * r, r, r);
    }
    out.restoreGraphicsState();
    for (Label label : labels) {
      write(out, label, x, top);
    }
  }

  private static void write(PDPageContentStream out, Label label, float x, float top)
      throws IOException {
    Rect at = label.at();
    out.setNonStrokingColor(Color.WHITE);
    out.addRect(x + at.x() - 1, top - at.y() - at.h(), at.w() + 2, at.h());
    out.fill();
    float base = top - at.y() - at.h() + label.size() * 0.28f;
    label.face().write(out, label.size(), label.color(), x + at.x(), base, label.words());
  }

  private static void draw(PDPageContentStream out, PageTemplate.Stroke each, float x, float top)
      throws IOException {
    out.setStrokingColor(each.style() == PageTemplate.Style.CUT ? INK : BLUE);
    out.setLineWidth(0.8f);
    out.setLineDashPattern(dashes(each.style()), 0);
    line(
        out,
        x + points(each.line().x()),
        top - points(each.line().y()),
        x + points(each.line().endX()),
        top - points(each.line().endY()));
  }

  private static float[] dashes(PageTemplate.Style style) {
    return switch (style) {
      case CUT -> new float[0];
      case VALLEY -> new float[] {6, 3};
      case MOUNTAIN -> new float[] {8, 3, 1.5f, 3};
      case SCORE -> DOTS;
    };
  }

  private static void hatch(
      PDPageContentStream out, PageTemplate.Hatching hatching, float x, float top)
      throws IOException {
    Rect box = rect(hatching.box());
    float left = x + box.x();
    float below = top - box.y() - box.h();
    out.setStrokingColor(QUIET);
    out.setLineWidth(0.4f);
    out.setLineDashPattern(hatching.dotted() ? DOTS : new float[0], 0);
    out.saveGraphicsState();
    out.addRect(left, below, box.w(), box.h());
    out.clip();
    for (float at = left - box.h(); at < left + box.w(); at += 7) {
      line(out, at, below, at + box.h(), below + box.h());
    }
    out.restoreGraphicsState();
    out.addRect(left, below, box.w(), box.h());
    out.stroke();
  }

  /** A rectangle with its corners cut off, a quarter of an ellipse each. */
  private static void outline(
      PDPageContentStream out, float x, float y, float w, float h, float across, float down)
      throws IOException {
    float a = across * (1 - QUARTER);
    float d = down * (1 - QUARTER);
    float right = x + w;
    float top = y + h;
    out.moveTo(x + across, y);
    out.lineTo(right - across, y);
    out.curveTo(right - a, y, right, y + d, right, y + down);
    out.lineTo(right, top - down);
    out.curveTo(right, top - d, right - a, top, right - across, top);
    out.lineTo(x + across, top);
    out.curveTo(x + a, top, x, top - d, x, top - down);
    out.lineTo(x, y + down);
    out.curveTo(x, y + d, x + a, y, x + across, y);
    out.closeAndStroke();
  }

  private static void line(PDPageContentStream out, float x, float y, float toX, float toY)
      throws IOException {
    out.moveTo(x, y);
    out.lineTo(toX, toY);
    out.stroke();
  }
}
