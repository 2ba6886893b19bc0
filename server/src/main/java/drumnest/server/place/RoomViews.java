package drumnest.server.place;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.Holding;
import drumnest.core.album.leaf.Leaf;
import drumnest.core.album.leaf.Side;
import drumnest.core.album.leaf.SlotKind;
import drumnest.core.fit.PrintInPocket;
import drumnest.core.photo.AlbumPhoto;
import drumnest.core.place.AlbumPlacing;
import drumnest.core.place.Breathing;
import drumnest.core.place.LatePhotos;
import drumnest.core.place.MakingRoom;
import drumnest.core.place.Place;
import drumnest.core.place.Placing;
import drumnest.core.place.PlacingTask;
import drumnest.core.stock.CatalogueItem;
import drumnest.core.stock.LeafType;
import drumnest.server.NotThereException;
import drumnest.server.album.OpenAlbums;
import drumnest.server.album.StockLeft;
import drumnest.server.frame.AlbumViews;
import drumnest.server.frame.SlotNames;
import drumnest.server.frame.Views;
import drumnest.server.frame.Words;
import drumnest.server.stock.Shelf;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Shows what would make room for photos without a place, and which gaps suit late ones. */
@Component
class RoomViews {

  private static final int MOST_INSETS = 3;

  /** Of more late photos without a gap it would take long to say what else makes room. */
  private static final int MOST_WITHOUT = 5;

  private final OpenAlbums openAlbums;
  private final Shelf shelf;
  private final StockLeft stock;

  RoomViews(OpenAlbums openAlbums, Shelf shelf, StockLeft stock) {
    this.openAlbums = openAlbums;
    this.shelf = shelf;
    this.stock = stock;
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
      MakingRoom.Way way,
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
    return MakingRoom.of(task.problem(), task.now(album), index, means(album)).stream()
        .map(option -> room(album, task, index, option))
        .toList();
  }

  private RoomView room(AlbumModel album, PlacingTask task, int index, MakingRoom.Option option) {
    String key = option.key();
    String name = key == null ? "" : shelf.find(key).map(each -> each.item().name()).orElse(key);
    return new RoomView(
        option.way(),
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
    return task.slots().get(option.place()).kind() == SlotKind.OUTSIDE
        ? null
        : IntStream.of(index, option.other())
            .sorted()
            .mapToObj(each -> task.problem().candidates().get(each).id())
            .toList();
  }

  /** The sleeves and the small leaves of the shelf that no album uses. */
  private MakingRoom.Means means(AlbumModel album) {
    Map<String, Integer> left = stock.of(album);
    List<Shelf.Entry> there =
        shelf.all().stream()
            .filter(entry -> !entry.gone() && left.getOrDefault(entry.key(), 1) > 0)
            .toList();
    List<MakingRoom.Sleeve> sleeves =
        there.stream()
            .flatMap(entry -> entry.as(CatalogueItem.SleeveType.class))
            .map(sleeve -> new MakingRoom.Sleeve(sleeve.key(), sleeve.item().insert()))
            .toList();
    List<MakingRoom.Inset> insets =
        there.stream()
            .flatMap(entry -> entry.as(LeafType.class))
            .filter(leaf -> leaf.item().pattern() != null && isSmaller(album, leaf.item()))
            .limit(MOST_INSETS)
            .map(leaf -> new MakingRoom.Inset(leaf.key(), places(Leaf.of(1, 1, leaf.item()))))
            .toList();
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
      AlbumPhoto photo = album.photo(late.photo()).orElseThrow();
      if (late.gap() != null) {
        Holding put = AlbumPlacing.placed(album, late.gap(), late.photo());
        PrintInPocket measured =
            album.measure(late.gap(), photo, put.turned(), put.whole(), photo.keep());
        views.add(
            new LateView(
                late.photo(),
                photo.name(),
                AlbumViews.where(album, late.gap()),
                Words.percent(measured.keptShare())
                    + " of it is seen in "
                    + SlotNames.of(late.gap())));
      } else {
        String fits =
            without++ < MOST_WITHOUT
                ? otherwise(album, late.photo(), means)
                : "Its ticket says what else would make room.";
        views.add(new LateView(late.photo(), photo.name(), null, fits));
      }
    }
    return views;
  }

  /** A sleeve or a small leaf for a photo that no gap suits, on the spread of its story. */
  private String otherwise(AlbumModel album, String photo, MakingRoom.Means means) {
    PlacingTask task = beside(album, photo);
    int index = task.indexOf(photo);
    return MakingRoom.of(task.problem(), task.now(album), index, means).stream()
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
