package drumnest.server.place;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.Leaf;
import drumnest.core.album.Side;
import drumnest.core.album.Slot;
import drumnest.core.album.SlotNames;
import drumnest.core.photo.AlbumPhoto;
import drumnest.core.place.AlbumPlacing;
import drumnest.core.place.Breathing;
import drumnest.core.place.Candidate;
import drumnest.core.place.CostBreakdown;
import drumnest.core.place.LatePhotos;
import drumnest.core.place.MakingRoom;
import drumnest.core.place.NextBest;
import drumnest.core.place.Place;
import drumnest.core.place.Placing;
import drumnest.core.place.PlacingCost;
import drumnest.core.place.PlacingTask;
import drumnest.core.place.ProgressMonitor;
import drumnest.core.stock.CatalogueItem;
import drumnest.core.stock.LeafType;
import drumnest.server.NotThereException;
import drumnest.server.album.OpenAlbums;
import drumnest.server.frame.AlbumViews;
import drumnest.server.frame.Views;
import drumnest.server.frame.Words;
import drumnest.server.stock.Shelf;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Shows what an arrangement costs, why photos are where they are, and what would make room. */
@Component
class PlaceViews {

  private static final int MOST_INSETS = 3;

  /** Of more late photos without a gap it would take long to say what else makes room. */
  private static final int MOST_WITHOUT = 5;

  private final OpenAlbums openAlbums;
  private final Shelf shelf;

  PlaceViews(OpenAlbums openAlbums, Shelf shelf) {
    this.openAlbums = openAlbums;
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

  AccountView account(long albumId, AlbumPlacing.Request request) {
    AlbumModel album = openAlbums.open(albumId);
    PlaceEdits.requireChapter(album, request.scope());
    PlacingTask task =
        PlacingTask.of(
            album, request.scope(), request.order(), request.breathing(), PlacingTask.Who.AS_IT_IS);
    int[] placeOf = task.placeOf(album);
    CostBreakdown account = CostBreakdown.of(task.problem(), placeOf);
    AlbumPlacing.Arranged arranged =
        AlbumPlacing.arranged(album, task, request, ProgressMonitor.NONE);
    Placing.Arrangement best = arranged.best();
    long titled = CostBreakdown.of(task.problem(), arranged.placeOf()).total();
    int placed = 0;
    for (int place : placeOf) {
      placed += place >= 0 ? 1 : 0;
    }
    return new AccountView(
        PlaceWords.points(account.total()),
        PlaceWords.points(titled),
        best.isBest(),
        PlaceWords.inShort(account.total(), titled, best, request.order())
            + (titled < account.total() ? "" : whyGaps(album, task, placeOf, request)),
        PlaceWords.howGood(account.total(), titled, best, request.order()),
        placed,
        account.left().size(),
        parts(account.byTerm()),
        PlaceWords.shapes(task.problem()));
  }

  /** Why places of a spread stay empty although photos wait, in a sentence; empty if none do. */
  private static String whyGaps(
      AlbumModel album, PlacingTask task, int[] placeOf, AlbumPlacing.Request request) {
    if (request.scope().spread() == null || !task.hasRoomInGap(album, placeOf)) {
      return "";
    }
    Set<String> here =
        task.problem().candidates().stream().map(Candidate::id).collect(Collectors.toSet());
    PlacingTask all =
        PlacingTask.of(
            album,
            request.scope(),
            request.order(),
            request.breathing(),
            PlacingTask.Who.ALL_WHO_WAIT);
    List<Candidate> later =
        all.problem().candidates().stream().filter(each -> !here.contains(each.id())).toList();
    int most = later.stream().mapToInt(Candidate::wanted).max().orElse(0);
    return later.stream()
        .filter(each -> each.wanted() == most)
        .findFirst()
        .map(Candidate::id)
        .flatMap(album::photo)
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

  WhyView why(long albumId, String slotId, AlbumPlacing.Request request) {
    AlbumModel album = openAlbums.open(albumId);
    Slot slot =
        album
            .slot(slotId)
            .orElseThrow(
                () -> new NotThereException("slot", "There is no place “" + slotId + "”."));
    AlbumModel.Seated seated = album.seated(slot).orElse(null);
    if (seated == null) {
      // A step may have emptied it while the question was on its way.
      return WhyView.only("There is no photo in that place now.");
    }
    PlacingTask asAsked = task(album, slot, request);
    int[] placeOf = asAsked.placeOf(album);
    PlacingTask task = asAsked.asFullAsNow(placeOf);
    int photo = task.indexOf(seated.holding().photo());
    int place = task.placeOf(slot.id());
    if (photo < 0 || place < 0) {
      return WhyView.only("This place is reserved for words or a keepsake, so it is not rated.");
    }
    CostBreakdown account = CostBreakdown.of(task.problem(), placeOf);
    List<PlacingCost.Part> parts = account.of(place);
    NextBest next = NextBest.of(task.problem(), placeOf, photo);
    return new WhyView(
        PlaceWords.reasons(album, task, placeOf, place),
        parts.stream()
            .map(part -> new PartView(PlaceWords.term(part.term()), PlaceWords.points(part.cost())))
            .toList(),
        PlaceWords.next(task, next),
        next.place() < 0 ? null : task.slots().get(next.place()).id(),
        PlaceWords.suggestion(album, task, placeOf, place, parts));
  }

  /** The spread that a slot is on. */
  private static PlacingTask task(AlbumModel album, Slot slot, AlbumPlacing.Request request) {
    int spread = album.leaves().spreadOf(slot.parent().page());
    return PlacingTask.of(
        album,
        PlacingTask.Scope.spread(spread),
        request.order(),
        request.breathing(),
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
   * @param insert the size of what goes into a sleeve; left out where there is none
   * @param leaf the kind of small leaf that is added; left out for none
   * @param two the two photos that share a place, in the order of the story; left out for none
   */
  record RoomView(
      String way,
      String text,
      double points,
      @Nullable String slot,
      @Nullable String drop,
      Views.@Nullable SizeView insert,
      @Nullable String leaf,
      @Nullable List<String> two) {}

  List<RoomView> room(long albumId, String id, @Nullable Integer spread) {
    AlbumModel album = openAlbums.open(albumId);
    AlbumPhoto photo =
        album
            .photo(id)
            .orElseThrow(
                () -> new NotThereException("photo", "There is no photo “" + id + "” here."));
    int number = spread == null ? album.firstSpread() : spread;
    PlacingTask open =
        PlacingTask.of(
            album,
            PlacingTask.Scope.spread(number),
            Placing.Order.STORY,
            Breathing.PACKED,
            PlacingTask.Who.ALL_WHO_WAIT);
    PlacingTask task = open.indexOf(id) < 0 ? beside(album, id) : open;
    int index = task.indexOf(id);
    if (index < 0 || photo.isOut() || task.slots().isEmpty()) {
      return List.of();
    }
    return MakingRoom.of(task.problem(), task.placeOf(album), index, means(album)).stream()
        .map(option -> room(album, task, index, option))
        .toList();
  }

  private RoomView room(AlbumModel album, PlacingTask task, int index, MakingRoom.Option option) {
    String key = option.key();
    String name = key == null ? "" : shelf.find(key).map(each -> each.item().name()).orElse(key);
    return new RoomView(
        Words.key(option.way()),
        PlaceWords.room(album, task, option, name),
        PlaceWords.points(option.more()),
        option.place() < 0 ? null : task.slots().get(option.place()).id(),
        option.way() == MakingRoom.Way.DROP_REPEAT
            ? task.problem().candidates().get(option.other()).id()
            : null,
        option.way() == MakingRoom.Way.SLEEVE ? Views.SizeView.ofNullable(option.print()) : null,
        option.way() == MakingRoom.Way.INSET ? key : null,
        option.way() == MakingRoom.Way.SHARE ? two(task, index, option) : null);
  }

  /** The two that share a place, in the order of the story; nothing where it cannot be divided. */
  private static @Nullable List<String> two(PlacingTask task, int index, MakingRoom.Option option) {
    return task.slots().get(option.place()).kind() == Slot.Kind.OUTSIDE
        ? null
        : IntStream.of(index, option.other())
            .sorted()
            .mapToObj(each -> task.problem().candidates().get(each).id())
            .toList();
  }

  /** The sleeves and the small leaves of the shelf. */
  private MakingRoom.Means means(AlbumModel album) {
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
          && isSmaller(album, type)) {
        Leaf leaf = Leaf.of(1, 1, type);
        insets.add(new MakingRoom.Inset(entry.key(), places(leaf)));
      }
    }
    return new MakingRoom.Means(sleeves, insets);
  }

  private static boolean isSmaller(AlbumModel album, LeafType type) {
    return album.leaves().leaves().stream()
        .anyMatch(
            leaf ->
                leaf.size().w().isMoreThan(type.size().w())
                    && leaf.size().h().isMoreThan(type.size().h()));
  }

  private static List<Place> places(Leaf leaf) {
    return leaf.slots(Side.FRONT, 0).stream().map(Place::alone).toList();
  }

  /**
   * A photo without a place, and the gap it is offered to.
   *
   * @param where the gap; left out where none suits it
   * @param fits how it would be seen there, or what else would make room, in a few words
   */
  record LateView(String photo, String name, Views.@Nullable WhereView where, String fits) {}

  List<LateView> late(long albumId) {
    AlbumModel album = openAlbums.open(albumId);
    MakingRoom.Means means = means(album);
    List<LateView> views = new ArrayList<>();
    int without = 0;
    for (LatePhotos.Offer late : LatePhotos.of(album)) {
      String name = album.photo(late.photo()).map(AlbumPhoto::name).orElse("");
      if (late.gap() != null) {
        AlbumModel with = album.asPut(late.gap(), late.photo());
        views.add(
            new LateView(
                late.photo(),
                name,
                AlbumViews.where(album, late.gap()),
                Words.percent(with.seated(late.gap()).orElseThrow().measured().keptShare())
                    + " of it is seen in "
                    + SlotNames.of(late.gap())));
      } else {
        String fits =
            without++ < MOST_WITHOUT
                ? otherwise(album, late.photo(), means)
                : "Its ticket says what else would make room.";
        views.add(new LateView(late.photo(), name, null, fits));
      }
    }
    return views;
  }

  /** A sleeve or a small leaf for a photo that no gap suits, on the spread of its story. */
  private String otherwise(AlbumModel album, String photo, MakingRoom.Means means) {
    PlacingTask task = beside(album, photo);
    int index = task.indexOf(photo);
    return MakingRoom.of(task.problem(), task.placeOf(album), index, means).stream()
        .filter(
            option -> option.way() == MakingRoom.Way.SLEEVE || option.way() == MakingRoom.Way.INSET)
        .findFirst()
        .map(option -> room(album, task, index, option).text())
        .orElse("No gap, sleeve or small leaf suits it; choose leaves for it.");
  }

  /** The spread with the photo that comes last before this one in the story, and this one. */
  private static PlacingTask beside(AlbumModel album, String photo) {
    List<AlbumPhoto> line = album.line();
    int at = line.indexOf(album.photo(photo).orElseThrow());
    int spread =
        IntStream.range(0, at)
            .mapToObj(i -> album.slotOf(line.get(at - 1 - i).id()))
            .flatMap(Optional::stream)
            .findFirst()
            .map(slot -> album.leaves().spreadOf(slot.parent().page()))
            .orElse(album.firstSpread());
    return PlacingTask.besides(album, spread, photo);
  }
}
