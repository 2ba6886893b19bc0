package drumnest.server.album;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.Made;
import drumnest.core.album.Reservation;
import drumnest.core.album.ephemera.CardWords;
import drumnest.core.album.ephemera.Ephemera;
import drumnest.core.album.leaf.Leaf;
import drumnest.core.album.leaf.Slot;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.photo.AlbumPhoto;
import drumnest.core.photo.Choice;
import drumnest.core.photo.PixelBox;
import drumnest.core.place.AlbumPlacing;
import drumnest.core.place.PlacingTask;
import drumnest.core.place.ProgressMonitor;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import drumnest.server.NotThereException;
import drumnest.server.RunningServer;
import drumnest.server.TestPictures;
import drumnest.server.UnprocessableException;
import drumnest.server.WouldLoseException;
import drumnest.server.demo.PhotoWriter;
import drumnest.server.frame.AlbumEdits;
import drumnest.server.gather.PhotoEdits;
import drumnest.server.leaves.LeafEdits;
import drumnest.server.place.EphemeraEdits;
import drumnest.server.place.PlaceEdits;
import drumnest.server.place.SlotEdits;
import drumnest.server.stock.RulesInForce;
import drumnest.server.stock.Shelf;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** An album kept in memory is never different from one that is read anew. */
class KeptAlbumTest {

  @RegisterExtension static final RunningServer SERVER = new RunningServer();

  private static final int STEPS = 150;
  private static final LocalDateTime NOON = LocalDateTime.of(2021, 6, 14, 12, 0);
  private static final List<String> TYPES =
      List.of("12x12-six-6x4", "12x12-nine-4x4", "6x8-four-3x4", "plain-12x12");

  private int arrived;
  private Random random;

  private static <T> T part(Class<T> type) {
    return SERVER.part(type);
  }

  private static AlbumModel kept() {
    return part(OpenAlbums.class).open(1);
  }

  @BeforeEach
  void some_photos() {
    while (kept().photos().size() < 12) {
      arrive();
    }
  }

  /** Every other photo says which camera it is of. */
  private void arrive() {
    int number = arrived++;
    boolean wide = number % 3 == 0;
    LocalDateTime when = NOON.plusMinutes(47L * (number * 7 % 23));
    PhotoWriter.Said said =
        new PhotoWriter.Said(when, null, "Maker", number % 2 == 0 ? "One" : null, 0);
    SERVER
        .take(
            "p" + number + ".jpg",
            TestPictures.saying(wide ? 300 : 200, wide ? 200 : 300, 1, said, number))
        .is(200);
  }

  @ParameterizedTest(name = "seed {0}")
  @ValueSource(ints = {1, 2, 3, 4})
  void is_after_every_step_what_the_database_has(int seed) {
    random = new Random(seed);
    int done = 0;
    for (int i = 0; i < STEPS; i++) {
      AlbumModel before = kept();
      String what = "";
      try {
        what = step(before);
      } catch (UnprocessableException | NotThereException | WouldLoseException refused) {
        what = "refused: " + refused.getMessage();
      }
      AlbumModel kept = kept();
      done += kept.version() > before.version() ? 1 : 0;
      requireLikeNew(kept, "seed " + seed + ", step " + i + ", " + what);
    }
    assertThat(done).as("steps done").isGreaterThan(STEPS / 3);
  }

  private static void requireLikeNew(AlbumModel kept, String what) {
    AlbumModel read = part(StoredAlbum.class).read(kept.id(), part(SuppliesInForce.class).now());
    assertThat(kept.version()).as(what).isEqualTo(read.version());
    assertThat(kept).as(what).isEqualTo(read);
    assertThat(kept.photos()).as(what).isEqualTo(read.photos());
    assertThat(kept.line()).as(what).isEqualTo(read.line());
    assertThat(kept.leaves().slots()).as(what).isEqualTo(read.leaves().slots());
    assertThat(kept.chapters()).as(what).isEqualTo(read.chapters());
    assertThat(kept.story().stacks()).as(what).isEqualTo(read.story().stacks());
    assertThat(kept.story().alternates()).as(what).isEqualTo(read.story().alternates());
    for (Leaf leaf : kept.leaves().leaves()) {
      assertThat(kept.summary(leaf)).as(what).isEqualTo(read.summary(leaf));
    }
    for (Slot slot : kept.leaves().slots()) {
      assertThat(kept.seated(slot)).as(what).isEqualTo(read.seated(slot));
    }
    for (AlbumPhoto photo : kept.photos()) {
      assertThat(kept.slotOf(photo.id())).as(what).isEqualTo(read.slotOf(photo.id()));
    }
  }

  private String step(AlbumModel album) {
    long version = album.version();
    if (album.leaves().slots().isEmpty()) {
      part(LeafEdits.class).add(1, version, TYPES.get(0), 1);
      return "a leaf with pockets";
    }
    String photo = any(album.photos()).id();
    String slot = any(album.leaves().slots()).id();
    int leaf = any(album.leaves().leaves()).key();
    switch (random.nextInt(26)) {
      case 0 -> arrive();
      case 1 ->
          part(PhotoEdits.class).choose(1, version, Map.of(photo, any(List.of(Choice.values()))));
      case 2 -> part(SlotEdits.class).put(1, version, photo, slot);
      case 3 -> part(SlotEdits.class).swap(1, version, slot, any(album.leaves().slots()).id());
      case 4 -> part(SlotEdits.class).takeOut(1, version, slot);
      case 5 -> part(SlotEdits.class).lock(1, version, slot, random.nextBoolean());
      case 6 -> part(SlotEdits.class).turn(1, version, slot, random.nextBoolean());
      case 7 ->
          part(SlotEdits.class).measure(1, version, slot, random.nextBoolean() ? size() : null);
      case 8 -> part(AlbumEdits.class).retitle(1, version, "Title " + random.nextInt(9));
      case 9 -> part(PhotoEdits.class).keep(1, version, photo, new PixelBox(1, 2, 100, 90));
      case 10 ->
          part(PhotoEdits.class).date(1, version, photo, NOON.plusMinutes(random.nextInt(20_000)));
      case 11 -> part(PhotoEdits.class).onTable(1, version, photo, size());
      case 12 ->
          part(PhotoEdits.class)
              .stack(1, version, List.of(photo, any(album.photos()).id()), random.nextBoolean());
      case 13 -> part(PhotoEdits.class).border(1, version, photo, random.nextBoolean());
      case 14 ->
          part(PhotoEdits.class)
              .divide(1, version, random.nextBoolean() ? null : 1 + random.nextInt(5));
      case 15 -> clock(album);
      case 16 ->
          part(LeafEdits.class)
              .add(1, version, any(TYPES), 1 + random.nextInt(album.leaves().spreads()));
      case 17 -> remove(album, leaf);
      case 18 -> part(LeafEdits.class).move(1, version, leaf, 1 + random.nextInt(5));
      case 19 -> part(LeafEdits.class).turnOver(1, version, leaf);
      case 20 -> part(LeafEdits.class).drop(1, version, leaf, Length.ofInches(1));
      case 21 -> ephemera(album, slot);
      case 22 ->
          part(PlaceEdits.class).setAside(1, version, slot, any(List.of(Reservation.values())));
      case 23 ->
          part(PlaceEdits.class)
              .placeAgain(
                  1,
                  version,
                  AlbumPlacing.Request.story(PlacingTask.Scope.ALBUM),
                  ProgressMonitor.NONE);
      case 24 -> around(slot);
      default -> {
        if (random.nextInt(3) > 0) {
          part(AlbumEdits.class).undo(1, version);
        } else {
          part(AlbumEdits.class).redo(1, version);
        }
      }
    }
    return part(History.class).around(1).toString();
  }

  private void clock(AlbumModel album) {
    String camera = any(album.photos()).words().camera();
    if (camera != null) {
      part(PhotoEdits.class)
          .shiftClock(1, album.version(), camera, Duration.ofMinutes(random.nextInt(500)));
    }
  }

  private void remove(AlbumModel album, int leaf) {
    if (album.leaves().leaves().size() > 2) {
      part(LeafEdits.class).remove(1, album.version(), leaf, true);
    }
  }

  private void ephemera(AlbumModel album, String slot) {
    Ephemera ephemera =
        new Ephemera.Card(
            album.nextEphemeraKey(),
            "Card " + random.nextInt(99),
            size(),
            Length.ZERO,
            false,
            CardWords.of("words", HouseRules.defaults()));
    if (album.allEphemera().isEmpty() || random.nextBoolean()) {
      part(EphemeraEdits.class).add(1, album.version(), ephemera);
    } else if (random.nextBoolean()) {
      part(EphemeraEdits.class).lay(1, album.version(), any(album.allEphemera()).key(), slot);
    } else {
      part(EphemeraEdits.class).remove(1, album.version(), any(album.allEphemera()).key());
    }
  }

  /** Tells what albums draw on changes, and what is made of a slot. */
  private void around(String slot) {
    switch (random.nextInt(3)) {
      case 0 -> part(Shelf.class).measure(any(TYPES.subList(0, 3)), "front", 1, size());
      case 1 -> part(RulesInForce.class).change(HouseRule.CHAPTER_GAP_HOURS, 1 + random.nextInt(9));
      default ->
          part(PlaceEdits.class).made(1, kept().version(), slot, any(List.of(Made.values())));
    }
  }

  private Size size() {
    return new Size(Length.ofInches(1 + random.nextInt(4)), Length.ofInches(1 + random.nextInt(4)));
  }

  private <T> T any(List<T> of) {
    return of.get(random.nextInt(of.size()));
  }
}
