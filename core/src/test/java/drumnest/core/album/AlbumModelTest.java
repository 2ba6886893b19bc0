package drumnest.core.album;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.album.ephemera.CardWords;
import drumnest.core.album.ephemera.Ephemera;
import drumnest.core.album.ephemera.Fact;
import drumnest.core.album.leaf.Leaf;
import drumnest.core.album.leaf.LeafState;
import drumnest.core.album.leaf.Slot;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.photo.AlbumPhoto;
import drumnest.core.photo.Choice;
import drumnest.core.photo.PhotoAnnotations;
import drumnest.core.stock.Catalogue;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.function.Function;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** An album changed by steps: what undoing and doing in another order must come to. */
class AlbumModelTest {

  private static final String CAMERA = SmallAlbum.CAMERA;

  /** A step as a maker might take it on the album as it is. */
  private static List<Change> step(AlbumModel album, Random random) {
    AlbumPhoto photo = any(album.photos(), random);
    String slot = any(album.leaves().slots(), random).id();
    Holding held = album.holding(slot).orElse(null);
    return switch (random.nextInt(12)) {
      case 0 -> List.of(new Change.OfTitle(album.title(), "Title " + random.nextInt(99)));
      case 1, 2 -> put(album, photo, slot, held);
      case 3 ->
          held == null
              ? List.of(new Change.OfChapters(album.wantedChapters(), random.nextInt(4)))
              : List.of(new Change.OfHolding(slot, held, held.withLocked(!held.locked())));
      case 4 -> {
        PhotoAnnotations said = photo.annotations();
        yield List.of(
            new Change.OfPhoto(
                photo.id(),
                said,
                said.withChoosing(
                    said.choosing().withChoice(any(List.of(Choice.values()), random)))));
      }
      case 5 -> {
        Size size = new Size(Length.ofInches(3), Length.ofInches(1 + random.nextInt(3)));
        Size before = album.ownOpening(album.slot(slot).orElseThrow()).orElse(null);
        yield List.of(
            new Change.OfOpening(SlotOpenings.key(album.slot(slot).orElseThrow()), before, size));
      }
      case 6 ->
          List.of(
              new Change.OfClock(
                  CAMERA, album.shiftOf(CAMERA), Duration.ofMinutes(random.nextInt(90))));
      case 7 -> {
        int key = album.nextEphemeraKey();
        Ephemera card =
            new Ephemera.Card(
                key,
                "Card",
                new Size(Length.ofInches(3), Length.ofInches(4)),
                Length.ZERO,
                false,
                CardWords.of("", HouseRules.defaults()));
        yield List.of(new Change.OfEphemera(key, null, card));
      }
      case 8 -> List.of(new Change.OfFormat(album.format(), "format" + random.nextInt(9)));
      case 9 ->
          List.of(
              new Change.OfFacts(
                  album.facts(),
                  List.of(new Fact(Fact.Subject.OTHER, "Fact " + random.nextInt(9), null))));
      default -> leaves(album, random);
    };
  }

  private static List<Change> put(AlbumModel album, AlbumPhoto photo, String slot, Holding held) {
    List<Change> changes = new ArrayList<>();
    album
        .slotOf(photo.id())
        .ifPresent(
            from ->
                changes.add(
                    new Change.OfHolding(from.id(), album.holding(from.id()).orElse(null), null)));
    boolean there = album.slotOf(photo.id()).map(Slot::id).filter(slot::equals).isPresent();
    changes.add(
        new Change.OfHolding(slot, there ? null : held, Holding.ofPhoto(photo.id()).putByHand()));
    return changes;
  }

  private static List<Change> leaves(AlbumModel album, Random random) {
    List<Integer> before = List.copyOf(album.leafStates().keySet());
    List<Integer> after = new ArrayList<>(before);
    if (random.nextBoolean()) {
      Leaf leaf = any(album.leaves().leaves(), random);
      return List.of(
          new Change.OfLeaf(leaf.key(), album.state(leaf), album.state(leaf).turnedOver()));
    }
    int key = album.nextLeafKey();
    after.add(random.nextInt(after.size() + 1), key);
    return List.of(
        new Change.OfLeaf(key, null, LeafState.of(Catalogue.SIX_WIDE)),
        new Change.OfOrder(before, after));
  }

  private static <T> T any(List<T> of, Random random) {
    return of.get(random.nextInt(of.size()));
  }

  private static List<Change> reversed(List<Change> changes) {
    List<Change> back = new ArrayList<>();
    changes.forEach(change -> back.add(change.reversed()));
    Collections.reverse(back);
    return back;
  }

  @Test
  void what_house_rules_alone_decide_is_worked_out_once_while_they_are_in_force() {
    AlbumModel album = SmallAlbum.begin();
    int[] count = new int[1];
    Function<HouseRules, Integer> counting = rules -> ++count[0];
    assertThat(album.underRules(Integer.class, counting)).isEqualTo(1);
    AlbumModel after = album.apply(List.of(new Change.OfTitle(album.title(), "Another")));
    assertThat(after.underRules(Integer.class, counting)).isEqualTo(1);
    AlbumModel other = after.under(album.rules().with(HouseRule.CROP_WEIGHT, 7));
    assertThat(other.underRules(Integer.class, counting)).isEqualTo(2);
    assertThat(album.underRules(Integer.class, counting)).isEqualTo(1);
  }

  static IntStream seeds() {
    return IntStream.range(0, 60);
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void a_step_that_is_undone_leaves_the_album_as_it_was(int seed) {
    Random random = new Random(seed);
    AlbumModel album = SmallAlbum.begin();
    for (int i = 0; i < 12; i++) {
      List<Change> changes = step(album, random);
      AlbumModel after = album.apply(changes);
      AlbumModel back = after.apply(reversed(changes));
      assertThat(back.leaves().slots()).isEqualTo(album.leaves().slots());
      assertThat(back.photos()).isEqualTo(album.photos());
      assertThat(back.title()).isEqualTo(album.title());
      assertThat(back.allEphemera()).isEqualTo(album.allEphemera());
      for (Slot slot : album.leaves().slots()) {
        assertThat(back.holding(slot.id())).isEqualTo(album.holding(slot.id()));
        assertThat(back.opening(slot)).isEqualTo(album.opening(slot));
        assertThat(back.seated(slot)).isEqualTo(album.seated(slot));
      }
      album = after;
    }
  }

  /** All that is worked out of an album. */
  private static List<Object> workedOut(AlbumModel album) {
    List<Object> all = new ArrayList<>();
    for (Leaf leaf : album.leaves().leaves()) {
      all.add(album.summary(leaf));
      all.add(album.thickness(leaf));
      all.add(album.state(leaf));
      for (Slot slot : album.leaves().slotsOf(leaf)) {
        all.add(album.seated(slot));
        all.add(album.laid(slot));
        all.add(album.opening(slot));
        all.add(album.isFilled(slot));
      }
    }
    album.photos().forEach(photo -> all.add(album.slotOf(photo.id())));
    album.allEphemera().forEach(each -> all.add(album.slotOfEphemera(each.key())));
    all.add(album.line());
    all.add(album.out());
    all.add(album.chapters());
    all.add(album.stackOf());
    return all;
  }

  /** Under supplies of its own nothing is taken over from the album before. */
  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void what_is_taken_over_is_what_would_be_worked_out_anew(int seed) {
    Random random = new Random(seed);
    AlbumModel album = SmallAlbum.begin();
    for (int i = 0; i < 16; i++) {
      workedOut(album);
      album = album.apply(step(album, random)).asVersion(i);
      assertThat(workedOut(album)).isEqualTo(workedOut(album.under(album.rules())));
      assertThat(album.version()).isEqualTo(i);
    }
  }

  @Test
  void a_leaf_comes_to_what_is_counted_on_it() {
    AlbumModel album =
        SmallAlbum.begin()
            .apply(
                List.of(
                    new Change.OfHolding("1-front-1", null, Holding.ofPhoto("photo1")),
                    new Change.OfHolding("1-front-2", null, Holding.ofPhoto("photo2")),
                    new Change.OfHolding(
                        "1-front-3", null, Holding.reserved(Reservation.WORDS, true))));
    LeafSummary summary = album.summary(album.leaves().leaves().get(0));
    assertThat(summary.slots()).isEqualTo(12);
    assertThat(summary.filled()).isEqualTo(2);
    assertThat(summary.photos()).isEqualTo(2);
    assertThat(summary.toOrder()).isEqualTo(2);
    assertThat(summary.trims()).isZero();
    assertThat(album.summary(album.leaves().leaves().get(1)).photos()).isZero();
    assertThat(album.firstSpread()).isEqualTo(1);
    assertThat(album.typeKey(album.leaves().leaves().get(0))).isEqualTo(Catalogue.SIX_WIDE);
    assertThat(album.inPrints(album.materials().print().times(3))).isEqualTo(3);
    assertThat(album.reservation(album.slot("1-front-3").orElseThrow()))
        .contains(Reservation.WORDS);
    assertThat(album).hasToString("album 1 in version 0");
  }

  /** Put by hand, a photo changes places with what is there; a reservation makes way. */
  @Test
  void a_photo_that_is_put_elsewhere_changes_places() {
    AlbumModel album =
        SmallAlbum.begin()
            .apply(
                List.of(
                    new Change.OfHolding(
                        "1-front-1", null, Holding.ofPhoto("photo1").withMade(Made.CUT)),
                    new Change.OfHolding("2-front-1", null, Holding.ofPhoto("photo2")),
                    new Change.OfHolding(
                        "2-front-2", null, Holding.reserved(Reservation.WORDS, true))));
    Slot large = album.slot("1-front-1").orElseThrow();
    Slot small = album.slot("2-front-2").orElseThrow();
    AlbumModel there = album.asPut(album.slot("2-front-1").orElseThrow(), "photo1");
    assertThat(there.slotOf("photo1").map(Slot::id)).contains("2-front-1");
    assertThat(there.slotOf("photo2").map(Slot::id)).contains("1-front-1");
    AlbumModel words = album.asPut(small, "photo1");
    assertThat(words.slotOf("photo1")).contains(words.slot("2-front-2").orElseThrow());
    assertThat(words.held(large)).isNull();
    // Cut for a place of another size, it is to be cut anew.
    assertThat(words.held(small)).isEqualTo(Holding.ofPhoto("photo1").putByHand());
    assertThat(album.asPut(large, "photo1")).isEqualTo(album);
    assertThat(album.asPut(album.slot("1-front-2").orElseThrow(), "photo5").slotOf("photo5"))
        .isPresent();
  }

  @Test
  void steps_that_are_not_in_each_others_way_can_be_taken_in_any_order() {
    int apart = 0;
    int together = 0;
    for (int seed = 0; seed < 600; seed++) {
      Random random = new Random(seed);
      AlbumModel album = SmallAlbum.begin();
      for (int i = 0; i < 6; i++) {
        album = album.apply(step(album, random));
      }
      List<Change> one = step(album, random);
      List<Change> other = step(album, random);
      Footprint byOne = Footprint.of(one);
      Footprint byOther = Footprint.of(other);
      assertThat(byOne.conflictsWith(byOther)).isEqualTo(byOther.conflictsWith(byOne));
      if (byOne.conflictsWith(byOther)) {
        together++;
      } else {
        apart++;
        assertThat(album.apply(one).apply(other))
            .as("seed %d: %s and %s", seed, one, other)
            .isEqualTo(album.apply(other).apply(one));
      }
    }
    assertThat(apart).as("pairs apart").isGreaterThan(300);
    assertThat(together).as("pairs in each other's way").isGreaterThan(25);
  }

  @Test
  void who_relies_on_a_leaf_is_in_the_way_of_who_takes_it_out() {
    List<Change> out =
        List.of(new Change.OfLeaf(2, LeafState.of(Catalogue.ONE_WIDE_TEN_SMALL), null));
    List<Change> put = List.of(new Change.OfHolding("2-front-1", null, Holding.ofPhoto("photo1")));
    List<Change> elsewhere =
        List.of(new Change.OfHolding("1-front-1", null, Holding.ofPhoto("photo2")));
    assertThat(Footprint.of(out).conflictsWith(Footprint.of(put))).isTrue();
    assertThat(Footprint.of(put).conflictsWith(Footprint.of(out))).isTrue();
    assertThat(Footprint.of(out).conflictsWith(Footprint.of(elsewhere))).isFalse();
    assertThat(Footprint.of(put).conflictsWith(Footprint.of(elsewhere))).isFalse();
  }

  @Test
  void one_photo_in_two_slots_is_in_the_way_of_itself() {
    List<Change> here = List.of(new Change.OfHolding("1-front-1", null, Holding.ofPhoto("a")));
    List<Change> there = List.of(new Change.OfHolding("1-front-2", null, Holding.ofPhoto("a")));
    assertThat(Footprint.of(here).conflictsWith(Footprint.of(there))).isTrue();
  }
}
