package drumnest.server.album;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.RemovalCause;
import drumnest.core.album.AlbumModel;
import drumnest.core.album.Change;
import drumnest.core.stock.Supplies;
import drumnest.server.NotThereException;
import drumnest.server.StaleVersionException;
import drumnest.server.stock.UnitsInUse;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicLong;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.event.TransactionalEventListener;

/**
 * The albums that are worked at, kept in memory as values. An album is read once, however many ask
 * for it meanwhile; a step is applied to what is kept after its transaction has committed. What is
 * kept is used only as long as its version is that of the database, no photo of its own has come in
 * without a step, and the supplies are the same: else it is read anew.
 */
@Service
public class OpenAlbums {

  private static final int MOST = 8;

  private record Kept(long arrivals, Supplies supplies, AlbumModel album) {}

  private final StoredAlbum stored;
  private final SuppliesInForce supplies;
  private final RecentSteps steps;
  private final BusiestParts busiest;
  private final AlbumLocks locks;

  /** Differs with every start, so that no revision means two states of an album. */
  private final long begun = System.currentTimeMillis();

  /** Counts how often photos of an album came in or were looked at, since then. */
  private final Map<Long, Long> arrivals = new ConcurrentHashMap<>();

  /** Counts the steps of all albums after which less or more is left of what they share. */
  private final AtomicLong stock = new AtomicLong();

  private final Cache<Long, Kept> kept;

  OpenAlbums(
      StoredAlbum stored,
      SuppliesInForce supplies,
      RecentSteps steps,
      AlbumLocks locks,
      BusiestParts busiest) {
    this.busiest = busiest;
    this.locks = locks;
    this.steps = steps;
    this.stored = stored;
    this.supplies = supplies;
    this.kept =
        Caffeine.newBuilder()
            .maximumSize(MOST)
            .evictionListener((Long album, Kept gone, RemovalCause why) -> steps.forget(album))
            .build();
  }

  /**
   * @throws NotThereException if there is no such album
   */
  public AlbumModel open(long id) {
    AlbumModel there = upToDate(id);
    if (there != null) {
      return there;
    }
    // Whoever waited here for another to read it, or to end a step, finds it up to date.
    return locks.holding(
        id,
        () -> {
          AlbumModel meanwhile = upToDate(id);
          return meanwhile == null ? read(id) : meanwhile;
        });
  }

  /** Tells what is kept of an album, unless it would have to be read anew. */
  private @Nullable AlbumModel upToDate(long id) {
    Kept there = kept.getIfPresent(id);
    return there != null
            && there.arrivals() == arrivals(id)
            && there.supplies() == supplies.now()
            && stored.version(id).orElse(-1L) == there.album().version()
        ? there.album()
        : null;
  }

  private AlbumModel read(long id) {
    long asOf = arrivals(id);
    Supplies now = supplies.now();
    Kept there = kept.getIfPresent(id);
    busiest.bringUpToDate(now.rules());
    AlbumModel read = stored.read(id, now);
    AlbumModel album = there == null ? read : read.takingOver(there.album());
    kept.put(id, new Kept(asOf, now, album));
    return album;
  }

  /**
   * The album for a step of somebody who has seen a version of it.
   *
   * @throws NotThereException if there is no such album
   * @throws StaleVersionException if what was done since is not known any more
   */
  public SeenAlbum seen(long id, long version) {
    return locks.holding(
        id,
        () -> {
          AlbumModel album = open(id);
          return steps
              .between(id, version, album.version())
              .map(since -> new SeenAlbum(album, since, false))
              .orElseThrow(StaleVersionException::new);
        });
  }

  /**
   * An album and the revision that it is.
   *
   * @param revision differs whenever anything that a page shows of the album may differ, also where
   *     others use up what is shared
   */
  public record Opened(String revision, AlbumModel album) {}

  /** The album with its own revision, whatever others do to it meanwhile. */
  public Opened opened(long id) {
    while (true) {
      long asOf = arrivals(id);
      long ofSupplies = supplies.revision();
      long ofStock = stock.get();
      AlbumModel album = open(id);
      if (asOf == arrivals(id) && ofSupplies == supplies.revision() && ofStock == stock.get()) {
        int units = UnitsInUse.current().ordinal();
        String revision =
            Stream.of(album.version(), asOf, ofSupplies, ofStock, units)
                .map(String::valueOf)
                .collect(Collectors.joining("-"));
        return new Opened(revision, album);
      }
    }
  }

  /** The names of all albums, in the order in which they were begun. */
  public List<AlbumName> names() {
    return stored.names();
  }

  /** All albums, in the same order. */
  public List<AlbumModel> all() {
    return stored.ids().stream().map(this::open).toList();
  }

  /**
   * @throws NotThereException if there is no such album
   */
  public void require(long id) {
    if (stored.version(id).isEmpty()) {
      throw new NotThereException("album", "There is no album " + id + ".");
    }
  }

  /**
   * A step was done and is in the database for good.
   *
   * @param version the version of the album before it
   */
  void stepped(long id, long version, List<Change> changes) {
    steps.add(id, version + 1, changes);
    if (changes.stream().anyMatch(Change::altersStock)) {
      stock.incrementAndGet();
    }
    kept.asMap().computeIfPresent(id, (same, there) -> after(there, version, changes));
  }

  /** Tells what is kept after a step; nothing where it would have to be read anew anyway. */
  private @Nullable Kept after(Kept there, long version, List<Change> changes) {
    if (there.album().version() != version) {
      return there;
    }
    if (there.arrivals() != arrivals(there.album().id()) || !supplies.areStill(there.supplies())) {
      return null;
    }
    return new Kept(
        there.arrivals(), there.supplies(), there.album().apply(changes).asVersion(version + 1));
  }

  @TransactionalEventListener(fallbackExecution = true)
  void on(AlbumArrival arrival) {
    arrival.albums().forEach(album -> arrivals.merge(album, 1L, Long::sum));
  }

  private long arrivals(long album) {
    return begun + arrivals.getOrDefault(album, 0L);
  }
}
