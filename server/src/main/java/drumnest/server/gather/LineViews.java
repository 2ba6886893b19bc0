package drumnest.server.gather;

import drumnest.core.album.AlbumModel;
import drumnest.core.photo.AlbumPhoto;
import drumnest.core.photo.Chapter;
import drumnest.core.photo.Choosing;
import drumnest.core.photo.Light;
import drumnest.core.photo.Look;
import drumnest.core.photo.Stack;
import drumnest.core.photo.StoryPhoto;
import drumnest.core.stock.HouseRule;
import drumnest.server.album.OpenAlbums;
import drumnest.server.frame.AlbumViews;
import drumnest.server.frame.Revisions;
import drumnest.server.frame.Views;
import drumnest.server.frame.Words;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Shows the line: photos in time order by chapters, in stacks, with what was decided of them. */
@Component
public class LineViews {

  private static final int MOST_PHOTOS = 40_000;

  private final OpenAlbums openAlbums;
  private final Revisions<LineView> told = new Revisions<>(MOST_PHOTOS, LineViews::photos);

  LineViews(OpenAlbums openAlbums) {
    this.openAlbums = openAlbums;
  }

  /**
   * A photo on the line.
   *
   * @param rank where it stands among all photos of the album, from 0
   * @param choice open, keep, maybe or out
   * @param hero left out where it is none; the same with secret and flap
   * @param noFile whether it is a print of which there is no file; left out where there is one
   * @param light dark or pale; left out where it is neither
   * @param stars its stars, -1 to 5
   * @param lookalike the stack it is in
   * @param alternates the group of upright and wide versions it is in
   */
  public record PhotoView(
      String id,
      String name,
      int rank,
      Views.PixelsView pixels,
      @Nullable String takenAt,
      @Nullable String takenText,
      boolean datedByMaker,
      boolean blurred,
      String choice,
      @Nullable Boolean hero,
      @Nullable Boolean secret,
      @Nullable Boolean flap,
      @Nullable Boolean noFile,
      @Nullable String caption,
      @Nullable String light,
      @Nullable Integer stars,
      @Nullable String camera,
      @Nullable String lookalike,
      @Nullable String alternates,
      Views.@Nullable PixelBoxView keep,
      Views.@Nullable SizeView onTable,
      Views.@Nullable WhereView where) {}

  /**
   * A chapter.
   *
   * @param id its first photo, dropped or not
   * @param title what it is called: by the maker, or its day and part of the day
   * @param named whether the maker named it
   * @param photos those that were not dropped
   * @param out those that were
   */
  public record ChapterView(
      String id, String title, boolean named, List<PhotoView> photos, List<PhotoView> out) {}

  /**
   * Near-repeats of one picture.
   *
   * @param photos all of them, the best first
   * @param reason why that one is the best
   */
  public record StackView(String id, List<String> photos, String reason) {}

  /**
   * The line.
   *
   * @param revision differs whenever anything of it may differ
   * @param wanted how many chapters the maker asked for; left out if none in particular
   */
  public record LineView(
      String revision,
      List<ChapterView> chapters,
      List<StackView> stacks,
      List<Views.EphemeraView> allEphemera,
      @Nullable Integer wanted) {}

  LineView line(long albumId) {
    OpenAlbums.Opened opened = openAlbums.opened(albumId);
    LineView known = told.at(albumId, opened.revision());
    if (known != null) {
      return known;
    }
    LineView line = line(opened.album(), opened.revision());
    told.tell(albumId, opened.revision(), line);
    return line;
  }

  /**
   * What is another now.
   *
   * @param since the revision of the line that the page shows
   */
  LineChanges.LineChangesView changes(long albumId, String since) {
    LineView before = told.at(albumId, since);
    LineView now = line(albumId);
    return before == null ? LineChanges.all(now) : LineChanges.between(before, now);
  }

  private static int photos(LineView line) {
    return line.chapters().stream()
        .mapToInt(chapter -> chapter.photos().size() + chapter.out().size())
        .sum();
  }

  private static LineView line(AlbumModel album, String revision) {
    List<Stack> stacks = album.story().stacks();
    Map<String, String> stackOf = new HashMap<>();
    stacks.forEach(stack -> stack.photos().forEach(p -> stackOf.put(p.id(), stack.id())));
    Map<String, String> alternates = album.story().alternates();
    List<Chapter> divided = album.chapters();
    List<String> titles = Words.chapters(divided.stream().map(Chapter::begin).toList());
    List<ChapterView> chapters = new ArrayList<>();
    int rank = 0;
    for (int i = 0; i < divided.size(); i++) {
      List<PhotoView> in = new ArrayList<>();
      List<PhotoView> out = new ArrayList<>();
      for (StoryPhoto each : divided.get(i).photos()) {
        AlbumPhoto photo = album.photo(each.id()).orElseThrow();
        (photo.isOut() ? out : in)
            .add(photo(album, photo, rank++, stackOf.get(each.id()), alternates.get(each.id())));
      }
      String name = divided.get(i).name();
      chapters.add(
          new ChapterView(
              divided.get(i).photos().get(0).id(),
              name == null ? titles.get(i) : name,
              name != null,
              in,
              out));
    }
    return new LineView(
        revision,
        chapters,
        stacks.stream().map(LineViews::stack).toList(),
        album.allEphemera().stream().map(ephemera -> AlbumViews.ephemera(album, ephemera)).toList(),
        album.wantedChapters());
  }

  private static StackView stack(Stack stack) {
    return new StackView(
        stack.id(), stack.photos().stream().map(StoryPhoto::id).toList(), Words.reason(stack));
  }

  /** A photo by itself, without its company. */
  public static PhotoView photo(AlbumModel album, AlbumPhoto photo) {
    return photo(album, photo, 0, null, null);
  }

  private static PhotoView photo(
      AlbumModel album,
      AlbumPhoto photo,
      int rank,
      @Nullable String stack,
      @Nullable String alternates) {
    Choosing choosing = photo.choosing();
    return new PhotoView(
        photo.id(),
        photo.name(),
        rank,
        Views.PixelsView.of(photo.pixels()),
        photo.takenAt() == null ? null : photo.takenAt().withNano(0).toString(),
        Words.moment(photo.takenAt()),
        photo.isDatedByMaker(),
        photo.hasFile() && photo.sharpness() < album.rules().number(HouseRule.BLURRED_BELOW),
        Words.key(choosing.choice()),
        yes(choosing.hero()),
        yes(choosing.secret()),
        yes(choosing.flap()),
        yes(!photo.hasFile()),
        choosing.caption().isEmpty() ? null : choosing.caption(),
        light(album, photo.look()),
        photo.rating(),
        photo.words().camera(),
        stack,
        alternates,
        Views.PixelBoxView.ofNullable(photo.keep()),
        Views.SizeView.ofNullable(photo.onTable()),
        album.slotOf(photo.id()).map(slot -> AlbumViews.where(album, slot)).orElse(null));
  }

  private static @Nullable Boolean yes(boolean flag) {
    return flag ? true : null;
  }

  private static @Nullable String light(AlbumModel album, @Nullable Look look) {
    if (look == null || look.light().word(album.rules()) == Light.Word.EVEN) {
      return null;
    }
    return Words.key(look.light().word(album.rules()));
  }
}
