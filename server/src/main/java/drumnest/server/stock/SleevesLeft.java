package drumnest.server.stock;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.Flap;
import drumnest.core.album.Leaf;
import drumnest.core.album.PagePlan;
import drumnest.core.measure.Size;
import drumnest.core.mover.MoverSuggestions.Sleeves;
import drumnest.core.stock.CatalogueItem;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;

/** The sleeves of the shelf, and how many of each are not in an album yet. */
@Component
public class SleevesLeft {

  private final Shelf shelf;

  SleevesLeft(Shelf shelf) {
    this.shelf = shelf;
  }

  public List<Sleeves> of(AlbumModel album) {
    List<Sleeves> left = new ArrayList<>();
    for (Shelf.Entry entry : shelf.all()) {
      if (!entry.gone() && entry.item() instanceof CatalogueItem.SleeveType sleeve) {
        Integer owned = entry.owned();
        left.add(
            new Sleeves(
                sleeve.insert(),
                sleeve.hinge(),
                owned == null ? null : Math.max(0, owned - used(album, sleeve.insert()))));
      }
    }
    return left;
  }

  /** How many sleeves for such a print are in an album. */
  public static int used(AlbumModel album, Size insert) {
    return album.leaves().leaves().stream().mapToInt(leaf -> used(leaf, insert)).sum();
  }

  /** How many of them are over a leaf. */
  public static int used(Leaf leaf, Size insert) {
    int used = 0;
    for (PagePlan plan : List.of(leaf.plan(), leaf.reversePlan())) {
      for (Flap flap : plan.flaps()) {
        boolean same = flap.takes().equals(insert) || flap.takes().equals(insert.turned());
        used += flap.body() == Flap.Body.SLEEVE && same ? 1 : 0;
      }
    }
    return used;
  }
}
