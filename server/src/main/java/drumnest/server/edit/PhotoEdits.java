package drumnest.server.edit;

import drumnest.core.album.Slot;
import drumnest.core.measure.Size;
import drumnest.core.photo.Chapter;
import drumnest.core.photo.Choice;
import drumnest.core.photo.Choosing;
import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Stack;
import drumnest.core.photo.StoryPhoto;
import drumnest.core.photo.StoryPhoto.Border;
import drumnest.core.photo.StoryPhoto.Marks;
import drumnest.core.photo.Subject;
import drumnest.core.stock.HouseRules;
import drumnest.server.store.FileWords;
import drumnest.server.store.LinePhotoEntity;
import drumnest.server.store.PhotoDetails;
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
 * What a maker tells of photos: which go in, what must stay of them, when they were taken, what
 * they belong to. Every method is one step of the album's history, done whole or not at all.
 */
@Service
public class PhotoEdits {

  private static final int MOST_CHAPTERS = 200;

  private final Benches benches;
  private final History history;
  private final PhotoDetails details;

  PhotoEdits(Benches benches, History history, PhotoDetails details) {
    this.benches = benches;
    this.history = history;
    this.details = details;
  }

  /** Says what must stay of a photo; null for nothing in particular. */
  public void keep(long albumId, long version, String photo, @Nullable PixelBox box) {
    Bench bench = benches.seen(albumId, version);
    LinePhotoEntity entity = AlbumEdits.photo(bench, "photo", photo);
    if (box != null && !box.isInside(entity.photo().pixels())) {
      throw new NotPossibleException(
          "keep",
          "The keep box lies inside the picture of "
              + entity.photo().pixels().w()
              + " × "
              + entity.photo().pixels().h()
              + " pixels.");
    }
    tell(bench, entity, box == null ? "clear the keep box" : "keep box", t -> t.withKeep(box));
  }

  /** Takes the proposed keep box of each of these photos that has none and stands out enough. */
  public void keepAsProposed(long albumId, long version, List<String> photos) {
    Bench bench = benches.seen(albumId, version);
    List<Change> changes = new ArrayList<>();
    for (LinePhotoEntity photo : photos(bench, photos)) {
      PixelBox box = photo.keep() == null ? proposal(photo, bench.rules()) : null;
      if (box != null) {
        Told told = Told.of(photo);
        changes.add(new Change.OfPhoto(photo.photo().sha256(), told, told.withKeep(box)));
      }
    }
    if (changes.isEmpty()) {
      throw new NotPossibleException(
          "photos", "Nothing stands out in the picture, or it has a keep box: draw it yourself.");
    }
    history.step(bench.album(), "keep box as proposed", changes);
  }

  /** The keep box that is proposed for a photo, if its subject stands out. */
  public @Nullable PixelBox proposal(LinePhotoEntity photo, HouseRules rules) {
    return details
        .findById(photo.photo().sha256())
        .flatMap(map -> Subject.propose(map.detail(), photo.photo().pixels(), rules))
        .orElse(null);
  }

  /** Says when a photo was taken. */
  public void date(long albumId, long version, String photo, LocalDateTime takenAt) {
    Bench bench = benches.seen(albumId, version);
    LinePhotoEntity entity = AlbumEdits.photo(bench, "photo", photo);
    tell(bench, entity, "date of " + entity.name(), told -> told.withDate(takenAt));
  }

  /** Says that a photo is a print on the table already, of this size; null if it is not. */
  public void onTable(long albumId, long version, String photo, @Nullable Size size) {
    Bench bench = benches.seen(albumId, version);
    LinePhotoEntity entity = AlbumEdits.photo(bench, "photo", photo);
    if (size == null && !entity.photo().hasFile()) {
      throw new NotPossibleException(
          "size", "There is no file of this print to order it from: it stays on the table.");
    }
    tell(
        bench,
        entity,
        size == null ? "not yet printed" : "print on the table",
        told -> told.withOnTable(StoredSize.of(size)));
  }

  /** Decides on photos, each by its identity; what goes out leaves its slot. */
  public void choose(long albumId, long version, Map<String, Choice> choices) {
    Bench bench = benches.seen(albumId, version);
    List<Change> changes = new ArrayList<>();
    choices.forEach(
        (id, choice) -> {
          LinePhotoEntity photo = AlbumEdits.photo(bench, "photos", id);
          if (photo.choosing().choice() != choice) {
            if (choice == Choice.OUT) {
              takeOut(bench, id, changes);
            }
            changes.add(choose(photo, choice));
          }
        });
    if (!changes.isEmpty()) {
      history.step(bench.album(), label(choices), changes);
    }
  }

  static Change choose(LinePhotoEntity photo, Choice choice) {
    Told told = Told.of(photo);
    return new Change.OfPhoto(
        photo.photo().sha256(), told, told.withChoosing(told.choosing().withChoice(choice)));
  }

  private static void takeOut(Bench bench, String photo, List<Change> changes) {
    Slot slot = bench.slotOf(photo).orElse(null);
    if (slot != null) {
      Filling before = AlbumEdits.held(bench, slot);
      AlbumEdits.requireUnlocked("photos", before);
      changes.add(new Change.OfFilling(slot.id(), before, null));
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
    Bench bench = benches.seen(albumId, version);
    AlbumEdits.photo(bench, "photo", photo);
    Stack stack = bench.stackOf().get(photo);
    if (stack == null || count < 0 || count > stack.photos().size()) {
      throw new NotPossibleException(
          "keep", "A stack has at least two pictures, and as many of it can be kept.");
    }
    List<String> order =
        stack.photos().stream()
            .map(StoryPhoto::id)
            .sorted(Comparator.comparing(id -> turn(bench.photo(id).orElseThrow())))
            .toList();
    Map<String, Choice> choices = new LinkedHashMap<>();
    for (int i = 0; i < order.size(); i++) {
      choices.put(order.get(i), i < count ? Choice.KEEP : Choice.OUT);
    }
    choose(albumId, version, choices);
  }

  private static int turn(LinePhotoEntity photo) {
    return switch (photo.choosing().choice()) {
      case KEEP -> 0;
      case OPEN, MAYBE -> 1;
      case OUT -> 2;
    };
  }

  /** Keeps every photo that nobody has decided on and that has at least so many stars. */
  public void keepStarred(long albumId, long version, int stars) {
    Map<String, Choice> choices = new LinkedHashMap<>();
    for (LinePhotoEntity photo : benches.seen(albumId, version).photos()) {
      Integer rating = photo.rating();
      if (photo.choosing().choice() == Choice.OPEN && rating != null) {
        if (rating >= stars) {
          choices.put(photo.photo().sha256(), Choice.KEEP);
        } else if (rating < 0) {
          choices.put(photo.photo().sha256(), Choice.OUT);
        }
      }
    }
    if (choices.isEmpty()) {
      throw new NotPossibleException(
          "stars", "No undecided photo has " + stars + " stars or more.");
    }
    choose(albumId, version, choices);
  }

  /** Changes what is written of photos: hero, private, fine behind a flap, caption. */
  public void write(
      long albumId, long version, List<String> photos, String label, UnaryOperator<Choosing> next) {
    Bench bench = benches.seen(albumId, version);
    List<Change> changes = new ArrayList<>();
    for (LinePhotoEntity photo : photos(bench, photos)) {
      Told told = Told.of(photo);
      Told after = told.withChoosing(next.apply(told.choosing()));
      if (!after.equals(told)) {
        changes.add(new Change.OfPhoto(photo.photo().sha256(), told, after));
      }
    }
    if (!changes.isEmpty()) {
      history.step(bench.album(), label, changes);
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
        marks -> new Marks(name, marks.alternates(), marks.border(), marks.chapterName()));
  }

  /** Says that photos are versions of one subject, of which one is placed, or that they are not. */
  public void alternates(long albumId, long version, List<String> photos, boolean together) {
    String name = together ? photos.get(0) : "";
    mark(
        albumId,
        version,
        photos,
        together ? "versions of one subject" : "no versions of one subject",
        marks -> new Marks(marks.stack(), name, marks.border(), marks.chapterName()));
  }

  /** Says that a chapter begins with the photo, or that it goes on with the one before. */
  public void border(long albumId, long version, String photo, boolean begins) {
    mark(
        albumId,
        version,
        List.of(photo),
        begins ? "begin a chapter" : "join chapters",
        marks ->
            new Marks(
                marks.stack(),
                marks.alternates(),
                begins ? Border.BEGINS : Border.JOINS,
                marks.chapterName()));
  }

  /**
   * Moves the border before a chapter: it begins with another photo, of itself or of the chapter
   * before.
   *
   * @param from the first photo of the chapter
   * @param to the photo that it is to begin with
   */
  public void moveBorder(long albumId, long version, String from, String to) {
    Bench bench = benches.seen(albumId, version);
    AlbumEdits.photo(bench, "from", from);
    AlbumEdits.photo(bench, "to", to);
    List<Chapter> chapters = bench.chapters();
    int at = 0;
    while (at < chapters.size() && !chapters.get(at).photos().get(0).id().equals(from)) {
      at++;
    }
    if (at == 0 || at == chapters.size()) {
      throw new NotPossibleException("from", "No border lies before that photo.");
    }
    Chapter before = chapters.get(at - 1);
    Chapter after = chapters.get(at);
    List<StoryPhoto> both = new ArrayList<>(before.photos());
    both.addAll(after.photos());
    int reached = both.stream().map(StoryPhoto::id).toList().indexOf(to);
    if (reached < 1 || to.equals(from)) {
      throw new NotPossibleException(
          "to", "A border moves to another photo of the two chapters that it divides.");
    }
    List<Change> changes = new ArrayList<>();
    for (int i = 0; i < both.size(); i++) {
      StoryPhoto photo = both.get(i);
      boolean begins = i == reached;
      Border border =
          begins ? Border.BEGINS : photo.id().equals(from) ? Border.JOINS : photo.marks().border();
      String name = i == 0 ? before.name() : begins ? after.name() : null;
      Marks marks = marked(photo.marks(), border, name);
      if (!marks.equals(photo.marks())) {
        Told told = Told.of(bench.photo(photo.id()).orElseThrow());
        changes.add(new Change.OfPhoto(photo.id(), told, told.withMarks(marks)));
      }
    }
    history.step(bench.album(), "move the border of a chapter", changes);
  }

  private static Marks marked(Marks marks, @Nullable Border border, @Nullable String name) {
    return new Marks(marks.stack(), marks.alternates(), border, name);
  }

  /** Names the chapter that a photo is in; an empty name takes it back. */
  public void nameChapter(long albumId, long version, String photo, String name) {
    Bench bench = benches.seen(albumId, version);
    AlbumEdits.photo(bench, "photo", photo);
    List<Change> changes = new ArrayList<>();
    List<StoryPhoto> chapter =
        bench.chapters().stream()
            .map(each -> each.photos())
            .filter(photos -> photos.stream().anyMatch(each -> each.id().equals(photo)))
            .findFirst()
            .orElseThrow();
    for (StoryPhoto each : chapter) {
      String next = each == chapter.get(0) && !name.isEmpty() ? name : null;
      if (next != null || each.marks().chapterName() != null) {
        Told told = Told.of(bench.photo(each.id()).orElseThrow());
        Marks marks = marked(told.marks(), told.marks().border(), next);
        changes.add(new Change.OfPhoto(each.id(), told, told.withMarks(marks)));
      }
    }
    if (!changes.isEmpty()) {
      history.step(bench.album(), "name of a chapter", changes);
    }
  }

  /**
   * Divides the line into as many chapters as wanted, at the largest gaps; borders that the maker
   * set go.
   *
   * @param count null for as many as the house rule makes
   */
  public void divide(long albumId, long version, @Nullable Integer count) {
    Bench bench = benches.seen(albumId, version);
    if (count != null && (count < 1 || count > MOST_CHAPTERS)) {
      throw new NotPossibleException("count", "A line has 1 to " + MOST_CHAPTERS + " chapters.");
    }
    List<Change> changes = new ArrayList<>();
    for (LinePhotoEntity photo : bench.photos()) {
      if (photo.marks().border() != null) {
        Told told = Told.of(photo);
        Marks marks = marked(told.marks(), null, told.marks().chapterName());
        changes.add(new Change.OfPhoto(photo.photo().sha256(), told, told.withMarks(marks)));
      }
    }
    changes.add(new Change.OfChapters(bench.album().chapters(), count));
    history.step(bench.album(), "divide into chapters", changes);
  }

  /** Shifts the clock of a camera. */
  public void shiftClock(long albumId, long version, String camera, Duration by) {
    Bench bench = benches.seen(albumId, version);
    Duration before = bench.shiftOf(camera);
    history.step(
        bench.album(),
        "shift the clock of " + camera,
        List.of(new Change.OfClock(camera, before.toSeconds(), by.toSeconds())));
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
    Bench bench = benches.open(albumId);
    LinePhotoEntity entity = AlbumEdits.photo(bench, "photo", photo);
    Told told = Told.of(entity);
    Choosing choosing = told.choosing();
    List<Change> changes = new ArrayList<>();
    if (decided != null) {
      choosing = decided;
      if (decided.choice() == Choice.OUT) {
        takeOut(bench, photo, changes);
      }
    } else if (choosing.caption().isEmpty()) {
      choosing = choosing.withCaption(words.caption());
    }
    Told after = told.withChoosing(choosing);
    if (keep != null && keep.isInside(entity.photo().pixels())) {
      after = after.withKeep(keep);
    }
    if (!after.equals(told)) {
      changes.add(new Change.OfPhoto(photo, told, after));
      history.step(bench.album(), "sidecar of " + entity.name(), changes);
    }
  }

  private void mark(
      long albumId, long version, List<String> photos, String label, UnaryOperator<Marks> next) {
    Bench bench = benches.seen(albumId, version);
    List<Change> changes = new ArrayList<>();
    for (LinePhotoEntity photo : photos(bench, photos)) {
      Told told = Told.of(photo);
      changes.add(
          new Change.OfPhoto(
              photo.photo().sha256(), told, told.withMarks(next.apply(told.marks()))));
    }
    history.step(bench.album(), label, changes);
  }

  private static List<LinePhotoEntity> photos(Bench bench, List<String> ids) {
    return ids.stream().distinct().map(id -> AlbumEdits.photo(bench, "photos", id)).toList();
  }

  private void tell(Bench bench, LinePhotoEntity photo, String label, UnaryOperator<Told> next) {
    Told before = Told.of(photo);
    history.step(
        bench.album(),
        label,
        List.of(new Change.OfPhoto(photo.photo().sha256(), before, next.apply(before))));
  }
}
