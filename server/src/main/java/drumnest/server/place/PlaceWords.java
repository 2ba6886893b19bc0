package drumnest.server.place;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.leaf.Slot;
import drumnest.core.photo.AlbumPhoto;
import drumnest.core.place.MakingRoom;
import drumnest.core.place.NextBest;
import drumnest.core.place.Placement;
import drumnest.core.place.Placing;
import drumnest.core.place.PlacingCost;
import drumnest.core.place.PlacingTask;
import drumnest.core.place.Reason;
import drumnest.core.place.ShapeShortage;
import drumnest.core.place.Suggestion;
import drumnest.server.frame.SlotNames;
import drumnest.server.frame.Words;
import drumnest.server.stock.UnitsInUse;
import java.util.List;
import java.util.stream.Collectors;

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
      case HEADS_CUT -> "heads cut";
      case SUBJECT_CUT -> "the subject cut";
      case WHOLE -> "small on a card";
      case EXPOSED -> "what must not be seen";
      case RESOLUTION -> "not fine enough";
      case WRONG_WAY -> "upright in a wide place or the other way";
      case SMALL_HERO -> "a hero made small";
      case HIDDEN -> "hidden";
      case NOT_HIDDEN -> "seen before anything is opened";
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

  /** How good it is, for a maker who does not count points. */
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

  /** How the shapes of the photos match those of the places; empty where they do. */
  static String shapes(Placing.Problem problem) {
    return ShapeShortage.of(problem).stream()
        .map(
            each ->
                Words.shapes(each.shape(), each.photos())
                    + " for "
                    + each.places()
                    + " places of that shape")
        .collect(Collectors.joining("; "));
  }

  private static String name(AlbumModel album, PlacingTask task, int photo) {
    String id = task.problem().candidates().get(photo).id();
    return "“" + album.photo(id).map(AlbumPhoto::name).orElse("") + "”";
  }

  /** Why the photo of a place is there. */
  static List<String> reasons(AlbumModel album, PlacingTask task, Placement now, int place) {
    return Reason.of(task.problem(), task.byHand(), now, place).stream()
        .map(reason -> reason(album, task, reason))
        .toList();
  }

  private static String reason(AlbumModel album, PlacingTask task, Reason reason) {
    return reason.accept(
        new Reason.Visitor<>() {
          @Override
          public String fixed(Reason.Fixed fixed) {
            return "It is fixed here: locked, cut or stuck, so placing again leaves it.";
          }

          @Override
          public String putByHand(Reason.PutByHand put) {
            return "You put it here; placing again moves it only where that pays.";
          }

          @Override
          public String between(Reason.Between between) {
            return "In the story it comes between "
                + name(album, task, between.before())
                + " and "
                + name(album, task, between.after())
                + ".";
          }

          @Override
          public String after(Reason.After after) {
            return "In the story it comes after " + name(album, task, after.before()) + ".";
          }

          @Override
          public String opens(Reason.Opens opens) {
            return "It opens the story of this spread.";
          }

          @Override
          public String hero(Reason.Hero hero) {
            return "A hero: it is to be large and in view.";
          }

          @Override
          public String ownShape(Reason.OwnShape own) {
            return "Its shape is that of the place.";
          }
        });
  }

  static String next(PlacingTask task, NextBest next) {
    String where =
        next.place() < 0 ? "leaving it out" : SlotNames.of(task.slots().get(next.place()));
    if (next.more() < 0) {
      return "Better: " + where + ", by " + inPoints(-next.more()) + ".";
    }
    if (points(next.more()) == 0) {
      return Words.capital(where) + " is equally good.";
    }
    return "Second choice: " + where + ", for " + inPoints(next.more()) + " more.";
  }

  /**
   * Tells what could be done about what is wrong with a photo in its place; empty where nothing.
   */
  static String suggestion(
      AlbumModel album, PlacingTask task, Placement now, int place, List<PlacingCost.Part> parts) {
    return Suggestion.of(task, now, place, parts)
        .map(suggestion -> suggestion(album, task, suggestion))
        .orElse("");
  }

  private static String suggestion(AlbumModel album, PlacingTask task, Suggestion suggestion) {
    String photo = name(album, task, suggestion.photo());
    String place = SlotNames.within(task.slots().get(suggestion.place()));
    return suggestion.accept(
        new Suggestion.Visitor<>() {
          @Override
          public String wordsInstead(Suggestion.WordsInstead words) {
            return "For words beside it the smallest photo makes way: take "
                + photo
                + " out of "
                + place
                + " and keep that place for words.";
          }

          @Override
          public String swapShapes(Suggestion.SwapShapes swap) {
            return "Swapped with "
                + photo
                + " in "
                + place
                + ", both would have places of their shape.";
          }
        });
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
