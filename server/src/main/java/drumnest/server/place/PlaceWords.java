package drumnest.server.place;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.Slot;
import drumnest.core.album.SlotNames;
import drumnest.core.measure.Orientation;
import drumnest.core.measure.Size;
import drumnest.core.photo.AlbumPhoto;
import drumnest.core.place.Candidate;
import drumnest.core.place.MakingRoom;
import drumnest.core.place.NextBest;
import drumnest.core.place.Place;
import drumnest.core.place.Placing;
import drumnest.core.place.PlacingCost;
import drumnest.core.place.PlacingTask;
import drumnest.server.frame.Words;
import drumnest.server.stock.UnitsInUse;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** Placing in a maker's words. Costs are told in points: 100 are a picture cropped away whole. */
final class PlaceWords {

  private PlaceWords() {}

  static double points(long cost) {
    return Math.round(cost * 1000.0 / PlacingCost.ONE) / 10.0;
  }

  private static String inPoints(long cost) {
    double points = points(cost);
    String number = points == Math.rint(points) ? String.valueOf((long) points) : "" + points;
    return number + (points == 1 ? " point" : " points");
  }

  static String term(PlacingCost.Term term) {
    return switch (term) {
      case CROP -> "cropped away";
      case RESOLUTION -> "not fine enough";
      case WRONG_WAY -> "upright in a wide place or the other way";
      case SMALL_HERO -> "a hero made small";
      case HIDDEN -> "hidden";
      case PRIVATE_ON_COVER -> "private on the first page";
      case HEAVY_HIGH -> "dark ones high, pale ones low";
      case ALIKE -> "lookalikes side by side";
      case ORDER_BROKEN -> "against the story";
      case UNLIKE -> "like its neighbour";
      case CAPTION_APART -> "no place for words beside it";
      case SCATTERED -> "a free place beside it";
      case LEFT_OUT -> "left out";
    };
  }

  static String order(Placing.Order order) {
    return switch (order) {
      case STORY -> "in story order";
      case WEIGHT -> "by weight";
      case VARIETY -> "by variety";
      case FREE -> "in free order";
    };
  }

  /**
   * How good what is there is, against what placing again comes to.
   *
   * @param titled what placing again costs, with places for titles
   */
  static String howGood(long now, long titled, Placing.Arrangement best, Placing.Order order) {
    if (titled < now) {
      return "Placing again " + order(order) + " would be " + inPoints(now - titled) + " better.";
    }
    if (now < titled) {
      return "Better by " + inPoints(titled - now) + " than placing " + order(order) + ".";
    }
    String titles =
        titled > best.cost()
            ? " Titles before their chapters cost " + inPoints(titled - best.cost()) + " of it."
            : "";
    return best.isBest()
        ? "Proven: nothing better is possible "
            + order(order)
            + (order == Placing.Order.WEIGHT || order == Placing.Order.VARIETY
                ? " with these photos on these spreads,"
                : "")
            + " around what stays."
            + titles
        : "At most "
            + inPoints(now - best.bound())
            + " from the best possible "
            + order(order)
            + "."
            + titles;
  }

  /** The same for a maker who does not count points. */
  static String inShort(long now, long titled, Placing.Arrangement best, Placing.Order order) {
    if (titled < now) {
      return "Placing again would do better.";
    }
    if (now < titled) {
      return "Your arrangement scores better than placing again.";
    }
    if (!best.isBest()) {
      return "Close to the best possible arrangement.";
    }
    return order == Placing.Order.WEIGHT || order == Placing.Order.VARIETY
        ? "Best possible arrangement of these photos."
        : "Best possible arrangement.";
  }

  private static String capital(String words) {
    return words.substring(0, 1).toUpperCase(Locale.ENGLISH) + words.substring(1);
  }

  /** How the shapes of the photos match those of the places; empty where they do. */
  static String shapes(Placing.Problem problem) {
    Map<Orientation, Integer> photos = new EnumMap<>(Orientation.class);
    Map<Orientation, Integer> places = new EnumMap<>(Orientation.class);
    problem
        .candidates()
        .forEach(photo -> photos.merge(photo.pixels().orientation(), 1, Integer::sum));
    problem.places().forEach(place -> places.merge(shape(place.print()), 1, Integer::sum));
    int most = problem.candidates().size();
    if (most > problem.places().size() || most == 0) {
      return "";
    }
    return photos.entrySet().stream()
        .filter(each -> each.getValue() > places.getOrDefault(each.getKey(), 0))
        .filter(each -> each.getKey() != Orientation.SQUARE)
        .map(
            each ->
                Words.shapes(each.getKey(), each.getValue())
                    + " for "
                    + places.getOrDefault(each.getKey(), 0)
                    + " places of that shape")
        .collect(Collectors.joining("; "));
  }

  private static Orientation shape(Size size) {
    return Orientation.of(size.w().toNanometres(), size.h().toNanometres());
  }

  private static String name(AlbumModel album, PlacingTask task, int photo) {
    String id = task.problem().candidates().get(photo).id();
    return "“" + album.photo(id).map(AlbumPhoto::name).orElse("") + "”";
  }

  /** Why the photo of a place is there. */
  static List<String> reasons(AlbumModel album, PlacingTask task, int[] placeOf, int place) {
    int[] photoAt = Placing.photoAt(placeOf, task.slots().size());
    int photo = photoAt[place];
    List<String> reasons = new ArrayList<>();
    if (task.problem().locked().containsKey(place)) {
      reasons.add("It is fixed here: locked, cut or stuck, so placing again leaves it.");
    } else if (task.byHand().containsKey(place)) {
      reasons.add("You put it here; placing again moves it only where that pays.");
    }
    int before =
        IntStream.range(0, place)
            .map(i -> photoAt[place - 1 - i])
            .filter(i -> i >= 0)
            .findFirst()
            .orElse(-1);
    int after =
        IntStream.range(place + 1, photoAt.length)
            .map(i -> photoAt[i])
            .filter(i -> i >= 0)
            .findFirst()
            .orElse(-1);
    if (task.problem().order() == Placing.Order.STORY) {
      if (before >= 0 && after >= 0) {
        reasons.add(
            "In the story it comes between "
                + name(album, task, before)
                + " and "
                + name(album, task, after)
                + ".");
      } else if (before >= 0) {
        reasons.add("In the story it comes after " + name(album, task, before) + ".");
      } else if (after >= 0) {
        reasons.add("It opens the story of this spread.");
      }
    }
    Candidate candidate = task.problem().candidates().get(photo);
    if (candidate.hints().hero()) {
      reasons.add("A hero: it is to be large and in view.");
    }
    Orientation shown = candidate.pixels().orientation();
    if (shown == shape(task.problem().places().get(place).print())) {
      reasons.add("Its shape is that of the place.");
    }
    return reasons;
  }

  static String next(PlacingTask task, NextBest next) {
    String where =
        next.place() < 0 ? "leaving it out" : SlotNames.of(task.slots().get(next.place()));
    if (next.more() < 0) {
      return "Better: " + where + ", by " + inPoints(-next.more()) + ".";
    }
    if (points(next.more()) == 0) {
      return capital(where) + " is equally good.";
    }
    return "Second choice: " + where + ", for " + inPoints(next.more()) + " more.";
  }

  /** What could be done about what is wrong with a photo in its place. */
  static String suggestion(
      AlbumModel album, PlacingTask task, int[] placeOf, int place, List<PlacingCost.Part> parts) {
    boolean apart = parts.stream().anyMatch(part -> part.term() == PlacingCost.Term.CAPTION_APART);
    if (apart) {
      return smallestBeside(album, task, placeOf, place);
    }
    boolean wrongWay = parts.stream().anyMatch(part -> part.term() == PlacingCost.Term.WRONG_WAY);
    if (wrongWay) {
      return otherShape(album, task, placeOf, place);
    }
    return "";
  }

  private static String smallestBeside(
      AlbumModel album, PlacingTask task, int[] placeOf, int place) {
    int[] photoAt = Placing.photoAt(placeOf, task.slots().size());
    Slot slot = task.slots().get(place);
    return IntStream.range(0, photoAt.length)
        .filter(i -> photoAt[i] >= 0 && slot.touches(task.slots().get(i)))
        .filter(i -> !task.problem().locked().containsKey(i))
        .boxed()
        .min(Comparator.comparingDouble(i -> area(task.problem().places().get(i))))
        .map(
            i ->
                "For words beside it the smallest photo makes way: take "
                    + name(album, task, photoAt[i])
                    + " out of "
                    + SlotNames.within(task.slots().get(i))
                    + " and keep that place for words.")
        .orElse("");
  }

  private static String otherShape(AlbumModel album, PlacingTask task, int[] placeOf, int place) {
    int[] photoAt = Placing.photoAt(placeOf, task.slots().size());
    Orientation own = task.problem().candidates().get(photoAt[place]).pixels().orientation();
    Orientation here = shape(task.problem().places().get(place).print());
    return IntStream.range(0, photoAt.length)
        .filter(i -> photoAt[i] >= 0 && shape(task.problem().places().get(i).print()) == own)
        .filter(i -> task.problem().candidates().get(photoAt[i]).pixels().orientation() == here)
        .boxed()
        .min(Comparator.comparingInt(i -> Math.abs(i - place)))
        .map(
            i ->
                "Swapped with "
                    + name(album, task, photoAt[i])
                    + " in "
                    + SlotNames.within(task.slots().get(i))
                    + ", both would have places of their shape.")
        .orElse("");
  }

  private static double area(Place place) {
    return place.print().w().toInches().doubleValue() * place.print().h().toInches().doubleValue();
  }

  /** A way to make room, in a sentence. */
  static String room(AlbumModel album, PlacingTask task, MakingRoom.Option option, String key) {
    String place = option.place() < 0 ? "" : SlotNames.of(task.slots().get(option.place()));
    String other = option.other() < 0 ? "" : name(album, task, option.other());
    String print = option.print() == null ? "" : UnitsInUse.text(option.print());
    return switch (option.way()) {
      case SLEEVE ->
          key + " over " + other + " in " + place + ": it hides inside, as " + print + ".";
      case DROP_REPEAT -> "Drop " + other + ", which shows the same: it goes to " + place + ".";
      case INSET -> "A small leaf (" + key + ") has a " + print + " place for it.";
      case TAKE ->
          other.isEmpty()
              ? "It goes to " + place + free(album, task.slots().get(option.place()))
              : "It goes to " + place + " and " + other + " is left out.";
      case SHARE ->
          "It and "
              + other
              + " share "
              + place
              + ", a "
              + print
              + " print each"
              + sharedWith(album, task, option.place());
    };
  }

  private static String free(AlbumModel album, Slot slot) {
    return album
        .reservation(slot)
        .map(
            aside ->
                switch (aside) {
                  case WORDS -> ", which is kept for words.";
                  case TITLE -> ", which is kept for a title.";
                  case EMPTY -> ", which was left empty on purpose.";
                })
        .orElse(album.isFilled(slot) ? "; the others move up." : ", which is empty.");
  }

  private static String sharedWith(AlbumModel album, PlacingTask task, int place) {
    return album
        .seated(task.slots().get(place))
        .map(seated -> "; “" + seated.photo().name() + "” makes way.")
        .orElse(".");
  }
}
