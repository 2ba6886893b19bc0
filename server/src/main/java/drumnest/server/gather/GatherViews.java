package drumnest.server.gather;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.Holding;
import drumnest.core.measure.Orientation;
import drumnest.core.measure.Size;
import drumnest.core.photo.AlbumPhoto;
import drumnest.core.photo.Chapter;
import drumnest.core.photo.Choice;
import drumnest.core.photo.FileWords;
import drumnest.core.photo.Framing;
import drumnest.core.photo.PixelBox;
import drumnest.core.photo.QuietArea;
import drumnest.core.photo.StoryPhoto;
import drumnest.core.place.budget.Budget;
import drumnest.core.place.budget.ChapterBudget;
import drumnest.core.place.budget.CullingSuggestions;
import drumnest.core.stock.HouseRules;
import drumnest.server.NotThereException;
import drumnest.server.album.OpenAlbums;
import drumnest.server.frame.SlotNames;
import drumnest.server.frame.Views;
import drumnest.server.frame.Words;
import drumnest.server.stock.RulesInForce;
import drumnest.server.store.PhotoDetails;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Shows what helps to choose: a photo looked at closely, and the budget of the chapters. */
@Component
class GatherViews {

  private final OpenAlbums openAlbums;
  private final PhotoDetails details;
  private final RulesInForce rules;

  GatherViews(OpenAlbums openAlbums, PhotoDetails details, RulesInForce rules) {
    this.rules = rules;
    this.openAlbums = openAlbums;
    this.details = details;
  }

  /**
   * A photo looked at closely.
   *
   * @param proposal the subject that was found, which is proposed as its keep box; left out where
   *     nothing stands out
   * @param heads the heads that were found in it
   * @param framing how it is cropped without a keep box: follows, as-before or centred
   * @param quiet where something may be stuck on it
   * @param doubt why the date in its file is not believed
   * @param remarks what is to be known of it, a line each
   */
  record CloseView(
      Views.@Nullable PixelBoxView proposal,
      List<Views.PixelBoxView> heads,
      Framing framing,
      Views.@Nullable PixelBoxView quiet,
      @Nullable String doubt,
      List<RemarkView> remarks) {}

  record RemarkView(String name, String text) {}

  CloseView close(long albumId, String id) {
    AlbumPhoto photo =
        openAlbums
            .open(albumId)
            .photo(id)
            .orElseThrow(
                () -> new NotThereException("photo", "There is no photo “" + id + "” here."));
    HouseRules inForce = rules.rules();
    Optional<PixelBox> quiet =
        details
            .findById(id)
            .flatMap(
                map ->
                    QuietArea.of(
                        map.detail(),
                        photo.pixels(),
                        PixelBox.whole(photo.pixels()),
                        photo.notToBeCovered(),
                        inForce));
    return new CloseView(
        Views.PixelBoxView.ofNullable(photo.found().subject()),
        photo.found().heads().stream().map(Views.PixelBoxView::ofNullable).toList(),
        photo.annotations().framing(),
        Views.PixelBoxView.ofNullable(quiet.orElse(null)),
        photo.words().doubt(),
        remarks(photo));
  }

  private static List<RemarkView> remarks(AlbumPhoto photo) {
    FileWords words = photo.words();
    Map<String, String> said = new LinkedHashMap<>();
    said.put("Camera", words.camera());
    said.put("Clock", words.offsetMinutes() == null ? null : ClockText.zone(words.offsetMinutes()));
    said.put("Title", words.title());
    said.put("Keywords", words.keywords());
    List<RemarkView> remarks = new ArrayList<>();
    said.forEach(
        (name, text) -> {
          if (text != null && !text.isEmpty()) {
            remarks.add(new RemarkView(name, text));
          }
        });
    return remarks;
  }

  /**
   * The budget of a chapter.
   *
   * @param chapter the identity of the chapter
   * @param undecided how many nobody has decided on
   * @param maybe how many go in where there is room
   * @param pages which pages it has, in words; left out where it has none
   * @param text the sum of it, such as "9 photos over, 4 more wide pockets needed"
   * @param state whether it has too many
   */
  record ChapterBudgetView(
      String chapter,
      String title,
      int kept,
      int undecided,
      int maybe,
      int places,
      @Nullable String pages,
      String text,
      Balance state,
      List<ShapeView> shapes,
      List<DropView> drops) {}

  /** Whether more is kept than there are places, or less. */
  enum Balance {
    OVER,
    UNDER,
    EVEN
  }

  private static Balance balance(Budget.Share share) {
    if (share.places() > 0 && share.tooMany() > 0) {
      return Balance.OVER;
    }
    return share.places() > 0 && share.free() > 0 ? Balance.UNDER : Balance.EVEN;
  }

  /** Kept pictures of a shape against places of that shape. */
  record ShapeView(Orientation shape, int kept, int places) {}

  /** A photo to drop first, and why. */
  record DropView(String photo, String name, String why) {}

  record BudgetView(List<ChapterBudgetView> chapters, ChapterBudgetView whole) {}

  BudgetView budget(long albumId) {
    return new BudgetOfAlbum(openAlbums.open(albumId)).view();
  }

  /** The budget of one album being shown. */
  private static final class BudgetOfAlbum {
    private final AlbumModel album;
    private final ChapterBudget budget;
    private final List<String> titles;

    BudgetOfAlbum(AlbumModel album) {
      this.album = album;
      this.budget = new ChapterBudget(album);
      this.titles = Words.chapters(budget.chapters().stream().map(Chapter::begin).toList());
    }

    BudgetView view() {
      Size smallest =
          budget.places().stream()
              .min(Comparator.comparingDouble(BudgetOfAlbum::area))
              .orElse(null);
      List<ChapterBudgetView> views = new ArrayList<>();
      for (int i = 0; i < budget.lines().size(); i++) {
        views.add(chapter(i, budget.lines().get(i), smallest));
      }
      List<StoryPhoto> all =
          budget.chapters().stream().flatMap(each -> each.photos().stream()).toList();
      ChapterBudgetView whole =
          budget
              .whole()
              .map(line -> view("", "Whole album", all, line, null, List.of()))
              .orElseGet(BudgetOfAlbum::nothing);
      return new BudgetView(views, whole);
    }

    private static ChapterBudgetView nothing() {
      return new ChapterBudgetView(
          "", "Whole album", 0, 0, 0, 0, null, "no photos yet", Balance.EVEN, List.of(), List.of());
    }

    private static double area(Size size) {
      return (double) size.w().toNanometres() * size.h().toNanometres();
    }

    private ChapterBudgetView chapter(int index, Budget.Share line, @Nullable Size smallest) {
      Chapter chapter = budget.chapters().get(index);
      List<StoryPhoto> kept = new ArrayList<>();
      Set<String> spared = new HashSet<>();
      for (AlbumPhoto photo : budget.of(chapter.photos(), Choice.KEEP)) {
        kept.add(photo.asStory());
        boolean locked =
            album
                .slotOf(photo.id())
                .flatMap(slot -> album.holding(slot.id()))
                .map(Holding::locked)
                .orElse(false);
        if (locked || photo.choosing().hero() || photo.onTable() != null) {
          spared.add(photo.id());
        }
      }
      List<DropView> drops =
          CullingSuggestions.of(
                  new CullingSuggestions.Chapter(
                      kept, spared, budget.stackOf(), album.story().alternates(), line, smallest),
                  album.rules())
              .stream()
              .map(drop -> drop(drop, line))
              .toList();
      String pages = null;
      if (!line.pages().isEmpty()) {
        String first = SlotNames.of(budget.side(line.pages().get(0)));
        String last = SlotNames.of(budget.side(line.pages().get(line.pages().size() - 1)));
        pages = first.equals(last) ? first : first + " to " + last;
      }
      String name = chapter.name() == null ? titles.get(index) : chapter.name();
      return view(chapter.photos().get(0).id(), name, chapter.photos(), line, pages, drops);
    }

    private DropView drop(CullingSuggestions.Suggestion drop, Budget.Share line) {
      AlbumPhoto photo = album.photo(drop.photo()).orElseThrow();
      String other =
          drop.other() == null ? "" : album.photo(drop.other()).map(AlbumPhoto::name).orElse("");
      Orientation shape = photo.pixels().orientation();
      Budget.Shape count = line.shapes().get(shape);
      return new DropView(
          drop.photo(),
          photo.name(),
          Words.why(drop.reason(), other, Words.shapes(shape, count.tooMany())));
    }

    private ChapterBudgetView view(
        String id,
        String title,
        List<StoryPhoto> photos,
        Budget.Share line,
        @Nullable String pages,
        List<DropView> drops) {
      return new ChapterBudgetView(
          id,
          title,
          line.kept(),
          budget.of(photos, Choice.OPEN).size(),
          budget.of(photos, Choice.MAYBE).size(),
          line.places(),
          pages,
          Words.budget(line, album.rules()),
          balance(line),
          line.shapes().entrySet().stream()
              .map(
                  each ->
                      new ShapeView(
                          each.getKey(), each.getValue().kept(), each.getValue().places()))
              .toList(),
          drops);
    }
  }
}
