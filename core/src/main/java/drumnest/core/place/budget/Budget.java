package drumnest.core.place.budget;

import drumnest.core.measure.Orientation;
import drumnest.core.measure.Size;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Kept pictures against places, chapter by chapter and shape by shape.
 *
 * <p>Pages are read in order and chapters follow each other, so each chapter has a run of pages.
 * The runs are chosen so that the shortfalls of the chapters, each against what it keeps, are
 * spread as evenly as whole pages allow; a page that already holds pictures stays with their
 * chapter where it can. Method: dynamic programming over chapters and pages; common practice, no
 * source. Time: chapters × pages squared.
 */
public final class Budget {

  /**
   * The needs of a chapter.
   *
   * @param id its identity
   * @param kept the shapes of the pictures that are kept and not yet printed
   * @param prints the prints on the table that are kept, as they are seen upright
   * @param undecided how many more may yet be kept; pages are shared out for them too
   */
  public record Need(String id, List<Orientation> kept, List<Size> prints, int undecided) {
    public Need {
      kept = List.copyOf(kept);
      prints = List.copyOf(prints);
    }

    int count() {
      return kept.size() + prints.size();
    }

    int expected() {
      return count() + undecided;
    }
  }

  /**
   * The places that a page offers.
   *
   * @param id its identity
   * @param places the sizes of the prints that its places take
   * @param held how many of its places hold a picture of each chapter, by the chapter's identity
   */
  public record Page(String id, List<Size> places, Map<String, Integer> held) {
    public Page {
      places = List.copyOf(places);
      held = Map.copyOf(held);
    }
  }

  /**
   * The state of a chapter.
   *
   * @param pages the pages it has, in order
   * @param kept how many pictures and prints are kept
   * @param places how many places there are
   * @param shapes kept pictures and places by shape
   * @param tooMany how many more are kept than there are places
   * @param prints how many prints on the table are kept
   * @param printsTooLarge how many of them find no place that takes them whole
   */
  public record Share(
      String id,
      List<String> pages,
      int kept,
      int places,
      Map<Orientation, Shape> shapes,
      int tooMany,
      int prints,
      int printsTooLarge) {

    /** How many places wait for a picture. */
    public int free() {
      return Math.max(0, places - kept);
    }
  }

  /** Kept pictures of a shape, prints on the table among them, against places of that shape. */
  public record Shape(int kept, int places) {
    /** How many more are kept than there are places of this shape. */
    public int tooMany() {
      return Math.max(0, kept - places);
    }

    /** How many places of this shape are too few, the same seen from the other side. */
    public int tooFewPictures() {
      return Math.max(0, places - kept);
    }
  }

  private static final double SHORT = 1000;
  private static final double FOREIGN = 50;

  private final List<Need> needs;
  private final List<Page> rooms;
  private final int[] placesBefore;

  /** By the pages: how many places hold a picture, of whatever chapter. */
  private final int[] held;

  private Budget(List<Need> needs, List<Page> rooms) {
    this.needs = needs;
    this.rooms = rooms;
    this.placesBefore = new int[rooms.size() + 1];
    this.held = new int[rooms.size()];
    for (int i = 0; i < rooms.size(); i++) {
      placesBefore[i + 1] = placesBefore[i] + rooms.get(i).places().size();
      for (int each : rooms.get(i).held().values()) {
        held[i] += each;
      }
    }
  }

  /**
   * The budget of all chapters, in their order.
   *
   * @param needs the chapters in story order
   * @param rooms the pages in reading order; those without places for pictures are passed over
   */
  public static List<Share> of(List<Need> needs, List<Page> rooms) {
    if (needs.isEmpty()) {
      return List.of();
    }
    List<Page> withPlaces = rooms.stream().filter(room -> !room.places().isEmpty()).toList();
    return new Budget(needs, withPlaces).lines();
  }

  private List<Share> lines() {
    int[] ends = ends();
    List<Share> lines = new ArrayList<>();
    int from = 0;
    for (int chapter = 0; chapter < needs.size(); chapter++) {
      lines.add(line(needs.get(chapter), rooms.subList(from, ends[chapter])));
      from = ends[chapter];
    }
    return lines;
  }

  /** For each chapter the page after its last. */
  private int[] ends() {
    int pages = rooms.size();
    double[] best = new double[pages + 1];
    Arrays.fill(best, Double.POSITIVE_INFINITY);
    best[0] = 0;
    int[][] origin = new int[needs.size()][pages + 1];
    for (int chapter = 0; chapter < needs.size(); chapter++) {
      double[] next = new double[pages + 1];
      int[] foreignBefore = foreignBefore(needs.get(chapter).id());
      int expected = needs.get(chapter).expected();
      double[] imbalance = new double[placesBefore[pages] + 1];
      for (int places = 0; places < imbalance.length; places++) {
        imbalance[places] = imbalance(expected, places);
      }
      double[] leastBefore = best.clone();
      for (int page = 1; page <= pages; page++) {
        leastBefore[page] = Math.min(leastBefore[page - 1], best[page]);
      }
      for (int end = 0; end <= pages; end++) {
        double least = Double.POSITIVE_INFINITY;
        int first = 0;
        for (int from = end; from >= 0; from--) {
          int places = placesBefore[end] - placesBefore[from];
          double own = imbalance[places] + FOREIGN * (foreignBefore[end] - foreignBefore[from]);
          if (best[from] + own <= least) {
            least = best[from] + own;
            first = from;
          }
          // Once it has places enough, more pages only make a chapter worse.
          if (places >= expected && leastBefore[from] + own > least) {
            break;
          }
        }
        next[end] = least;
        origin[chapter][end] = first;
      }
      best = next;
    }
    int[] ends = new int[needs.size()];
    int end = pages;
    for (int chapter = needs.size() - 1; chapter >= 0; chapter--) {
      ends[chapter] = end;
      end = origin[chapter][end];
    }
    return ends;
  }

  /** Before each page, how many places hold pictures of other chapters. */
  private int[] foreignBefore(String chapter) {
    int[] before = new int[rooms.size() + 1];
    for (int i = 0; i < rooms.size(); i++) {
      int foreign = held[i] - rooms.get(i).held().getOrDefault(chapter, 0);
      before[i + 1] = before[i] + foreign;
    }
    return before;
  }

  /** Squared, so that a shortfall is shared; against what is kept, so that it is shared fairly. */
  private static double imbalance(int kept, int places) {
    double off = places - kept;
    double weight = off < 0 ? SHORT : 1;
    return weight * off * off / Math.max(1, kept);
  }

  private static Share line(Need need, List<Page> pages) {
    List<Size> places = pages.stream().flatMap(page -> page.places().stream()).toList();
    Map<Orientation, Shape> shapes = new EnumMap<>(Orientation.class);
    for (Orientation shape : Orientation.values()) {
      int kept =
          (int) need.kept().stream().filter(each -> each == shape).count()
              + (int) need.prints().stream().filter(each -> shapeOf(each) == shape).count();
      int fitting = (int) places.stream().filter(each -> shapeOf(each) == shape).count();
      shapes.put(shape, new Shape(kept, fitting));
    }
    return new Share(
        need.id(),
        pages.stream().map(Page::id).toList(),
        need.count(),
        places.size(),
        shapes,
        Math.max(0, need.count() - places.size()),
        need.prints().size(),
        tooLarge(need.prints(), places));
  }

  private static Orientation shapeOf(Size size) {
    return Orientation.of(size.w().toNanometres(), size.h().toNanometres());
  }

  /** How many prints find no place that takes them whole: the largest choose first. */
  private static int tooLarge(List<Size> prints, List<Size> places) {
    List<Size> free = new ArrayList<>(places);
    free.sort(Comparator.comparingDouble(Budget::area));
    int without = 0;
    for (Size print :
        prints.stream().sorted(Comparator.comparingDouble(Budget::area).reversed()).toList()) {
      @Nullable Size place =
          free.stream()
              .filter(each -> !print.w().isMoreThan(each.w()) && !print.h().isMoreThan(each.h()))
              .findFirst()
              .orElse(null);
      if (place == null) {
        without++;
      } else {
        free.remove(place);
      }
    }
    return without;
  }

  private static double area(Size size) {
    return (double) size.w().toNanometres() * size.h().toNanometres();
  }
}
