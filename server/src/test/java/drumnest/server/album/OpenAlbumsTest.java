package drumnest.server.album;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.album.AlbumModel;
import drumnest.core.stock.HouseRule;
import drumnest.server.RunningServer;
import drumnest.server.frame.AlbumEdits;
import drumnest.server.stock.RulesInForce;
import java.util.List;
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
  void the_album_worked_at_last_is_known() {
    StoredAlbum stored = part(StoredAlbum.class);
    long other = part(NewAlbums.class).begin("Another", null, List.of("12x12-six-6x4"));
    part(AlbumEdits.class).retitle(other, 0, "The other");
    assertThat(stored.lastWorkedAt()).hasValue(other);
    part(AlbumEdits.class).retitle(1, part(OpenAlbums.class).open(1).version(), "The first");
    assertThat(stored.lastWorkedAt()).hasValue(1L);
  }
}
