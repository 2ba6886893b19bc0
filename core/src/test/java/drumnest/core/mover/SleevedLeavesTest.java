package drumnest.core.mover;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.album.AlbumHead;
import drumnest.core.album.AlbumModel;
import drumnest.core.album.AlbumParts;
import drumnest.core.album.Holding;
import drumnest.core.album.flap.Flap;
import drumnest.core.album.leaf.FlapNames;
import drumnest.core.album.leaf.Leaf;
import drumnest.core.album.leaf.LeafState;
import drumnest.core.album.leaf.PagePlan;
import drumnest.core.album.leaf.Side;
import drumnest.core.album.leaf.Slot;
import drumnest.core.album.leaf.Spread;
import drumnest.core.fit.FitQuestion;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.mover.MoverSuggestions.Sleeves;
import drumnest.core.photo.AlbumPhoto;
import drumnest.core.photo.Choice;
import drumnest.core.photo.Choosing;
import drumnest.core.photo.FileWords;
import drumnest.core.photo.Focus;
import drumnest.core.photo.Framing;
import drumnest.core.photo.PhotoAnnotations;
import drumnest.core.photo.PhotoFile;
import drumnest.core.photo.Pixels;
import drumnest.core.photo.StoryPhoto;
import drumnest.core.stock.Catalogue;
import drumnest.core.stock.CatalogueItem.HingeEdge;
import drumnest.core.stock.HouseRules;
import drumnest.core.stock.LeafType;
import drumnest.core.stock.Supplies;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Sleeves over two leaves with six pockets of 6 × 4 on each side. */
class SleevedLeavesTest {

  private static final LocalDateTime NOON = LocalDateTime.of(2021, 6, 14, 12, 0);
  private static final int PHOTOS = 36;
  private static final LeafType SIX_WIDE =
      (LeafType) Catalogue.beginning().get(Catalogue.SIX_WIDE).item();

  private static AlbumPhoto photo(int number) {
    boolean wide = number % 5 != 0;
    return new AlbumPhoto(
        new PhotoFile(id(number), "jpg", new Pixels(wide ? 3000 : 2000, wide ? 2000 : 3000)),
        id(number) + ".jpg",
        null,
        1,
        Focus.NONE,
        FileWords.NONE,
        null,
        new PhotoAnnotations(
            NOON.plusMinutes(number),
            false,
            null,
            List.of(),
            Framing.FOLLOWS,
            null,
            Choosing.OPEN.withChoice(Choice.KEEP),
            StoryPhoto.Grouping.NONE),
        Duration.ZERO);
  }

  private static String id(int number) {
    return "photo" + (100 + number);
  }

  private static AlbumModel emptyAlbum() {
    Length paper = Length.ofInches(1, 1, 64);
    Map<Integer, LeafState> leaves = new LinkedHashMap<>();
    leaves.put(1, LeafState.of(Catalogue.SIX_WIDE));
    leaves.put(2, LeafState.of(Catalogue.SIX_WIDE));
    return new AlbumModel(
        new AlbumHead(1, 0, "Album", null, null, 2, 0, List.of()),
        new AlbumParts(
            leaves,
            IntStream.range(0, PHOTOS).mapToObj(SleevedLeavesTest::photo).toList(),
            Map.of(),
            Map.of(),
            Map.of(),
            new TreeMap<>()),
        new Supplies(
            Map.of(Catalogue.SIX_WIDE, SIX_WIDE),
            Map.of(),
            new Supplies.Materials(paper, paper, paper, paper, paper),
            HouseRules.defaults()),
        FitQuestion.Answers.WORKED_OUT);
  }

  /** Photos as a plan has them: in the pockets in time order, some between them in sleeves. */
  private record Planned(AlbumModel album, List<List<String>> waiting) {

    static Planned of(Random random) {
      AlbumModel empty = emptyAlbum();
      Map<String, @Nullable Holding> held = new HashMap<>();
      List<List<String>> waiting = List.of(new ArrayList<>(), new ArrayList<>(), new ArrayList<>());
      int next = 0;
      for (Slot slot : empty.leaves().slots()) {
        if (random.nextInt(4) == 0 && next < PHOTOS) {
          waiting.get(empty.leaves().spreadOf(slot.parent().page())).add(id(next++));
        }
        if (random.nextInt(5) > 0 && next < PHOTOS) {
          held.put(slot.id(), Holding.ofPhoto(id(next++)));
        }
      }
      return new Planned(empty.with(held), waiting);
    }

    AlbumModel sleeved(@Nullable Integer left) {
      List<Sleeves> sleeves = List.of(new Sleeves(Size.ofInches(4, 6), HingeEdge.ANY, left));
      return SleevedLeaves.of(album, album.leaves().leaves(), waiting, sleeves);
    }
  }

  private static Map<String, String> placed(AlbumModel album) {
    Map<String, String> placed = new LinkedHashMap<>();
    for (Slot slot : album.leaves().slots()) {
      album.seated(slot).ifPresent(seated -> placed.put(slot.id(), seated.photo().id()));
    }
    return placed;
  }

  private static List<Flap> flaps(AlbumModel album) {
    return album.leaves().leaves().stream()
        .flatMap(
            leaf -> IntStream.of(0, 1).mapToObj(i -> i == 0 ? leaf.plan() : leaf.reversePlan()))
        .map(PagePlan::flaps)
        .flatMap(List::stream)
        .toList();
  }

  static IntStream seeds() {
    return IntStream.range(0, 60);
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void more_photos_have_a_place_none_has_two_and_every_sleeve_opens(int seed) {
    Random random = new Random(seed);
    Planned planned = Planned.of(random);
    int left = random.nextInt(7);
    AlbumModel sleeved = planned.sleeved(left);
    Map<String, String> before = placed(planned.album());
    Map<String, String> after = placed(sleeved);
    assertThat(after.values()).doesNotHaveDuplicates().containsAll(before.values());
    Set<String> waiting =
        planned.waiting().stream().flatMap(List::stream).collect(Collectors.toSet());
    assertThat(after.values())
        .allMatch(photo -> before.containsValue(photo) || waiting.contains(photo));
    assertThat(flaps(sleeved)).hasSizeLessThanOrEqualTo(left);
    for (int number = 0; number <= 2; number++) {
      Spread spread = sleeved.leaves().spread(number);
      SpreadMotion motion = SpreadMotion.of(spread, Length.ZERO);
      assertThat(Clash.errors(motion.flaps().clashes())).isZero();
      for (Flap flap : motion.flaps().all()) {
        assertThat(motion.stateFor(flap)).as(flap.id()).isPresent();
        assertThat(holdsAny(sleeved, spread, flap)).as(flap.id()).isTrue();
      }
    }
  }

  /** Whether a sleeve, or the chain that it is a link of, holds a photo. */
  private static boolean holdsAny(AlbumModel album, Spread spread, Flap flap) {
    return spread.slots().stream()
        .filter(slot -> flap.id().startsWith(slot.parent().page().id() + "-m"))
        .filter(album::isFilled)
        .flatMap(slot -> slot.flap().stream().map(name -> Map.entry(name, slot)))
        .anyMatch(
            each -> {
              Slot slot = each.getValue();
              PagePlan plan = slot.leaf().plan(slot.leaf().face(slot.side()));
              return plan.goingWith(FlapNames.number(each.getKey()))
                  .contains(FlapNames.number(flap.id()));
            });
  }

  @Test
  void with_as_many_sleeves_as_are_wanted_all_of_them_have_a_place() {
    Planned planned = Planned.of(new Random(3));
    int waiting = planned.waiting().stream().mapToInt(List::size).sum();
    assertThat(waiting).isPositive();
    assertThat(placed(planned.sleeved(null))).hasSize(placed(planned.album()).size() + waiting);
    // Two to a sleeve on each spread, and no more sleeves than that.
    long most = planned.waiting().stream().mapToLong(each -> (each.size() + 1) / 2).sum();
    assertThat(flaps(planned.sleeved(null))).hasSizeLessThanOrEqualTo((int) most);
    AlbumModel none = planned.sleeved(0);
    assertThat(placed(none)).isEqualTo(placed(planned.album()));
    assertThat(flaps(none)).isEmpty();
  }

  @Test
  void planning_counts_on_two_sides_of_each_and_on_no_more_than_it_looks_at() {
    Leaf leaf = Leaf.of(1, 1, SIX_WIDE);
    HouseRules rules = HouseRules.defaults();
    List<Sleeves> three = List.of(new Sleeves(Size.ofInches(4, 6), HingeEdge.ANY, 3));
    assertThat(SleevedLeaves.room(leaf, Side.FRONT, three, rules)).isEqualTo(6);
    assertThat(SleevedLeaves.countedOn(three).most()).isEqualTo(6);
    List<Sleeves> many = List.of(new Sleeves(Size.ofInches(4, 6), HingeEdge.ANY, null));
    assertThat(SleevedLeaves.room(leaf, Side.BACK, many, rules)).isEqualTo(8);
    assertThat(SleevedLeaves.countedOn(many).most()).isNull();
    List<Sleeves> others = List.of(new Sleeves(Size.ofInches(5, 7), HingeEdge.ANY, null));
    assertThat(SleevedLeaves.room(leaf, Side.BACK, others, rules)).isZero();
  }
}
