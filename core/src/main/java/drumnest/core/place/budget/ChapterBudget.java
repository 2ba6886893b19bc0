package drumnest.core.place.budget;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.Holding;
import drumnest.core.album.flap.Holds;
import drumnest.core.album.leaf.Leaf;
import drumnest.core.album.leaf.PageSide;
import drumnest.core.album.leaf.Side;
import drumnest.core.album.leaf.Slot;
import drumnest.core.measure.Orientation;
import drumnest.core.measure.Size;
import drumnest.core.photo.AlbumPhoto;
import drumnest.core.photo.Chapter;
import drumnest.core.photo.Choice;
import drumnest.core.photo.Stack;
import drumnest.core.photo.StoryPhoto;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** The chapters of an album, the pages each of them has, and what it keeps for how many places. */
public final class ChapterBudget {

  private final AlbumModel album;
  private final List<Chapter> chapters;
  private final Map<String, String> chapterOf = new HashMap<>();
  private final Map<String, PageSide> sides = new HashMap<>();
  private final List<Size> places = new ArrayList<>();
  private final Map<String, Stack> stackOf;
  private final List<Budget.Page> rooms;
  private final List<Budget.Share> lines;

  public ChapterBudget(AlbumModel album) {
    this.album = album;
    this.stackOf = album.stackOf();
    this.chapters = album.chapters();
    for (Chapter chapter : chapters) {
      String id = chapter.photos().get(0).id();
      chapter.photos().forEach(photo -> chapterOf.put(photo.id(), id));
    }
    this.rooms = rooms();
    this.lines = Budget.of(chapters.stream().map(each -> need(each.photos())).toList(), rooms);
  }

  /** The chapters, in story order. */
  public List<Chapter> chapters() {
    return chapters;
  }

  /** The chapter that a photo belongs to, by the first photo of it. */
  public @Nullable String chapterOf(String photo) {
    return chapterOf.get(photo);
  }

  /** The state of each chapter. */
  public List<Budget.Share> lines() {
    return lines;
  }

  /** The state of all chapters together; nothing where there are no photos. */
  public Optional<Budget.Share> whole() {
    List<StoryPhoto> all = chapters.stream().flatMap(each -> each.photos().stream()).toList();
    return Budget.of(List.of(need(all)), rooms).stream().findFirst();
  }

  /** The sizes of the prints that all places take. */
  public List<Size> places() {
    return places;
  }

  public Map<String, Stack> stackOf() {
    return stackOf;
  }

  /** The side of a leaf that a page of the budget is. */
  public PageSide side(String page) {
    return sides.get(page);
  }

  private static String page(Leaf leaf, Side side) {
    return leaf.key() + "-" + side;
  }

  /** The slots of the pages that a chapter has, in reading order. */
  public List<Slot> slots(String chapter) {
    Set<String> pages =
        lines.stream()
            .filter(line -> line.id().equals(chapter))
            .flatMap(line -> line.pages().stream())
            .collect(Collectors.toSet());
    return album.leaves().slots().stream()
        .filter(slot -> pages.contains(page(slot.leaf(), slot.side())))
        .toList();
  }

  private List<Budget.Page> rooms() {
    List<Budget.Page> rooms = new ArrayList<>();
    for (Leaf leaf : album.leaves().leaves()) {
      for (Side side : Side.values()) {
        List<Size> takes = new ArrayList<>();
        Map<String, Integer> held = new HashMap<>();
        for (Slot slot : album.leaves().slotsOf(leaf, side)) {
          Holding holding = album.holding(slot.id()).orElse(null);
          if (slot.holds() != Holds.PHOTO || (holding != null && holding.photo() == null)) {
            continue;
          }
          takes.add(slot.takes());
          String chapter = holding == null ? null : chapterOf.get(holding.photo());
          if (chapter != null) {
            held.merge(chapter, 1, Integer::sum);
          }
        }
        String id = leaf.key() + "-" + side;
        sides.put(id, new PageSide(leaf, side));
        places.addAll(takes);
        rooms.add(new Budget.Page(id, takes, held));
      }
    }
    return rooms;
  }

  private Budget.Need need(List<StoryPhoto> photos) {
    List<Orientation> kept = new ArrayList<>();
    List<Size> prints = new ArrayList<>();
    for (AlbumPhoto photo : of(photos, Choice.KEEP)) {
      if (photo.onTable() == null) {
        kept.add(photo.pixels().orientation());
      } else {
        prints.add(photo.onTable());
      }
    }
    return new Budget.Need(photos.get(0).id(), kept, prints, undecided(photos));
  }

  /** How many nobody has decided on, each stack of them counted once. */
  private int undecided(List<StoryPhoto> photos) {
    return (int)
        of(photos, Choice.OPEN).stream()
            .map(photo -> photo.id())
            .map(id -> stackOf.containsKey(id) ? stackOf.get(id).id() : id)
            .distinct()
            .count();
  }

  public List<AlbumPhoto> of(List<StoryPhoto> photos, Choice choice) {
    return photos.stream()
        .map(photo -> album.photo(photo.id()).orElseThrow())
        .filter(photo -> photo.choosing().choice() == choice)
        .toList();
  }
}
