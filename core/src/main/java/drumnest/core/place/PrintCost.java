package drumnest.core.place;

import drumnest.core.fit.CropWindow;
import drumnest.core.fit.FocusCut;
import drumnest.core.fit.Resolution;
import drumnest.core.fit.WholePrint;
import drumnest.core.measure.Orientation;
import drumnest.core.measure.Size;
import drumnest.core.place.PlacingCost.Part;
import drumnest.core.place.PlacingCost.Term;
import drumnest.core.stock.HouseRules;
import java.util.List;
import java.util.Optional;

/**
 * The cost of a picture in a print of the size of a place, wherever that is, in the unit of {@link
 * PlacingCost}.
 *
 * <p>For a file: the share of the picture that is cropped away, whether that cuts heads and how
 * much of the subject, what is seen that must not be, and what its resolution weighs; or, where a
 * head, the keep box or most of the subject would be cut, how small it is whole on a card, if that
 * is less. For a print on the table: the share of the print that is trimmed away plus the share of
 * the place that it leaves bare. Source: common practice, no source.
 */
public final class PrintCost {

  /** From where on the subject does not survive a crop. */
  private static final double MOST_OF_SUBJECT = 0.5;

  private PrintCost() {}

  /** Tells what depends on the picture and the size of the place alone. */
  static List<Part> of(Candidate photo, Place place, HouseRules rules, Weights weights) {
    Size onTable = photo.onTable();
    if (onTable != null) {
      double straight = lying(onTable, place.print());
      double best =
          place.mayTurn() ? Math.min(straight, lying(onTable.turned(), place.print())) : straight;
      return List.of(new Part(Term.CROP, PlacingCost.share(best, weights.crop())));
    }
    Optional<CropWindow> window = window(photo, place, rules);
    if (window.isEmpty()) {
      List<Part> no = List.of(new Part(Term.CROP, PlacingCost.FORBIDDEN));
      return cheaper(no, whole(photo, place, rules, weights));
    }
    CropWindow crop = window.get();
    FocusCut cut = crop.cut(photo.keep(), photo.focus());
    List<Part> filling = filling(photo, place, crop, cut, weights);
    return isBad(cut) ? cheaper(filling, whole(photo, place, rules, weights)) : filling;
  }

  private static List<Part> cheaper(List<Part> filling, List<Part> whole) {
    return sum(whole) < sum(filling) ? whole : filling;
  }

  /** Whether a head, the keep box or most of the subject is cut. */
  private static boolean isBad(FocusCut cut) {
    return cut.heads() > 0 || cut.subjectShare() > MOST_OF_SUBJECT;
  }

  static long sum(List<Part> parts) {
    return parts.stream()
        .mapToLong(Part::cost)
        .reduce(0, (a, b) -> Math.min(PlacingCost.FORBIDDEN, a + b));
  }

  /**
   * Whether a picture is shown small and whole in a place, on a card, rather than cropped to it: a
   * head, the keep box or most of the subject would be cut, and that would weigh more.
   */
  public static boolean showsWhole(Candidate photo, Place place, HouseRules rules) {
    return isWhole(of(photo, place, rules, Weights.of(rules)));
  }

  /** Whether it is shown whole, told from what it costs. */
  static boolean isWhole(List<Part> parts) {
    return parts.get(0).term() == Term.WHOLE;
  }

  /** Tells what it costs to show a picture whole on a card, where that can be done. */
  private static List<Part> whole(Candidate photo, Place place, HouseRules rules, Weights weights) {
    List<Part> no = List.of(new Part(Term.WHOLE, PlacingCost.FORBIDDEN));
    if (weights.whole() >= PlacingCost.FORBIDDEN) {
      return no;
    }
    return WholePrint.of(photo.pixels(), place.print(), place.outline(), false, rules)
        .map(
            window ->
                List.of(
                    new Part(
                        Term.WHOLE, PlacingCost.share(1 - shareOf(window, place), weights.whole())),
                    new Part(
                        Term.EXPOSED,
                        PlacingCost.share(
                            window.cut(photo.keep(), photo.focus()).exposedShare(),
                            weights.exposed())),
                    new Part(Term.RESOLUTION, resolution(window.resolution(), weights))))
        .orElse(no);
  }

  private static double shareOf(CropWindow window, Place place) {
    return (double) window.print().w().toNanometres()
        / place.print().w().toNanometres()
        * window.print().h().toNanometres()
        / place.print().h().toNanometres();
  }

  private static List<Part> filling(
      Candidate photo, Place place, CropWindow crop, FocusCut cut, Weights weights) {
    Orientation shown = photo.pixels().orientation();
    Orientation takes = place.shape();
    boolean wrongWay =
        !crop.turned()
            && shown != takes
            && shown != Orientation.SQUARE
            && takes != Orientation.SQUARE;
    return List.of(
        new Part(Term.CROP, PlacingCost.share(1 - crop.keptShare(), weights.crop())),
        new Part(Term.HEADS_CUT, headsCut(cut, weights)),
        new Part(Term.SUBJECT_CUT, PlacingCost.share(cut.subjectShare(), weights.subjectCut())),
        new Part(Term.EXPOSED, PlacingCost.share(cut.exposedShare(), weights.exposed())),
        new Part(Term.RESOLUTION, resolution(crop.resolution(), weights)),
        new Part(Term.WRONG_WAY, wrongWay ? weights.wrongWay() : 0));
  }

  /** The crop window that the cost of a file is taken from. */
  public static Optional<CropWindow> window(Candidate photo, Place place, HouseRules rules) {
    return place.mayTurn()
        ? CropWindow.ofEitherTurn(
            photo.pixels(), place.print(), place.outline(), photo.keep(), photo.focus(), rules)
        : CropWindow.of(
            photo.pixels(),
            place.print(),
            place.outline(),
            photo.keep(),
            photo.focus(),
            false,
            rules);
  }

  /** One head that is cut weighs at least half of what all of them weigh. */
  private static long headsCut(FocusCut cut, Weights weights) {
    return cut.heads() == 0 ? 0 : PlacingCost.share((1 + cut.headShare()) / 2, weights.headsCut());
  }

  private static double lying(Size print, Size place) {
    double seen =
        overlap(print.w().toNanometres(), place.w().toNanometres())
            * overlap(print.h().toNanometres(), place.h().toNanometres());
    double covered =
        overlap(place.w().toNanometres(), print.w().toNanometres())
            * overlap(place.h().toNanometres(), print.h().toNanometres());
    return 1 - seen + (1 - covered);
  }

  /** The share of {@code length} that is inside {@code limit}. */
  private static double overlap(long length, long limit) {
    return (double) Math.min(length, limit) / length;
  }

  private static long resolution(Resolution resolution, Weights weights) {
    return switch (resolution) {
      case FINE -> 0;
      case GOOD -> weights.good();
      case SOFT -> weights.soft();
      case POOR -> weights.poor();
    };
  }
}
