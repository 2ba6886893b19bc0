package drumnest.core.place;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.measure.Area;
import drumnest.core.measure.Size;
import drumnest.core.photo.Chapter;
import drumnest.core.photo.Chapters;
import drumnest.core.photo.StoryPhoto;
import drumnest.core.stock.Catalogue;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.LeafType;
import drumnest.core.stock.PocketPattern;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Albums as makers have them, and what a maker would call right for each. */
class AlbumsAsMadeTest {

  private static final Area LARGEST = Area.of(Size.ofInches(6, 4));
  private static final LocalDateTime START = LocalDateTime.of(2023, 6, 3, 9, 0);

  private static final List<LeafPlanning.LeafKind> KINDS =
      Stream.of("12x12-six-6x4", "12x12-six-4x6", "12x12-four-6x4-four-3x4", "12x12-nine-4x4")
          .map(AlbumsAsMadeTest::kind)
          .toList();

  private static LeafPlanning.LeafKind kind(String key) {
    PocketPattern pattern = ((LeafType) Catalogue.beginning().get(key).item()).pattern();
    return new LeafPlanning.LeafKind(key, page(pattern), page(pattern.mirrored()), null);
  }

  private static List<Place> page(PocketPattern pattern) {
    return pattern.pockets().stream()
        .map(pocket -> new Place("", pocket.named(), false, false))
        .toList();
  }

  /** When the photos were taken. */
  enum Album {
    A_DAY(60, random -> Duration.ofMinutes(random.nextInt(15) == 0 ? 80 : 1 + random.nextInt(9))),
    A_TRIP_OF_THREE_DAYS(
        90,
        random -> Duration.ofMinutes(random.nextInt(30) == 0 ? 11 * 60 : 1 + random.nextInt(25))),
    A_YEAR_SCATTERED(40, random -> Duration.ofHours(12 + random.nextInt(400))),
    A_SUMMER_WITH_BURSTS(
        300,
        random ->
            random.nextInt(3) > 0
                ? Duration.ofSeconds(1 + random.nextInt(4))
                : Duration.ofHours(1 + random.nextInt(40)));

    private final List<StoryPhoto> line = new ArrayList<>();
    private final List<List<Candidate>> chapters = new ArrayList<>();

    Album(int count, Pause pause) {
      Random random = new Random(ordinal());
      LocalDateTime now = START;
      for (int i = 0; i < count; i++) {
        line.add(new StoryPhoto("p" + i, now, null, StoryPhoto.Grouping.NONE));
        now = now.plus(pause.next(random));
      }
      for (Chapter chapter : Chapters.divide(line, null, PlacingCases.RULES)) {
        chapters.add(
            chapter.photos().stream()
                .map(photo -> PlacingCases.anyKept(photo.id(), random))
                .toList());
      }
    }

    List<Candidate> photos() {
      return chapters.stream().flatMap(List::stream).toList();
    }

    LeafPlanning.Request request(Breathing breathing) {
      return new LeafPlanning.Request(
          chapters, KINDS, breathing, 200, false, 0, 3, PlacingCases.WEIGHTS, PlacingCases.RULES);
    }
  }

  private static final Map<String, List<LeafChoices.Choice>> KNOWN = new HashMap<>();

  /** The plans for an album, found once for all tests. */
  private static List<LeafChoices.Choice> plans(Album album, Breathing breathing) {
    return KNOWN.computeIfAbsent(
        album + " " + breathing,
        key -> LeafChoices.of(album.request(breathing), ProgressMonitor.NONE));
  }

  /** How long until the next photo is taken. */
  private interface Pause {
    Duration next(Random random);
  }

  static Stream<Arguments> albums() {
    return Stream.of(Album.values())
        .flatMap(
            album ->
                Stream.of(Breathing.values()).map(breathing -> Arguments.of(album, breathing)));
  }

  @ParameterizedTest
  @EnumSource(Album.class)
  void chapters_are_worth_a_page(Album album) {
    long worth = PlacingCases.RULES.number(HouseRule.CHAPTER_PHOTOS);
    assertThat(album.chapters).hasSizeLessThanOrEqualTo((int) (album.line.size() / worth));
  }

  @ParameterizedTest(name = "{0}, {1}")
  @MethodSource("albums")
  void every_plan_holds_all_photos_in_story_order(Album album, Breathing breathing) {
    for (LeafChoices.Choice choice : plans(album, breathing)) {
      List<Integer> placed =
          pages(choice.plan())
              .flatMap(page -> page.photoAt.stream())
              .filter(photo -> photo >= 0)
              .toList();
      assertThat(placed).isSorted().hasSize(album.line.size());
    }
  }

  /** A page of a plan. */
  private record Page(List<Place> places, List<Integer> photoAt) {

    Area holds() {
      return area(IntStream.range(0, photoAt.size()).filter(i -> photoAt.get(i) >= 0));
    }

    Area whole() {
      return area(IntStream.range(0, photoAt.size()));
    }

    private Area area(IntStream of) {
      return of.mapToObj(i -> places.get(i).area()).reduce(Area.NONE, Area::plus);
    }
  }

  private static Stream<Page> pages(LeafPlanning.Plan plan) {
    return plan.leaves().stream()
        .flatMap(
            leaf ->
                Stream.of(
                    new Page(leaf.kind().front(), leaf.front()),
                    new Page(leaf.kind().back(), leaf.back())));
  }

  /** Over all pages but the last leaf's, which hold what is left. */
  @ParameterizedTest(name = "{0}, {1}")
  @MethodSource("albums")
  void pages_are_as_full_as_was_asked_within_a_photo(Album album, Breathing breathing) {
    double asked = breathing.share(PlacingCases.RULES) / 100.0;
    List<Page> pages = pages(asAsked(album, breathing)).toList();
    double off = 0;
    for (Page page : pages.subList(0, pages.size() - 2)) {
      off += page.holds().over(LARGEST) - asked * page.whole().over(LARGEST);
    }
    assertThat(off)
        .as("a little more in long albums, where kinds with other places are mixed")
        .isBetween(-1 - album.line.size() / 150.0, 1 + album.line.size() / 150.0);
  }

  private static LeafPlanning.Plan asAsked(Album album, Breathing breathing) {
    return plans(album, breathing).stream()
        .filter(choice -> choice.aims().contains(LeafChoices.Aim.AIR_AS_ASKED))
        .findFirst()
        .orElseThrow()
        .plan();
  }

  /** As many photos as an album of so many pages can hold at most, whatever is cropped. */
  private static int fewestLeaves(Album album, Breathing breathing) {
    int page = 0;
    int left = 0;
    for (int photo = 0; photo < album.line.size(); photo++) {
      if (left == 0) {
        left = mostOnPage(++page, breathing);
      }
      left--;
    }
    return (page + 1) / 2;
  }

  private static int mostOnPage(int number, Breathing breathing) {
    return KINDS.stream()
        .mapToInt(
            kind -> {
              List<Size> sizes = kind.front().stream().map(Place::print).toList();
              Area room = breathing.room(sizes, number, PlacingCases.RULES);
              List<Area> smallest = sizes.stream().map(Area::of).sorted().toList();
              int most = 0;
              Area taken = Area.NONE;
              while (most < smallest.size()
                  && taken.plus(smallest.get(most)).compareTo(room) <= 0) {
                taken = taken.plus(smallest.get(most++));
              }
              return most;
            })
        .max()
        .orElseThrow();
  }

  @ParameterizedTest(name = "{0}, {1}")
  @MethodSource("albums")
  void the_plan_with_the_fewest_leaves_takes_the_fewest_that_can_be_or_one_more(
      Album album, Breathing breathing) {
    LeafChoices.Choice least = plans(album, breathing).get(0);
    int fewest = fewestLeaves(album, breathing);
    assertThat(least.plan().leaves().size()).isBetween(fewest, fewest + 1);
  }

  /** Spread after spread, each takes the run of the story that follows, until all have a place. */
  @ParameterizedTest
  @EnumSource(Album.class)
  void spread_by_spread_the_story_goes_on_without_a_gap(Album album) {
    List<Candidate> waiting = album.photos();
    int spreads = 0;
    while (!waiting.isEmpty()) {
      Placing.Problem spread = spread(waiting, spreads++);
      Set<String> later = NextRun.after(spread);
      List<Candidate> run = waiting.stream().filter(photo -> !later.contains(photo.id())).toList();
      assertThat(run).isNotEmpty().isEqualTo(waiting.subList(0, run.size()));
      int[] placeOf = Placing.by(Placing.Order.STORY).place(spread(run, spreads)).placeOf();
      assertThat(placeOf).as("all of the run").doesNotContain(-1).isSorted();
      waiting = waiting.subList(run.size(), waiting.size());
    }
    assertThat(spreads).isLessThanOrEqualTo(album.line.size() / 10 + 1);
  }

  /** Two pages of six places, of which five each may hold a photo. */
  private static Placing.Problem spread(List<Candidate> photos, int number) {
    List<Place> places = new ArrayList<>();
    for (int page = 0; page < 2; page++) {
      for (int i = 0; i < 6; i++) {
        Place.At at = new Place.At(number, page, 0.5, false, false, false);
        places.add(new Place(page + "-" + i, Size.ofInches(6, 4), false, false, at));
      }
    }
    List<Size> sizes = places.subList(0, 6).stream().map(Place::print).toList();
    Area room = Breathing.FULL.room(sizes, 1, PlacingCases.RULES);
    return new Placing.Problem(
        photos,
        places,
        Map.of(),
        Map.of(),
        Map.of(0, room, 1, room),
        Placing.Order.STORY,
        PlacingCases.WEIGHTS,
        PlacingCases.RULES);
  }
}
