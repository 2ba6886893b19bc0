package drumnest.server.album;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.flap.Flap;
import drumnest.core.album.leaf.LeafState;
import drumnest.core.mover.MoverSuggestions.Sleeves;
import drumnest.core.stock.CatalogueItem;
import drumnest.core.stock.CatalogueItem.SleeveType;
import drumnest.core.stock.LeafType;
import drumnest.core.stock.LetterSet;
import drumnest.server.stock.Shelf;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** Counts what is left of the leaves and sleeves that all albums share. */
@Component
public class StockLeft {

  private final Shelf shelf;
  private final Leaves leaves;

  StockLeft(Shelf shelf, Leaves leaves) {
    this.shelf = shelf;
    this.leaves = leaves;
  }

  /**
   * How many no album uses, by their keys in the catalogue; what nobody has counted is missing.
   *
   * @param album one of the albums as it is, or as it would be
   */
  public Map<String, Integer> of(AlbumModel album) {
    List<Shelf.Entry> counted =
        shelf.all().stream().filter(entry -> entry.owned() != null).toList();
    if (counted.isEmpty()) {
      return Map.of();
    }
    List<LeafState> used = new ArrayList<>(album.leafStates().values());
    leaves.findByAlbumIdNot(album.id()).forEach(leaf -> used.add(leaf.state()));
    Map<String, Integer> left = new HashMap<>();
    for (Shelf.Entry entry : counted) {
      left.put(entry.key(), Math.max(0, entry.owned() - used(entry, used)));
    }
    return left;
  }

  /** The sleeves that can be had for an album, and how many of each. */
  public List<Sleeves> sleeves(AlbumModel album) {
    Map<String, Integer> left = of(album);
    List<Sleeves> sleeves = new ArrayList<>();
    for (Shelf.Entry entry : shelf.all()) {
      if (!entry.gone() && entry.item() instanceof SleeveType sleeve) {
        sleeves.add(new Sleeves(sleeve.insert(), sleeve.hinge(), left.get(entry.key())));
      }
    }
    return sleeves;
  }

  private static int used(Shelf.Entry entry, List<LeafState> leaves) {
    return entry
        .item()
        .accept(
            new CatalogueItem.Visitor<>() {
              @Override
              public Integer leaf(LeafType leaf) {
                return (int)
                    leaves.stream().filter(each -> each.type().equals(entry.key())).count();
              }

              @Override
              public Integer letters(LetterSet letters) {
                return 0;
              }

              @Override
              public Integer format(CatalogueItem.AlbumFormat format) {
                return 0;
              }

              @Override
              public Integer sleeve(CatalogueItem.SleeveType sleeve) {
                return Math.toIntExact(
                    sleevesOver(leaves).stream()
                        .filter(flap -> sleeve.takes(flap.takes(), flap.hinge()))
                        .count());
              }

              @Override
              public Integer card(CatalogueItem.CardType card) {
                return 0;
              }

              @Override
              public Integer print(CatalogueItem.PrintSize print) {
                return 0;
              }

              @Override
              public Integer sheet(CatalogueItem.SheetType sheet) {
                return 0;
              }

              @Override
              public Integer material(CatalogueItem.Material material) {
                return 0;
              }
            });
  }

  /** The flaps over these leaves that are sleeves. */
  public static List<Flap> sleevesOver(Collection<LeafState> leaves) {
    return leaves.stream()
        .flatMap(leaf -> Stream.of(leaf.plan(), leaf.reversePlan()))
        .flatMap(plan -> plan.flaps().stream())
        .filter(flap -> flap.body() == Flap.Body.SLEEVE)
        .toList();
  }
}
