package drumnest.server.gather;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.Change;
import drumnest.core.album.Holding;
import drumnest.core.album.leaf.Slot;
import drumnest.core.measure.Size;
import drumnest.core.photo.AlbumPhoto;
import drumnest.core.photo.Chapter;
import drumnest.core.photo.Choice;
import drumnest.core.photo.Choosing;
import drumnest.core.photo.FileWords;
import drumnest.core.photo.Framing;
import drumnest.core.photo.PhotoAnnotations;
import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Stack;
import drumnest.core.photo.StoryPhoto;
import drumnest.core.photo.StoryPhoto.Border;
import drumnest.core.photo.StoryPhoto.Grouping;
import drumnest.server.UnprocessableException;
import drumnest.server.album.AlbumChecks;
import drumnest.server.album.History;
import drumnest.server.album.OpenAlbums;
import drumnest.server.album.SeenAlbum;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/**
 * The steps by which a maker tells of photos: which go in, what must stay of them, when they were
 * taken, what they belong to. Every method is one step of the album's history, done whole or not at
 * all.
 */
@Service
public class PhotoEdits {

  private static final int MOST_CHAPTERS = 200;

  private final OpenAlbums openAlbums;
  private final History history;

  PhotoEdits(OpenAlbums openAlbums, History history) {
    this.openAlbums = openAlbums;
    this.history = history;
  }

  /** Says what must stay of a photo; null for nothing in particular. */
  public void keep(long albumId, long version, String photo, @Nullable PixelBox box) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    AlbumPhoto entity = AlbumChecks.photo(album, "photo", photo);
    if (box != null && !box.isInside(entity.pixels())) {
      throw new UnprocessableException(
          "keep",
          "The keep box lies inside the picture of "
              + entity.pixels().w()
              + " × "
              + entity.pixels().h()
              + " pixels.");
    }
    tell(seen, entity, box == null ? "clear the keep box" : "keep box", t -> t.withKeep(box));
  }

  /** Says what must not be seen of a photo. */
  public void conceal(long albumId, long version, String photo, List<PixelBox> boxes) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumPhoto entity = AlbumChecks.photo(seen.album(), "photo", photo);
    if (!boxes.stream().allMatch(box -> box.isInside(entity.pixels()))) {
      throw new UnprocessableException(
          "boxes",
          "What must not be seen lies inside the picture of "
              + entity.pixels().w()
              + " × "
              + entity.pixels().h()
              + " pixels.");
    }
    tell(
        seen,
        entity,
        boxes.isEmpty() ? "nothing to conceal" : "what must not be seen",
        told -> told.withConcealed(boxes));
  }

  /** Takes the proposed keep box of each of these photos that has none and stands out enough. */
  public void keepAsProposed(long albumId, long version, List<String> photos) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    List<Change> changes = new ArrayList<>();
    for (AlbumPhoto photo : photos(album, photos)) {
      PixelBox box = photo.keep() == null ? proposal(photo) : null;
      if (box != null) {
        PhotoAnnotations told = photo.annotations();
        changes.add(new Change.OfPhoto(photo.id(), told, told.withKeep(box)));
      }
    }
    if (changes.isEmpty()) {
      throw new UnprocessableException(
          "photos", "Nothing stands out in the picture, or it has a keep box: draw it yourself.");
    }
    history.step(seen, "keep box as proposed", changes);
  }

  /** The keep box that is proposed for a photo, if its subject stands out. */
  public static @Nullable PixelBox proposal(AlbumPhoto photo) {
    return photo.found().subject();
  }

  /** Says whether crops of these photos follow what was found in them, or are centred. */
  public void frame(long albumId, long version, List<String> photos, Framing framing) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    List<Change> changes = new ArrayList<>();
    for (AlbumPhoto photo : photos(seen.album(), photos)) {
      PhotoAnnotations told = photo.annotations();
      if (told.framing() != framing) {
        changes.add(new Change.OfPhoto(photo.id(), told, told.withFraming(framing)));
      }
    }
    if (!changes.isEmpty()) {
      history.step(
          seen, framing == Framing.FOLLOWS ? "crop by the subject" : "crop by the middle", changes);
    }
  }

  /** Says when a photo was taken. */
  public void date(long albumId, long version, String photo, LocalDateTime takenAt) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    AlbumPhoto entity = AlbumChecks.photo(album, "photo", photo);
    tell(seen, entity, "date of " + entity.name(), told -> told.withDate(takenAt));
  }

  /** Says that a photo is a print on the table already, of this size; null if it is not. */
  public void onTable(long albumId, long version, String photo, @Nullable Size size) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    AlbumPhoto entity = AlbumChecks.photo(album, "photo", photo);
    if (size == null && !entity.hasFile()) {
      throw new UnprocessableException(
          "size", "There is no file of this print to order it from: it stays on the table.");
    }
    tell(
        seen,
        entity,
        size == null ? "not yet printed" : "print on the table",
        told -> told.withOnTable(size));
  }

  /** Decides on photos, each by its identity; what goes out leaves its slot. */
  public void choose(long albumId, long version, Map<String, Choice> choices) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    List<Change> changes = new ArrayList<>();
    choices.forEach(
        (id, choice) -> {
          AlbumPhoto photo = AlbumChecks.photo(album, "photos", id);
          if (photo.choosing().choice() != choice) {
            if (choice == Choice.OUT) {
              takeOut(album, id, changes);
            }
            changes.add(Change.OfPhoto.decided(photo, choice));
          }
        });
    if (!changes.isEmpty()) {
      history.step(seen, label(choices), changes);
    }
  }

  static Change choose(AlbumPhoto photo, Choice choice) {
    PhotoAnnotations told = photo.annotations();
    return new Change.OfPhoto(
        photo.id(), told, told.withChoosing(told.choosing().withChoice(choice)));
  }

  private static void takeOut(AlbumModel album, String photo, List<Change> changes) {
    Slot slot = album.slotOf(photo).orElse(null);
    if (slot != null) {
      Holding before = album.held(slot);
      AlbumChecks.requireUnlocked("photos", before);
      changes.add(new Change.OfHolding(slot.id(), before, null));
    }
  }

  private static String label(Map<String, Choice> choices) {
    Set<Choice> different = new HashSet<>(choices.values());
    String what = choices.size() == 1 ? "a photo" : choices.size() + " photos";
    if (different.size() > 1) {
      return "decide on " + what;
    }
    return switch (different.iterator().next()) {
      case OPEN -> "decide later on " + what;
      case KEEP -> "keep " + what;
      case MAYBE -> "maybe " + what;
      case OUT -> "drop " + what;
    };
  }

  /**
   * Keeps the best of the stack that the photo is in, as many as said, and drops its others. Those
   * that are kept already go first, and those that were dropped come back last of all.
   */
  public void chooseOfStack(long albumId, long version, String photo, int count) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    AlbumChecks.photo(album, "photo", photo);
    Stack stack = album.stackOf().get(photo);
    if (stack == null || count < 0 || count > stack.photos().size()) {
      throw new UnprocessableException(
          "keep", "A stack has at least two pictures, and as many of it can be kept.");
    }
    List<String> order =
        stack.photos().stream()
            .map(StoryPhoto::id)
            .sorted(Comparator.comparing(id -> turn(album.photo(id).orElseThrow())))
            .toList();
    Map<String, Choice> choices = new LinkedHashMap<>();
    for (int i = 0; i < order.size(); i++) {
      choices.put(order.get(i), i < count ? Choice.KEEP : Choice.OUT);
    }
    choose(albumId, version, choices);
  }

  private static int turn(AlbumPhoto photo) {
    return switch (photo.choosing().choice()) {
      case KEEP -> 0;
      case OPEN, MAYBE -> 1;
      case OUT -> 2;
    };
  }

  /** Keeps every photo that nobody has decided on and that has at least so many stars. */
  public void keepStarred(long albumId, long version, int stars) {
    Map<String, Choice> choices = new LinkedHashMap<>();
    for (AlbumPhoto photo : openAlbums.seen(albumId, version).album().photos()) {
      Integer rating = photo.rating();
      if (photo.choosing().choice() == Choice.OPEN && rating != null) {
        if (rating >= stars) {
          choices.put(photo.id(), Choice.KEEP);
        } else if (rating < 0) {
          choices.put(photo.id(), Choice.OUT);
        }
      }
    }
    if (choices.isEmpty()) {
      throw new UnprocessableException(
          "stars", "No undecided photo has " + stars + " stars or more.");
    }
    choose(albumId, version, choices);
  }

  /**
   * Changes what is written of photos: hero, private, fine behind a flap, meant for which state,
   * caption.
   */
  public void write(
      long albumId, long version, List<String> photos, String label, UnaryOperator<Choosing> next) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    List<Change> changes = new ArrayList<>();
    for (AlbumPhoto photo : photos(album, photos)) {
      PhotoAnnotations told = photo.annotations();
      PhotoAnnotations after = told.withChoosing(next.apply(told.choosing()));
      if (!after.equals(told)) {
        changes.add(new Change.OfPhoto(photo.id(), told, after));
      }
    }
    if (!changes.isEmpty()) {
      history.step(seen, label, changes);
    }
  }

  /** Says that photos are near-repeats of each other, or that each of them stands alone. */
  public void stack(long albumId, long version, List<String> photos, boolean together) {
    String name = together ? photos.get(0) : "";
    mark(
        albumId,
        version,
        photos,
        together ? "stack photos" : "take out of the stack",
        grouping ->
            new Grouping(name, grouping.alternates(), grouping.border(), grouping.chapterName()));
  }

  /** Says that photos are versions of one subject, of which one is placed, or that they are not. */
  public void alternates(long albumId, long version, List<String> photos, boolean together) {
    String name = together ? photos.get(0) : "";
    mark(
        albumId,
        version,
        photos,
        together ? "versions of one subject" : "no versions of one subject",
        grouping ->
            new Grouping(grouping.stack(), name, grouping.border(), grouping.chapterName()));
  }

  /** Says that a chapter begins with the photo, or that it goes on with the one before. */
  public void border(long albumId, long version, String photo, boolean begins) {
    mark(
        albumId,
        version,
        List.of(photo),
        begins ? "begin a chapter" : "join chapters",
        grouping ->
            new Grouping(
                grouping.stack(),
                grouping.alternates(),
                begins ? Border.BEGINS : Border.JOINS,
                grouping.chapterName()));
  }

  /**
   * Moves the border before a chapter: it begins with another photo, of itself or of the chapter
   * before.
   *
   * @param from the first photo of the chapter
   * @param to the photo that it is to begin with
   */
  public void moveBorder(long albumId, long version, String from, String to) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    AlbumChecks.photo(album, "from", from);
    AlbumChecks.photo(album, "to", to);
    List<Chapter> chapters = album.chapters();
    int at = 0;
    while (at < chapters.size() && !chapters.get(at).photos().get(0).id().equals(from)) {
      at++;
    }
    if (at == 0 || at == chapters.size()) {
      throw new UnprocessableException("from", "No border lies before that photo.");
    }
    Chapter before = chapters.get(at - 1);
    Chapter after = chapters.get(at);
    List<StoryPhoto> both = new ArrayList<>(before.photos());
    both.addAll(after.photos());
    int reached = both.stream().map(StoryPhoto::id).toList().indexOf(to);
    if (reached < 1 || to.equals(from)) {
      throw new UnprocessableException(
          "to", "A border moves to another photo of the two chapters that it divides.");
    }
    List<Change> changes = new ArrayList<>();
    for (int i = 0; i < both.size(); i++) {
      StoryPhoto photo = both.get(i);
      boolean begins = i == reached;
      Border border =
          begins
              ? Border.BEGINS
              : photo.id().equals(from) ? Border.JOINS : photo.grouping().border();
      String name = i == 0 ? before.name() : begins ? after.name() : null;
      Grouping grouping = withBorder(photo.grouping(), border, name);
      if (!grouping.equals(photo.grouping())) {
        PhotoAnnotations told = album.photo(photo.id()).orElseThrow().annotations();
        changes.add(new Change.OfPhoto(photo.id(), told, told.withGrouping(grouping)));
      }
    }
    history.step(seen, "move the border of a chapter", changes);
  }

  private static Grouping withBorder(
      Grouping grouping, @Nullable Border border, @Nullable String name) {
    return new Grouping(grouping.stack(), grouping.alternates(), border, name);
  }

  /** Names the chapter that a photo is in; an empty name takes it back. */
  public void nameChapter(long albumId, long version, String photo, String name) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    AlbumChecks.photo(album, "photo", photo);
    List<Change> changes = new ArrayList<>();
    List<StoryPhoto> chapter =
        album.chapters().stream()
            .map(each -> each.photos())
            .filter(photos -> photos.stream().anyMatch(each -> each.id().equals(photo)))
            .findFirst()
            .orElseThrow();
    for (StoryPhoto each : chapter) {
      String next = each == chapter.get(0) && !name.isEmpty() ? name : null;
      if (next != null || each.grouping().chapterName() != null) {
        PhotoAnnotations told = album.photo(each.id()).orElseThrow().annotations();
        Grouping grouping = withBorder(told.grouping(), told.grouping().border(), next);
        changes.add(new Change.OfPhoto(each.id(), told, told.withGrouping(grouping)));
      }
    }
    if (!changes.isEmpty()) {
      history.step(seen, "name of a chapter", changes);
    }
  }

  /**
   * Divides the line into as many chapters as wanted, at the largest gaps; borders that the maker
   * set go.
   *
   * @param count null for as many as the house rule makes
   */
  public void divide(long albumId, long version, @Nullable Integer count) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    if (count != null && (count < 1 || count > MOST_CHAPTERS)) {
      throw new UnprocessableException("count", "A line has 1 to " + MOST_CHAPTERS + " chapters.");
    }
    List<Change> changes = new ArrayList<>();
    for (AlbumPhoto photo : album.photos()) {
      if (photo.grouping().border() != null) {
        PhotoAnnotations told = photo.annotations();
        Grouping grouping = withBorder(told.grouping(), null, told.grouping().chapterName());
        changes.add(new Change.OfPhoto(photo.id(), told, told.withGrouping(grouping)));
      }
    }
    changes.add(new Change.OfChapters(album.wantedChapters(), count));
    history.step(seen, "divide into chapters", changes);
  }

  /** Shifts the clock of a camera. */
  public void shiftClock(long albumId, long version, String camera, Duration by) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    Duration before = album.shiftOf(camera);
    history.step(
        seen, "shift the clock of " + camera, List.of(new Change.OfClock(camera, before, by)));
  }

  /**
   * Tells of a photo what its sidecar says: what was decided, where a sidecar of ours says so, else
   * the caption where the maker has written none.
   */
  public void tellFromSidecar(
      long albumId,
      String photo,
      @Nullable Choosing decided,
      @Nullable PixelBox keep,
      FileWords words) {
    AlbumModel album = openAlbums.open(albumId);
    AlbumPhoto entity = AlbumChecks.photo(album, "photo", photo);
    PhotoAnnotations told = entity.annotations();
    Choosing choosing = told.choosing();
    List<Change> changes = new ArrayList<>();
    if (decided != null) {
      choosing = decided;
      if (decided.choice() == Choice.OUT) {
        takeOut(album, photo, changes);
      }
    } else if (choosing.caption().isEmpty()) {
      choosing = choosing.withCaption(words.caption());
    }
    PhotoAnnotations after = told.withChoosing(choosing);
    if (keep != null && keep.isInside(entity.pixels())) {
      after = after.withKeep(keep);
    }
    if (!after.equals(told)) {
      changes.add(new Change.OfPhoto(photo, told, after));
      history.step(SeenAlbum.now(album), "sidecar of " + entity.name(), changes);
    }
  }

  private void mark(
      long albumId, long version, List<String> photos, String label, UnaryOperator<Grouping> next) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    List<Change> changes = new ArrayList<>();
    for (AlbumPhoto photo : photos(album, photos)) {
      PhotoAnnotations told = photo.annotations();
      changes.add(
          new Change.OfPhoto(photo.id(), told, told.withGrouping(next.apply(told.grouping()))));
    }
    history.step(seen, label, changes);
  }

  private static List<AlbumPhoto> photos(AlbumModel album, List<String> ids) {
    return ids.stream().distinct().map(id -> AlbumChecks.photo(album, "photos", id)).toList();
  }

  private void tell(
      SeenAlbum seen, AlbumPhoto photo, String label, UnaryOperator<PhotoAnnotations> next) {
    PhotoAnnotations before = photo.annotations();
    history.step(seen, label, List.of(new Change.OfPhoto(photo.id(), before, next.apply(before))));
  }
}
