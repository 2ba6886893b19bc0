package drumnest.server.gather;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.leaf.AlbumLeaves;
import drumnest.core.album.leaf.Slot;
import drumnest.core.measure.Units;
import drumnest.core.photo.AlbumPhoto;
import drumnest.core.photo.Chapter;
import drumnest.core.photo.Choice;
import drumnest.core.photo.Choosing;
import drumnest.core.photo.Framing;
import drumnest.core.photo.Light;
import drumnest.core.photo.Look;
import drumnest.core.photo.Showing;
import drumnest.core.photo.Stack;
import drumnest.core.photo.StoryPhoto;
import drumnest.core.place.Weakness;
import drumnest.core.stock.HouseRules;
import drumnest.server.album.OpenAlbums;
import drumnest.server.frame.AlbumViews;
import drumnest.server.frame.Revisions;
import drumnest.server.frame.Views;
import drumnest.server.frame.Words;
import drumnest.server.stock.UnitsInUse;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Shows the line: photos in time order by chapters, in stacks, with what was decided of them. */
@Component
public class LineViews {

  private static final int MOST_PHOTOS = 40_000;

  private final OpenAlbums openAlbums;
  private final Revisions<SentLine> sent =
      new Revisions<>(MOST_PHOTOS, sent -> sent.photos().size());

  LineViews(OpenAlbums openAlbums) {
    this.openAlbums = openAlbums;
  }

  /**
   * A photo on the line.
   *
   * @param rank where it stands among all photos of the album, from 0
   * @param taken when it was taken; left out where that is not known
   * @param material what there is of it
   * @param weakness why it is placed last unless it is kept; left out where nothing is against it
   * @param marks what the maker said of it
   * @param showing the state of its spread that it is meant for
   * @param centred whether crops without a keep box go by its middle, not by what was found in it
   * @param concealed what must not be seen of it
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
      @Nullable MomentView taken,
      MaterialView material,
      @Nullable Weakness weakness,
      Choice choice,
      List<PhotoMark> marks,
      Showing showing,
      boolean centred,
      List<Views.PixelBoxView> concealed,
      @Nullable String caption,
      Light.@Nullable Word light,
      @Nullable Integer stars,
      @Nullable String camera,
      @Nullable String lookalike,
      @Nullable String alternates,
      Views.@Nullable PixelBoxView keep,
      Views.@Nullable WhereView where) {

    /** This photo with its company on the line and its place in the album. */
    PhotoView in(
        int rankNow,
        @Nullable String stack,
        @Nullable String versions,
        Views.@Nullable WhereView place) {
      if (rankNow == rank
          && Objects.equals(stack, lookalike)
          && Objects.equals(versions, alternates)
          && Objects.equals(place, where)) {
        return this;
      }
      return new PhotoView(
          id, name, rankNow, pixels, taken, material, weakness, choice, marks, showing, centred,
          concealed, caption, light, stars, camera, stack, versions, keep, place);
    }
  }

  /**
   * When a photo was taken.
   *
   * @param text that in words
   * @param byMaker whether the maker said so, not the camera
   */
  public record MomentView(String at, String text, boolean byMaker) {}

  /** A word of the maker about a photo, beside its choice. */
  public enum PhotoMark {
    HERO,
    SECRET,
    FLAP
  }

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

  /**
   * A line that was sent, with what it was made of.
   *
   * @param photos every photo with how it is shown
   */
  private record SentLine(
      LineView line,
      HouseRules rules,
      Units units,
      AlbumLeaves leaves,
      List<Stack> stacks,
      Map<String, ShownPhoto> photos) {

    /** How a photo was shown if all it is shown by is the same now, but for its company. */
    @Nullable PhotoView view(AlbumPhoto photo, AlbumModel now) {
      ShownPhoto shown = photos.get(photo.id());
      return shown != null
              && shown.photo() == photo
              && rules == now.rules()
              && units == UnitsInUse.current()
          ? shown.view()
          : null;
    }

    /** Where it was, if that is the same now. */
    Views.@Nullable WhereView where(PhotoView known, AlbumModel now) {
      String slot = now.slotOf(known.id()).map(Slot::id).orElse(null);
      boolean same =
          known.where() != null && known.where().slot().equals(slot) && leaves == now.leaves();
      return same ? known.where() : null;
    }

    /** The chapter as it was sent, if it is the same. */
    ChapterView chapter(int number, ChapterView now) {
      if (number >= line.chapters().size()) {
        return now;
      }
      ChapterView before = line.chapters().get(number);
      boolean same =
          before.id().equals(now.id())
              && before.title().equals(now.title())
              && before.named() == now.named()
              && areSame(before.photos(), now.photos())
              && areSame(before.out(), now.out());
      return same ? before : now;
    }

    private static boolean areSame(List<PhotoView> before, List<PhotoView> now) {
      if (before.size() != now.size()) {
        return false;
      }
      for (int i = 0; i < now.size(); i++) {
        if (before.get(i) != now.get(i)) {
          return false;
        }
      }
      return true;
    }
  }

  private record ShownPhoto(AlbumPhoto photo, PhotoView view) {}

  LineView line(long albumId) {
    return line(albumId, null);
  }

  private LineView line(long albumId, @Nullable SentLine before) {
    OpenAlbums.Opened opened = openAlbums.opened(albumId);
    SentLine known = sent.at(albumId, opened.revision());
    if (known == null) {
      known = line(opened.album(), opened.revision(), before);
      sent.tell(albumId, opened.revision(), known);
    }
    return known.line();
  }

  /**
   * Tells what is another now.
   *
   * @param since the revision of the line that the page shows
   */
  LineChanges.LineChangesView changes(long albumId, String since) {
    SentLine before = sent.at(albumId, since);
    LineView now = line(albumId, before);
    return before == null ? LineChanges.all(now) : LineChanges.between(before.line(), now);
  }

  private static SentLine line(AlbumModel album, String revision, @Nullable SentLine before) {
    Map<String, Stack> stackOf = album.stackOf();
    Map<String, String> alternates = album.story().alternates();
    List<Chapter> divided = album.chapters();
    List<String> titles = Words.chapters(divided.stream().map(Chapter::begin).toList());
    List<ChapterView> chapters = new ArrayList<>();
    Map<String, ShownPhoto> shown = new HashMap<>();
    int rank = 0;
    for (int i = 0; i < divided.size(); i++) {
      List<PhotoView> in = new ArrayList<>();
      List<PhotoView> out = new ArrayList<>();
      for (StoryPhoto each : divided.get(i).photos()) {
        AlbumPhoto photo = album.photo(each.id()).orElseThrow();
        PhotoView known = before == null ? null : before.view(photo, album);
        Views.WhereView place = known == null ? null : before.where(known, album);
        Stack stack = stackOf.get(each.id());
        PhotoView view =
            (known == null ? alone(album, photo) : known)
                .in(
                    rank++,
                    stack == null ? null : stack.id(),
                    alternates.get(each.id()),
                    place == null ? where(album, photo) : place);
        shown.put(each.id(), new ShownPhoto(photo, view));
        (photo.isOut() ? out : in).add(view);
      }
      String name = divided.get(i).name();
      ChapterView chapter =
          new ChapterView(
              divided.get(i).photos().get(0).id(),
              name == null ? titles.get(i) : name,
              name != null,
              in,
              out);
      chapters.add(before == null ? chapter : before.chapter(i, chapter));
    }
    List<Stack> stacks = album.story().stacks();
    boolean sameStacks = before != null && stacks == before.stacks();
    LineView line =
        new LineView(
            revision,
            chapters,
            sameStacks ? before.line().stacks() : stacks.stream().map(LineViews::stack).toList(),
            AlbumViews.allEphemera(album),
            album.wantedChapters());
    return new SentLine(line, album.rules(), UnitsInUse.current(), album.leaves(), stacks, shown);
  }

  private static StackView stack(Stack stack) {
    return new StackView(
        stack.id(), stack.photos().stream().map(StoryPhoto::id).toList(), Words.reason(stack));
  }

  /** A photo by itself, without its company on the line. */
  public static PhotoView photo(AlbumModel album, AlbumPhoto photo) {
    return alone(album, photo).in(0, null, null, where(album, photo));
  }

  private static Views.@Nullable WhereView where(AlbumModel album, AlbumPhoto photo) {
    return album.slotOf(photo.id()).map(slot -> AlbumViews.where(album, slot)).orElse(null);
  }

  private static PhotoView alone(AlbumModel album, AlbumPhoto photo) {
    Choosing choosing = photo.choosing();
    return new PhotoView(
        photo.id(),
        photo.name(),
        0,
        Views.PixelsView.of(photo.pixels()),
        taken(photo),
        MaterialView.of(photo),
        Weakness.of(photo, album.rules()).orElse(null),
        choosing.choice(),
        marks(choosing),
        choosing.showing(),
        photo.annotations().framing() != Framing.FOLLOWS,
        photo.annotations().concealed().stream().map(Views.PixelBoxView::of).toList(),
        choosing.caption().isEmpty() ? null : choosing.caption(),
        light(album, photo.look()),
        photo.rating(),
        photo.words().camera(),
        null,
        null,
        Views.PixelBoxView.ofNullable(photo.keep()),
        null);
  }

  private static @Nullable MomentView taken(AlbumPhoto photo) {
    LocalDateTime at = photo.takenAt();
    return at == null
        ? null
        : new MomentView(at.withNano(0).toString(), Words.moment(at), photo.isDatedByMaker());
  }

  private static List<PhotoMark> marks(Choosing choosing) {
    List<PhotoMark> marks = new ArrayList<>();
    if (choosing.hero()) {
      marks.add(PhotoMark.HERO);
    }
    if (choosing.secret()) {
      marks.add(PhotoMark.SECRET);
    }
    if (choosing.flap()) {
      marks.add(PhotoMark.FLAP);
    }
    return List.copyOf(marks);
  }

  private static Light.@Nullable Word light(AlbumModel album, @Nullable Look look) {
    if (look == null || look.light().word(album.rules()) == Light.Word.EVEN) {
      return null;
    }
    return look.light().word(album.rules());
  }
}
