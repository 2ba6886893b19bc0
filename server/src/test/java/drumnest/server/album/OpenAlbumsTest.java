package drumnest.server.album;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.Change;
import drumnest.core.album.leaf.LeafState;
import drumnest.core.stock.HouseRule;
import drumnest.server.RunningServer;
import drumnest.server.TestPictures;
import drumnest.server.frame.AlbumEdits;
import drumnest.server.leaves.LeafEdits;
import drumnest.server.stock.RulesInForce;
import drumnest.server.stock.Shelf;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

class OpenAlbumsTest {

  @RegisterExtension static final RunningServer SERVER = new RunningServer();

  /** More than the database has connections. */
  private static final int AT_ONCE = 12;

  private static <T> T part(Class<T> type) {
    return SERVER.part(type);
  }

  @Test
  void an_album_that_many_ask_for_at_once_is_read_once() {
    OpenAlbums albums = part(OpenAlbums.class);
    ExecutorService pages = Executors.newFixedThreadPool(AT_ONCE);
    try {
      for (int round = 0; round < 10; round++) {
        // What is kept is read anew, and so is what it draws on.
        part(RulesInForce.class).change(HouseRule.CHAPTER_GAP_HOURS, 2 + round);
        CyclicBarrier together = new CyclicBarrier(AT_ONCE);
        List<CompletableFuture<AlbumModel>> asked =
            IntStream.range(0, AT_ONCE)
                .mapToObj(
                    each ->
                        CompletableFuture.supplyAsync(
                            () -> {
                              await(together);
                              return albums.open(1);
                            },
                            pages))
                .toList();
        AlbumModel first = asked.get(0).join();
        assertThat(asked)
            .as("round %d", round)
            .allSatisfy(album -> assertThat(album.join()).isSameAs(first));
      }
    } finally {
      pages.shutdown();
    }
  }

  private static void await(CyclicBarrier together) {
    try {
      together.await();
    } catch (Exception e) {
      throw new IllegalStateException(e);
    }
  }

  @Test
  void a_leaf_that_another_album_takes_raises_the_revision_and_its_title_does_not() {
    OpenAlbums albums = part(OpenAlbums.class);
    long other = part(NewAlbums.class).begin("Beside", null, List.of());
    String before = albums.opened(1).revision();
    part(AlbumEdits.class).retitle(other, 0, "Beside it");
    assertThat(albums.opened(1).revision()).isEqualTo(before);
    part(LeafEdits.class).add(other, 1, "12x12-six-6x4", 1, null);
    assertThat(albums.opened(1).revision()).isNotEqualTo(before);
  }

  @Test
  void what_is_left_is_what_no_album_uses_and_a_count_leaves_the_album_as_it_was_read() {
    OpenAlbums albums = part(OpenAlbums.class);
    Shelf shelf = part(Shelf.class);
    AlbumModel album = albums.open(1);
    long used = used(album);
    shelf.count("12x12-six-6x4", 10);
    String counted = albums.opened(1).revision();
    assertThat(albums.open(1)).isSameAs(album);
    int left = part(StockLeft.class).of(album).get("12x12-six-6x4");
    assertThat(left).isLessThanOrEqualTo((int) (10 - used));
    long other = part(NewAlbums.class).begin("A third", null, List.of("12x12-six-6x4"));
    assertThat(part(StockLeft.class).of(album)).containsEntry("12x12-six-6x4", left - 1);
    AlbumModel third = albums.open(other);
    assertThat(part(StockLeft.class).of(third.as(Map.of(), Map.of())))
        .as("of the album itself what it would use counts")
        .containsEntry("12x12-six-6x4", left);
    shelf.count("12x12-six-6x4", null);
    assertThat(albums.opened(1).revision()).isNotEqualTo(counted);
    assertThat(part(StockLeft.class).of(album)).doesNotContainKey("12x12-six-6x4");
  }

  private static long used(AlbumModel album) {
    return album.leafStates().values().stream()
        .filter(leaf -> leaf.type().equals("12x12-six-6x4"))
        .count();
  }

  @Test
  void a_leaf_that_goes_and_comes_back_within_a_step_is_there_once_as_it_came_back() {
    OpenAlbums albums = part(OpenAlbums.class);
    long id = part(NewAlbums.class).begin("There and back", null, List.of("12x12-six-6x4"));
    AlbumModel album = albums.open(id);
    int key = album.leaves().leaves().get(0).key();
    LeafState before = album.leafStates().get(key);
    LeafState after =
        new LeafState(
            before.type(), !before.turned(), before.drop(), before.plan(), before.reversePlan());
    part(History.class)
        .step(
            albums.seen(id, album.version()),
            "turn it over",
            List.of(new Change.OfLeaf(key, before, null), new Change.OfLeaf(key, null, after)));
    Map<Integer, LeafState> stored =
        part(StoredAlbum.class).read(id, part(SuppliesInForce.class).now()).leafStates();
    assertThat(stored).containsEntry(key, after).hasSameSizeAs(album.leafStates());
    assertThat(albums.open(id).leafStates()).isEqualTo(stored);
  }

  @Test
  void the_album_worked_at_last_is_known() {
    StoredAlbum stored = part(StoredAlbum.class);
    long other = part(NewAlbums.class).begin("Another", null, List.of("12x12-six-6x4"));
    part(AlbumEdits.class).retitle(other, 0, "The other");
    assertThat(stored.lastWorkedAt()).hasValue(other);
    part(AlbumEdits.class).retitle(1, part(OpenAlbums.class).open(1).version(), "The first");
    assertThat(stored.lastWorkedAt()).hasValue(1L);
  }

  @Test
  void a_photo_that_comes_in_raises_the_revision_of_its_own_album_only() {
    OpenAlbums albums = part(OpenAlbums.class);
    long other = part(NewAlbums.class).begin("Without it", null, List.of());
    String own = albums.opened(1).revision();
    String others = albums.opened(other).revision();
    AlbumModel kept = albums.open(other);
    SERVER.take("one.jpg", TestPictures.jpeg(320, 200, 1, null, 77)).is(200);
    assertThat(albums.opened(1).revision()).isNotEqualTo(own);
    assertThat(albums.opened(other).revision()).isEqualTo(others);
    assertThat(albums.open(other)).isSameAs(kept);
  }

  @Test
  void what_was_done_to_an_album_that_is_not_kept_any_more_is_forgotten() {
    RecentSteps steps = new RecentSteps();
    steps.add(1, 5, List.of(new Change.OfTitle("a", "b")));
    assertThat(steps.between(1, 4, 5)).isPresent();
    steps.forget(1);
    assertThat(steps.between(1, 4, 5)).isEmpty();
    assertThat(steps.between(1, 5, 5)).isPresent();
  }
}
