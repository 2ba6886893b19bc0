package drumnest.server.album;

import drumnest.core.measure.Size;
import drumnest.core.stock.HouseRules;
import drumnest.core.stock.LeafType;
import drumnest.core.stock.Supplies;
import drumnest.server.stock.RulesInForce;
import drumnest.server.stock.Shelf;
import drumnest.server.stock.ShelfChanged;
import drumnest.server.store.TypeOpenings;
import java.util.HashMap;
import java.util.Map;
import java.util.concurrent.atomic.AtomicLong;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;

/**
 * The supplies that albums draw on, as it is now; the same object for as long as nothing of it
 * changes.
 */
@Component
class SuppliesInForce {

  private record Known(long revision, Supplies supplies) {}

  private final Shelf shelf;
  private final TypeOpenings openings;
  private final RulesInForce rules;
  private final AtomicLong revision = new AtomicLong();
  private volatile @Nullable Known known;

  SuppliesInForce(Shelf shelf, TypeOpenings openings, RulesInForce rules) {
    this.shelf = shelf;
    this.openings = openings;
    this.rules = rules;
  }

  @TransactionalEventListener(fallbackExecution = true)
  void on(ShelfChanged changed) {
    revision.incrementAndGet();
  }

  /** Differs whenever the supplies may differ. */
  long revision() {
    now();
    return revision.get();
  }

  Supplies now() {
    Known there = known;
    return there != null && areStill(there.supplies()) ? there.supplies() : loadOnce();
  }

  /** Albums are told apart by the very value they were read with, so that it is loaded once. */
  private synchronized Supplies loadOnce() {
    HouseRules inForce = rules.rules();
    long asOf = revision.get();
    Known there = known;
    if (there == null || there.revision() != asOf) {
      Supplies loaded = load(inForce);
      // Albums need not be read anew where only counts have changed.
      boolean same =
          there != null && there.supplies().rules() == inForce && there.supplies().equals(loaded);
      there = new Known(asOf, same ? there.supplies() : loaded);
      known = there;
    } else if (there.supplies().rules() != inForce) {
      there = new Known(revision.incrementAndGet(), there.supplies().under(inForce));
      known = there;
    }
    return there.supplies();
  }

  /** Whether these are in force still; asks nothing of the database. */
  boolean areStill(Supplies supplies) {
    Known there = known;
    return there != null
        && there.supplies() == supplies
        && there.revision() == revision.get()
        && supplies.rules() == rules.rules();
  }

  private Supplies load(HouseRules inForce) {
    Map<String, LeafType> types = new HashMap<>();
    shelf
        .all()
        .forEach(
            entry -> {
              if (entry.item() instanceof LeafType type) {
                types.put(entry.key(), type);
              }
            });
    Map<Supplies.TypePocket, Size> measured = new HashMap<>();
    openings
        .findAll()
        .forEach(
            each ->
                measured.put(
                    new Supplies.TypePocket(each.itemKey(), each.face(), each.pocket()),
                    each.size()));
    return new Supplies(
        types,
        measured,
        new Supplies.Materials(
            shelf.thickness("material-protector-ply"),
            shelf.thickness("material-cardstock-80"),
            shelf.thickness("material-photo-print"),
            shelf.thickness("material-pocket-card"),
            shelf.thickness("material-chipboard")),
        inForce);
  }
}
