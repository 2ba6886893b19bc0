package drumnest.core.place;

import drumnest.core.album.AlbumModel;
import drumnest.core.fit.Outline;
import drumnest.core.measure.Size;
import drumnest.core.photo.Focus;
import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Pixels;
import drumnest.core.stock.HouseRules;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;

/**
 * The costs of pictures in prints by {@link PrintCost}, worked out once for each picture and each
 * print: an album has thousands of pictures, few of which are alike once their subjects are known,
 * and a handful of prints. It may be asked by several threads at a time.
 */
public final class PrintCostCache {

  /** As many pictures as that are remembered; then it forgets all and begins again. */
  private static final int MOST = 20_000;

  /** All of a picture that its cost in a print depends on. */
  private record Shape(
      Pixels pixels, @Nullable PixelBox keep, Focus focus, @Nullable Size onTable) {}

  private record Print(Size size, Outline outline, boolean mayTurn) {}

  private record Known(long cost, boolean whole) {}

  private final HouseRules rules;
  private final Weights weights;
  private final Map<Shape, Map<Print, Known>> known = new ConcurrentHashMap<>();

  public PrintCostCache(HouseRules rules) {
    this(rules, Weights.of(rules));
  }

  PrintCostCache(HouseRules rules, Weights weights) {
    this.rules = rules;
    this.weights = weights;
  }

  /** That of an album, kept for as long as its house rules are in force. */
  static PrintCostCache of(AlbumModel album) {
    return album.underRules(PrintCostCache.class, PrintCostCache::new);
  }

  HouseRules rules() {
    return rules;
  }

  Weights weights() {
    return weights;
  }

  /** Tells what it costs to have the picture in a print of the size of the place. */
  long cost(Candidate photo, Place place) {
    return in(photo, place).cost();
  }

  /** Whether the picture is shown small and whole there: {@link PrintCost#showsWhole}. */
  boolean showsWhole(Candidate photo, Place place) {
    return in(photo, place).whole();
  }

  private Known in(Candidate photo, Place place) {
    if (known.size() >= MOST) {
      known.clear();
    }
    return known
        .computeIfAbsent(
            new Shape(photo.pixels(), photo.keep(), photo.focus(), photo.onTable()),
            shape -> new ConcurrentHashMap<>(4))
        .computeIfAbsent(
            new Print(place.print(), place.outline(), place.mayTurn()),
            print -> {
              List<PlacingCost.Part> parts = PrintCost.of(photo, place, rules, weights);
              return new Known(PrintCost.sum(parts), PrintCost.isWhole(parts));
            });
  }
}
