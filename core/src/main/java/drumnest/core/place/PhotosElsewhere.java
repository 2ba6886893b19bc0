package drumnest.core.place;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.leaf.Slot;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** Photos that are not to be placed in a part of an album, because they belong elsewhere. */
final class PhotosElsewhere {

  private PhotosElsewhere() {}

  /** Photos that have a place, but none of these. */
  static Set<String> placed(AlbumModel album, Set<String> here) {
    Set<String> elsewhere = new HashSet<>();
    album
        .line()
        .forEach(
            photo ->
                album
                    .slotOf(photo.id())
                    .filter(slot -> !here.contains(slot.id()))
                    .ifPresent(slot -> elsewhere.add(photo.id())));
    return elsewhere;
  }

  /**
   * Photos that the story has on other spreads: before the last one that is placed on the nearest
   * page before the spread, or after the first on the nearest page behind it. Those that are on the
   * spread already are not among them.
   */
  static Set<String> outOfStory(AlbumModel album, int spread, Set<String> here) {
    List<String> line = album.line().stream().map(photo -> photo.id()).toList();
    int from = -1;
    int to = line.size();
    int pageBefore = -1;
    int pageAfter = Integer.MAX_VALUE;
    for (int i = 0; i < line.size(); i++) {
      Slot slot = album.slotOf(line.get(i)).orElse(null);
      if (slot == null || here.contains(slot.id())) {
        continue;
      }
      int page = AlbumPlaces.pageNumber(slot);
      boolean before = album.leaves().spreadOf(slot.parent().page()) < spread;
      if (before && page >= pageBefore) {
        from = i;
        pageBefore = page;
      } else if (!before && page < pageAfter) {
        to = i;
        pageAfter = page;
      }
    }
    Set<String> out = new HashSet<>();
    for (int i = 0; i < line.size() && from < to; i++) {
      boolean there =
          album.slotOf(line.get(i)).filter(slot -> here.contains(slot.id())).isPresent();
      if (!there && (i < from || i > to)) {
        out.add(line.get(i));
      }
    }
    return out;
  }

  /** Photos of other chapters, but for those that are fixed or put by hand on these pages. */
  static Set<String> ofOtherChapters(AlbumModel album, String chapter, Set<String> here) {
    return album.chapters().stream()
        .filter(each -> !each.photos().get(0).id().equals(chapter))
        .flatMap(each -> each.photos().stream())
        .map(photo -> photo.id())
        .filter(
            photo ->
                album
                    .slotOf(photo)
                    .filter(slot -> here.contains(slot.id()))
                    .map(slot -> album.holding(slot.id()).orElse(null))
                    .map(held -> !held.isFixed() && !held.byHand())
                    .orElse(true))
        .collect(Collectors.toCollection(HashSet::new));
  }
}
