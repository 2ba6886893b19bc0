package drumnest.server.album;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.function.Function;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.JpaRepository;

/**
 * The rows of a table that a step alters. What each is to say is collected, and then written at
 * once, so that one that is taken out and comes back within the step is the same row.
 *
 * @param <K> what a row of an album is known by
 * @param <E> a row
 * @param <V> what a row says
 */
final class StepRows<K, E, V> {

  /** Of more keys than that all rows are read, which is faster than looking for each. */
  private static final int MOST_LOOKED_FOR = 50;

  private final JpaRepository<E, Long> table;
  private final Function<Set<K>, List<E>> some;
  private final Supplier<List<E>> all;
  private final Function<E, K> key;
  private final Function<K, E> create;
  private final BiConsumer<E, V> write;
  private final Map<K, @Nullable V> after = new LinkedHashMap<>();

  /**
   * @param some finds the rows of the album with some keys
   * @param all finds all rows of the album
   * @param create makes a row that is not there yet
   * @param write makes a row say something
   */
  StepRows(
      JpaRepository<E, Long> table,
      Function<Set<K>, List<E>> some,
      Supplier<List<E>> all,
      Function<E, K> key,
      Function<K, E> create,
      BiConsumer<E, V> write) {
    this.table = table;
    this.some = some;
    this.all = all;
    this.key = key;
    this.create = create;
    this.write = write;
  }

  /**
   * Says what a row is to say.
   *
   * @param value null where the row goes
   */
  void put(K key, @Nullable V value) {
    after.put(key, value);
  }

  private Map<K, E> there() {
    Map<K, E> there = new HashMap<>();
    if (!after.isEmpty()) {
      List<E> rows =
          after.size() > MOST_LOOKED_FOR ? all.get() : some.apply(Set.copyOf(after.keySet()));
      rows.forEach(row -> there.putIfAbsent(key.apply(row), row));
    }
    return there;
  }

  /** Writes them all. */
  void write() {
    Map<K, E> there = there();
    List<E> gone = new ArrayList<>();
    List<E> added = new ArrayList<>();
    after.forEach(
        (key, value) -> {
          E known = there.get(key);
          if (value != null) {
            E row = known == null ? create.apply(key) : known;
            write.accept(row, value);
            if (known == null) {
              added.add(row);
            }
          } else if (known != null) {
            gone.add(known);
          }
        });
    table.deleteAll(gone);
    table.saveAll(added);
  }
}
