package drumnest.server.api;

import drumnest.core.album.Leaf;
import drumnest.core.album.Side;
import drumnest.core.album.Slot;
import drumnest.core.place.Account;
import drumnest.core.place.Breathing;
import drumnest.core.place.Candidate;
import drumnest.core.place.MakingRoom;
import drumnest.core.place.NextBest;
import drumnest.core.place.Place;
import drumnest.core.place.Placing;
import drumnest.core.place.PlacingCost;
import drumnest.core.place.Watch;
import drumnest.core.stock.CatalogueItem;
import drumnest.core.stock.LeafType;
import drumnest.server.edit.AlbumEdits;
import drumnest.server.edit.Bench;
import drumnest.server.edit.Benches;
import drumnest.server.edit.NotThereException;
import drumnest.server.edit.PlaceEdits;
import drumnest.server.edit.PlacingTask;
import drumnest.server.edit.SlotNames;
import drumnest.server.shelf.Shelf;
import drumnest.server.store.LinePhotoEntity;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Shows what an arrangement costs, why photos are where they are, and what would make room. */
@Component
class PlaceViews {

  private static final int MOST_INSETS = 3;

  /** Of more late photos without a gap it would take long to say what else makes room. */
  private static final int MOST_WITHOUT = 5;

  private final Benches benches;
  private final Shelf shelf;

  PlaceViews(Benches benches, Shelf shelf) {
    this.benches = benches;
    this.shelf = shelf;
  }

  /** A part of a cost, in points: 100 points are a whole photo cropped away. */
  record PartView(String name, double points) {}

  /**
   * What a part of the album costs as it is.
   *
   * @param points all of it
   * @param best what placing again would come to
   * @param proven whether nothing cheaper is possible around what stays
   * @param words how good it is, in a sentence
   * @param detail the same in points
   * @param placed how many photos are placed there
   * @param left how many photos of the line are without a place
   * @param shapes how the photos match the places by shape, in a sentence; empty where they do
   */
  record AccountView(
      double points,
      double best,
      boolean proven,
      String words,
      String detail,
      int placed,
      int left,
      List<PartView> parts,
      String shapes) {}

  AccountView account(long albumId, PlaceEdits.Wish wish) {
    Bench bench = benches.open(albumId);
    PlacingTask task =
        PlacingTask.of(
            bench, wish.scope(), wish.order(), wish.breathing(), PlacingTask.Who.AS_IT_IS);
    int[] placeOf = task.placeOf(bench);
    Account account = Account.of(task.problem(), placeOf);
    PlaceEdits.Arranged arranged = PlaceEdits.arranged(bench, task, wish, Watch.NONE);
    Placing.Arrangement best = arranged.best();
    long titled = Account.of(task.problem(), arranged.placeOf()).total();
    int placed = 0;
    for (int place : placeOf) {
      placed += place >= 0 ? 1 : 0;
    }
    return new AccountView(
        PlaceWords.points(account.total()),
        PlaceWords.points(titled),
        best.isBest(),
        PlaceWords.inShort(account.total(), titled, best, wish.order())
            + (titled < account.total() ? "" : whyGaps(bench, task, placeOf, wish)),
        PlaceWords.howGood(account.total(), titled, best, wish.order()),
        placed,
        account.left().size(),
        parts(account.byTerm()),
        PlaceWords.shapes(task.problem()));
  }

  /** Why places of a spread stay empty although photos wait, in a sentence; empty if none do. */
  private static String whyGaps(
      Bench bench, PlacingTask task, int[] placeOf, PlaceEdits.Wish wish) {
    if (wish.scope().spread() == null || !task.hasRoomInGap(bench, placeOf)) {
      return "";
    }
    Set<String> here =
        task.problem().candidates().stream().map(Candidate::id).collect(Collectors.toSet());
    PlacingTask all =
        PlacingTask.of(
            bench, wish.scope(), wish.order(), wish.breathing(), PlacingTask.Who.ALL_WHO_WAIT);
    List<Candidate> later =
        all.problem().candidates().stream().filter(each -> !here.contains(each.id())).toList();
    int most = later.stream().mapToInt(Candidate::wanted).max().orElse(0);
    return later.stream()
        .filter(each -> each.wanted() == most)
        .findFirst()
        .map(Candidate::id)
        .flatMap(bench::photo)
        .map(photo -> " Next comes “" + photo.name() + "”, which fits no pocket left here.")
        .orElse("");
  }

  private static List<PartView> parts(Map<PlacingCost.Term, Long> costs) {
    List<PartView> parts = new ArrayList<>();
    costs.forEach(
        (term, cost) -> parts.add(new PartView(PlaceWords.term(term), PlaceWords.points(cost))));
    return parts;
  }

  /**
   * Why a photo is in its slot.
   *
   * @param reasons a sentence each
   * @param parts what is wrong with it there
   * @param next where it would go otherwise, and what the whole would cost more, in a sentence
   * @param nextSlot the slot of that place; left out where it would be left out itself
   * @param suggestion what could be done about it; empty where nothing needs to be
   */
  record WhyView(
      List<String> reasons,
      List<PartView> parts,
      String next,
      @Nullable String nextSlot,
      String suggestion) {

    /** One reason, with nothing to rate. */
    static WhyView only(String reason) {
      return new WhyView(List.of(reason), List.of(), "", null, "");
    }
  }

  WhyView why(long albumId, String slotId, PlaceEdits.Wish wish) {
    Bench bench = benches.open(albumId);
    Slot slot =
        bench
            .slot(slotId)
            .orElseThrow(
                () -> new NotThereException("slot", "There is no place “" + slotId + "”."));
    Bench.Seated seated = bench.seated(slot).orElse(null);
    if (seated == null) {
      // A step may have emptied it while the question was on its way.
      return WhyView.only("There is no photo in that place now.");
    }
    PlacingTask asWished = task(bench, slot, wish);
    int[] placeOf = asWished.placeOf(bench);
    PlacingTask task = asWished.asFullAsNow(placeOf);
    int photo = task.indexOf(seated.filling().sha256());
    int place = task.placeOf(slot.id());
    if (photo < 0 || place < 0) {
      return WhyView.only("This place is reserved for words or a keepsake, so it is not rated.");
    }
    Account account = Account.of(task.problem(), placeOf);
    List<PlacingCost.Part> parts = account.of(place);
    NextBest next = NextBest.of(task.problem(), placeOf, photo);
    return new WhyView(
        PlaceWords.reasons(bench, task, placeOf, place),
        parts.stream()
            .map(part -> new PartView(PlaceWords.term(part.term()), PlaceWords.points(part.cost())))
            .toList(),
        PlaceWords.next(task, next),
        next.place() < 0 ? null : task.slots().get(next.place()).id(),
        PlaceWords.suggestion(bench, task, placeOf, place, parts));
  }

  /** The spread that a slot is on. */
  private static PlacingTask task(Bench bench, Slot slot, PlaceEdits.Wish wish) {
    int spread = bench.leaves().spreadOf(slot.parent().page());
    return PlacingTask.of(
        bench,
        PlacingTask.Scope.spread(spread),
        wish.order(),
        wish.breathing(),
        PlacingTask.Who.AS_IT_IS);
  }

  /**
   * A way to make room for a photo.
   *
   * @param way what is done, as a word
   * @param text what is done, in a sentence
   * @param points what the whole costs more then; below 0 where it gets better
   * @param slot the slot it concerns; left out for none
   * @param drop the photo that is dropped; left out for none
   */
  record RoomView(
      String way, String text, double points, @Nullable String slot, @Nullable String drop) {}

  List<RoomView> room(long albumId, String id, @Nullable Integer spread) {
    Bench bench = benches.open(albumId);
    LinePhotoEntity photo =
        bench
            .photo(id)
            .orElseThrow(
                () -> new NotThereException("photo", "There is no photo “" + id + "” here."));
    int number = spread == null ? bench.firstSpread() : spread;
    PlacingTask open =
        PlacingTask.of(
            bench,
            PlacingTask.Scope.spread(number),
            Placing.Order.STORY,
            Breathing.PACKED,
            PlacingTask.Who.ALL_WHO_WAIT);
    PlacingTask task = open.indexOf(id) < 0 ? beside(bench, id) : open;
    int index = task.indexOf(id);
    if (index < 0 || photo.isOut() || task.slots().isEmpty()) {
      return List.of();
    }
    return MakingRoom.of(task.problem(), task.placeOf(bench), index, means(bench)).stream()
        .map(option -> room(bench, task, option))
        .toList();
  }

  private RoomView room(Bench bench, PlacingTask task, MakingRoom.Option option) {
    String key = option.key();
    String name = key == null ? "" : shelf.find(key).map(each -> each.item().name()).orElse(key);
    return new RoomView(
        Words.key(option.way()),
        PlaceWords.room(bench, task, option, name),
        PlaceWords.points(option.more()),
        option.place() < 0 ? null : task.slots().get(option.place()).id(),
        option.way() == MakingRoom.Way.DROP_REPEAT
            ? task.problem().candidates().get(option.other()).id()
            : null);
  }

  /** The sleeves and the small leaves of the shelf. */
  private MakingRoom.Means means(Bench bench) {
    List<MakingRoom.Sleeve> sleeves = new ArrayList<>();
    List<MakingRoom.Inset> insets = new ArrayList<>();
    for (Shelf.Entry entry : shelf.all()) {
      boolean there = !entry.gone() && (entry.owned() == null || entry.owned() > 0);
      if (there && entry.item() instanceof CatalogueItem.SleeveType sleeve) {
        sleeves.add(new MakingRoom.Sleeve(entry.key(), sleeve.insert()));
      } else if (there
          && entry.item() instanceof LeafType type
          && type.pattern() != null
          && insets.size() < MOST_INSETS
          && isSmaller(bench, type)) {
        Leaf leaf = Leaf.of(1, 1, type);
        insets.add(new MakingRoom.Inset(entry.key(), places(leaf)));
      }
    }
    return new MakingRoom.Means(sleeves, insets);
  }

  private static boolean isSmaller(Bench bench, LeafType type) {
    return bench.leaves().leaves().stream()
        .anyMatch(
            leaf ->
                leaf.size().w().isMoreThan(type.size().w())
                    && leaf.size().h().isMoreThan(type.size().h()));
  }

  private static List<Place> places(Leaf leaf) {
    return leaf.slots(Side.FRONT, 0).stream()
        .map(slot -> new Place(slot.id(), slot.takes(), false, false))
        .toList();
  }

  /**
   * A photo without a place, and the gap it is offered to.
   *
   * @param where the gap; left out where none suits it
   * @param fits how it would be seen there, or what else would make room, in a few words
   */
  record LateView(String photo, String name, Views.@Nullable WhereView where, String fits) {}

  List<LateView> late(long albumId) {
    Bench bench = benches.open(albumId);
    MakingRoom.Means means = means(bench);
    List<LateView> views = new ArrayList<>();
    int without = 0;
    for (PlaceEdits.Late late : PlaceEdits.late(bench)) {
      String name = bench.photo(late.photo()).map(LinePhotoEntity::name).orElse("");
      if (late.gap() != null) {
        Bench with = AlbumEdits.asPut(bench, late.gap(), late.photo());
        views.add(
            new LateView(
                late.photo(),
                name,
                AlbumViews.where(bench, late.gap()),
                Words.percent(with.seated(late.gap()).orElseThrow().measured().keptShare())
                    + " of it is seen in "
                    + SlotNames.of(late.gap())));
      } else {
        String fits =
            without++ < MOST_WITHOUT
                ? otherwise(bench, late.photo(), means)
                : "Its ticket says what else would make room.";
        views.add(new LateView(late.photo(), name, null, fits));
      }
    }
    return views;
  }

  /** A sleeve or a small leaf for a photo that no gap suits, on the spread of its story. */
  private String otherwise(Bench bench, String photo, MakingRoom.Means means) {
    PlacingTask task = beside(bench, photo);
    int index = task.indexOf(photo);
    return MakingRoom.of(task.problem(), task.placeOf(bench), index, means).stream()
        .filter(
            option -> option.way() == MakingRoom.Way.SLEEVE || option.way() == MakingRoom.Way.INSET)
        .findFirst()
        .map(option -> room(bench, task, option).text())
        .orElse("No gap, sleeve or small leaf suits it; choose leaves for it.");
  }

  /** The spread with the photo that comes last before this one in the story. */
  private static PlacingTask beside(Bench bench, String photo) {
    int spread = bench.firstSpread();
    for (LinePhotoEntity each : bench.line()) {
      if (each.photo().sha256().equals(photo)) {
        break;
      }
      spread =
          bench
              .slotOf(each.photo().sha256())
              .map(slot -> bench.leaves().spreadOf(slot.parent().page()))
              .orElse(spread);
    }
    return PlacingTask.of(
        bench,
        PlacingTask.Scope.spread(spread),
        Placing.Order.STORY,
        Breathing.PACKED,
        PlacingTask.Who.ALL_WHO_WAIT);
  }
}
