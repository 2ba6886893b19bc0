package drumnest.server.stock;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.measure.Units;
import drumnest.core.stock.Catalogue;
import drumnest.core.stock.CatalogueItem;
import drumnest.core.stock.LeafType;
import drumnest.core.stock.Provenance;
import drumnest.server.FieldProblemException;
import drumnest.server.store.CatalogueItemEntity;
import drumnest.server.store.CatalogueItems;
import drumnest.server.store.TypeOpeningEntity;
import drumnest.server.store.TypeOpenings;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** The catalogue as the maker keeps it: begun from the trade's, changed, added to. */
@Service
@Transactional
public class Shelf {

  private static final int MOST_PARSED = 1_000;

  private final CatalogueItems items;
  private final TypeOpenings openings;
  private final ApplicationEventPublisher events;
  private final JsonMapper json;

  /** Items that were parsed lately, by how it is written. */
  private final Cache<String, CatalogueItem> parsed =
      Caffeine.newBuilder().maximumSize(MOST_PARSED).build();

  Shelf(
      CatalogueItems items,
      TypeOpenings openings,
      ApplicationEventPublisher events,
      JsonMapper json) {
    this.openings = openings;
    this.events = events;
    this.items = items;
    this.json = json;
  }

  /**
   * An entry.
   *
   * @param provenance where it comes from; null for the maker's own
   * @param changed whether the maker changed what it began as
   * @param gone whether it was taken off the shelf
   * @param owned how many there are; null where nobody has counted
   */
  public record Entry(
      String key,
      CatalogueItem item,
      @Nullable Provenance provenance,
      boolean changed,
      boolean gone,
      @Nullable Integer owned) {

    /** This entry as one of a kind; nothing where it is of another. */
    public <T extends CatalogueItem> Stream<OfKind<T>> as(Class<T> kind) {
      return kind.isInstance(item) ? Stream.of(new OfKind<>(key, kind.cast(item))) : Stream.empty();
    }
  }

  /** An entry of which the kind is known. */
  public record OfKind<T extends CatalogueItem>(String key, T item) {}

  /** Puts everything on the shelf that it begins with and that was never there. */
  public void stock() {
    List<String> known = items.findAll().stream().map(CatalogueItemEntity::itemKey).toList();
    int rank = items.lastRank();
    for (Map.Entry<String, Catalogue.Entry> each : Catalogue.beginning().entrySet()) {
      if (!known.contains(each.getKey())) {
        save(each.getKey(), each.getValue().item(), ++rank);
      }
    }
  }

  private CatalogueItemEntity save(String key, CatalogueItem item, int rank) {
    CatalogueItemEntity entity = new CatalogueItemEntity(key, WrittenItem.kind(item), rank);
    entity.say(item.name(), write(item));
    events.publishEvent(new ShelfChanged());
    return items.save(entity);
  }

  private String write(CatalogueItem item) {
    return json.writeValueAsString(WrittenItem.of(item));
  }

  private CatalogueItem read(CatalogueItemEntity entity) {
    return parsed.get(entity.body(), this::parse);
  }

  private CatalogueItem parse(String body) {
    return json.readValue(body, WrittenItem.class).read(new LengthReader(Units.SIXTY_FOURTHS, ""));
  }

  private Entry entry(CatalogueItemEntity entity) {
    CatalogueItem item = read(entity);
    Catalogue.Entry began = Catalogue.beginning().get(entity.itemKey());
    return new Entry(
        entity.itemKey(),
        item,
        began == null ? null : began.provenance(),
        began != null && !began.item().equals(item),
        entity.isGone(),
        entity.owned());
  }

  /** Everything, in order; what is gone too. */
  @Transactional(readOnly = true)
  public List<Entry> all() {
    return items.findAllByOrderByRank().stream().map(this::entry).toList();
  }

  @Transactional(readOnly = true)
  public Optional<Entry> find(String key) {
    return items.findById(key).map(this::entry);
  }

  /** The thickness of a material that the catalogue begins with, as it is now. */
  @Transactional(readOnly = true)
  public Length thickness(String key) {
    return ((CatalogueItem.Material) find(key).orElseThrow().item()).thickness();
  }

  /** Kinds of leaves by key, those that are gone too, for the leaves that have them. */
  @Transactional(readOnly = true)
  public Map<String, LeafType> leafTypes(Iterable<String> keys) {
    Map<String, LeafType> types = new LinkedHashMap<>();
    for (CatalogueItemEntity entity : items.findAllById(keys)) {
      if (read(entity) instanceof LeafType type) {
        types.put(entity.itemKey(), type);
      }
    }
    return types;
  }

  /**
   * Adds an entry of the maker's own.
   *
   * @throws FieldProblemException if there is one of this kind and name
   */
  public Entry add(CatalogueItem item) {
    requireNewName(item, null);
    int rank = items.lastRank() + 1;
    return entry(save("own-" + rank, item, rank));
  }

  /**
   * Says anew what an entry is.
   *
   * @throws FieldProblemException if its kind would change, or its name is taken
   */
  public void change(String key, CatalogueItem item) {
    CatalogueItemEntity entity = items.findById(key).orElseThrow();
    if (!entity.kind().equals(WrittenItem.kind(item))) {
      throw new FieldProblemException("kind", "The kind of an entry stays.");
    }
    requireNewName(item, key);
    entity.say(item.name(), write(item));
    events.publishEvent(new ShelfChanged());
    items.save(entity);
  }

  private void requireNewName(CatalogueItem item, @Nullable String but) {
    String kind = WrittenItem.kind(item);
    for (CatalogueItemEntity other : items.findAll()) {
      if (other.kind().equals(kind)
          && other.name().equalsIgnoreCase(item.name())
          && !other.itemKey().equals(but)) {
        throw new FieldProblemException(
            "name",
            "“"
                + item.name()
                + "” is there already"
                + (other.isGone() ? ", among what was taken off the shelf" : "")
                + ". Give it another name.");
      }
    }
  }

  /** Says how many of an entry there are; null if that is not counted. */
  public void count(String key, @Nullable Integer owned) {
    CatalogueItemEntity entity = items.findById(key).orElseThrow();
    entity.setOwned(owned);
    items.save(entity);
    events.publishEvent(new ShelfChanged());
  }

  /** Takes an entry off the shelf, or puts it back. */
  public void setGone(String key, boolean gone) {
    CatalogueItemEntity entity = items.findById(key).orElseThrow();
    entity.setGone(gone);
    items.save(entity);
    events.publishEvent(new ShelfChanged());
  }

  /**
   * Adds what is not there. An entry of the same kind and name is kept as it is here, and put back
   * if it was taken off the shelf.
   *
   * @return how many came onto the shelf
   */
  public int addNew(List<CatalogueItem> more) {
    Map<String, CatalogueItemEntity> there = new HashMap<>();
    items.findAll().forEach(entity -> there.put(identity(entity.kind(), entity.name()), entity));
    int rank = items.lastRank();
    int added = 0;
    for (CatalogueItem item : more) {
      String identity = identity(WrittenItem.kind(item), item.name());
      CatalogueItemEntity known = there.get(identity);
      if (known == null) {
        rank++;
        there.put(identity, save("own-" + rank, item, rank));
        added++;
      } else if (known.isGone()) {
        known.setGone(false);
        items.save(known);
        events.publishEvent(new ShelfChanged());
        added++;
      }
    }
    return added;
  }

  /**
   * Says what the opening of a pocket measures on a kind of leaf.
   *
   * @param face {@code front} or {@code back}
   * @param pocket its number on the face, from 1
   * @param size null if it is as usual after all
   */
  public void measure(String key, String face, int pocket, @Nullable Size size) {
    Optional<TypeOpeningEntity> there = openings.findByItemKeyAndFaceAndPocket(key, face, pocket);
    if (size != null) {
      TypeOpeningEntity opening = there.orElse(new TypeOpeningEntity(key, face, pocket, size));
      opening.measure(size);
      openings.save(opening);
    } else {
      there.ifPresent(openings::delete);
    }
    events.publishEvent(new ShelfChanged());
  }

  private static String identity(String kind, String name) {
    return kind + " " + name.toLowerCase(Locale.ROOT);
  }
}
