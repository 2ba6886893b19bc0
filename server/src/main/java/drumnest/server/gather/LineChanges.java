package drumnest.server.gather;

import drumnest.server.frame.Views;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** The differences between the line as a page shows it and as it is. */
final class LineChanges {

  private LineChanges() {}

  /**
   * A chapter that may be made of the photos of one before.
   *
   * @param same which chapter before has the same photos, from 0; left out where none has
   * @param photos all of its photos in order, where none has
   */
  record ChapterChange(
      String id,
      String title,
      boolean named,
      @Nullable Integer same,
      @Nullable List<LineViews.PhotoView> photos) {}

  /**
   * The parts that are others now.
   *
   * @param whole the line as it is, where it is not known what the page shows; all else is left out
   *     then
   * @param revision of the line as it is now
   * @param chapters all of them, in order
   * @param photos photos of chapters with the same photos as before that are not as before
   * @param stacks left out where they are as before
   */
  record LineChangesView(
      LineViews.@Nullable LineView whole,
      @Nullable String revision,
      @Nullable List<ChapterChange> chapters,
      @Nullable List<LineViews.PhotoView> photos,
      @Nullable List<LineViews.StackView> stacks,
      @Nullable List<Views.EphemeraView> allEphemera,
      @Nullable Integer wanted) {}

  static LineChangesView all(LineViews.LineView now) {
    return new LineChangesView(now, null, null, null, null, null, null);
  }

  static LineChangesView between(LineViews.LineView before, LineViews.LineView now) {
    // Most chapters are the very same as before, so that none of their photos need be looked at.
    Map<LineViews.ChapterView, Integer> known = new IdentityHashMap<>();
    now.chapters().forEach(chapter -> known.put(chapter, null));
    Map<List<String>, Integer> had = new HashMap<>();
    for (int i = 0; i < before.chapters().size(); i++) {
      LineViews.ChapterView chapter = before.chapters().get(i);
      if (known.containsKey(chapter)) {
        known.put(chapter, i);
      } else {
        had.put(ids(inOrder(chapter)), i);
      }
    }
    List<ChapterChange> chapters = new ArrayList<>();
    List<LineViews.PhotoView> changed = new ArrayList<>();
    for (LineViews.ChapterView chapter : now.chapters()) {
      Integer unchanged = known.get(chapter);
      if (unchanged != null) {
        chapters.add(change(chapter, unchanged, null));
        continue;
      }
      List<LineViews.PhotoView> photos = inOrder(chapter);
      Integer same = had.get(ids(photos));
      chapters.add(change(chapter, same, same == null ? photos : null));
      if (same != null) {
        List<LineViews.PhotoView> photosBefore = inOrder(before.chapters().get(same));
        for (int i = 0; i < photos.size(); i++) {
          if (differs(photos.get(i), photosBefore.get(i))) {
            changed.add(photos.get(i));
          }
        }
      }
    }
    return new LineChangesView(
        null,
        now.revision(),
        chapters,
        changed,
        now.stacks().equals(before.stacks()) ? null : now.stacks(),
        now.allEphemera(),
        now.wanted());
  }

  private static ChapterChange change(
      LineViews.ChapterView chapter,
      @Nullable Integer same,
      @Nullable List<LineViews.PhotoView> photos) {
    return new ChapterChange(chapter.id(), chapter.title(), chapter.named(), same, photos);
  }

  /** Most photos are the very same as before, so that none of their fields need be compared. */
  private static boolean differs(LineViews.PhotoView now, LineViews.PhotoView before) {
    return now != before && !now.equals(before);
  }

  private static List<LineViews.PhotoView> inOrder(LineViews.ChapterView chapter) {
    return Stream.concat(chapter.photos().stream(), chapter.out().stream())
        .sorted(Comparator.comparingInt(LineViews.PhotoView::rank))
        .toList();
  }

  private static List<String> ids(List<LineViews.PhotoView> photos) {
    return photos.stream().map(LineViews.PhotoView::id).toList();
  }
}
