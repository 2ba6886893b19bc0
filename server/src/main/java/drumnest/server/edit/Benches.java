package drumnest.server.edit;

import drumnest.core.album.AlbumLeaves;
import drumnest.core.album.Leaf;
import drumnest.core.measure.Length;
import drumnest.core.stock.LeafType;
import drumnest.server.shelf.PlanJson;
import drumnest.server.shelf.RulesInForce;
import drumnest.server.shelf.Shelf;
import drumnest.server.store.AlbumEntity;
import drumnest.server.store.Albums;
import drumnest.server.store.CameraClockEntity;
import drumnest.server.store.CameraClocks;
import drumnest.server.store.Fillings;
import drumnest.server.store.LeafEntity;
import drumnest.server.store.Leaves;
import drumnest.server.store.LinePhotos;
import drumnest.server.store.Openings;
import drumnest.server.store.ThingEntity;
import drumnest.server.store.Things;
import drumnest.server.store.TypeOpenings;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Lays an album open. */
@Service
@Transactional(readOnly = true)
public class Benches {

  private final Albums albums;
  private final Leaves leaves;
  private final LinePhotos linePhotos;
  private final Fillings fillings;
  private final Openings openings;
  private final TypeOpenings typeOpenings;
  private final Things things;
  private final CameraClocks clocks;
  private final Shelf shelf;
  private final RulesInForce rules;
  private final Measured measured;
  private final Company company;

  Benches(
      Albums albums,
      Leaves leaves,
      LinePhotos linePhotos,
      Fillings fillings,
      Openings openings,
      TypeOpenings typeOpenings,
      Things things,
      CameraClocks clocks,
      Shelf shelf,
      RulesInForce rules,
      Measured measured,
      Company company) {
    this.measured = measured;
    this.company = company;
    this.albums = albums;
    this.leaves = leaves;
    this.linePhotos = linePhotos;
    this.fillings = fillings;
    this.openings = openings;
    this.typeOpenings = typeOpenings;
    this.things = things;
    this.clocks = clocks;
    this.shelf = shelf;
    this.rules = rules;
  }

  /**
   * @throws NotThereException if there is no such album
   */
  public Bench open(long albumId) {
    AlbumEntity album =
        albums
            .findById(albumId)
            .orElseThrow(
                () -> new NotThereException("album", "There is no album " + albumId + "."));
    List<LeafEntity> stored = leaves.findByAlbumIdOrderByNumber(albumId);
    Map<Integer, String> keys = new HashMap<>();
    stored.forEach(leaf -> keys.put(leaf.leafKey(), leaf.type()));
    Set<String> types = Set.copyOf(keys.values());
    return new Bench(
        album,
        leaves(stored, shelf.leafTypes(types)),
        keys,
        linePhotos.findByAlbumIdOrderById(albumId),
        clocks.findByAlbumId(albumId).stream()
            .collect(Collectors.toMap(CameraClockEntity::camera, CameraClockEntity::shift)),
        fillings.findByAlbumId(albumId),
        openings.findByAlbumId(albumId),
        typeOpenings.findByItemKeyIn(types),
        things.findByAlbumIdOrderByThingKey(albumId).stream().map(ThingEntity::asThing).toList(),
        materials(),
        measured,
        company,
        rules.rules());
  }

  /**
   * The album, if it is still as the page that asks has seen it.
   *
   * @throws NotThereException if there is no such album
   * @throws AlbumMovedOnException if it was changed since
   */
  public Bench seen(long albumId, long version) {
    Bench bench = open(albumId);
    if (bench.album().version() != version) {
      throw new AlbumMovedOnException();
    }
    return bench;
  }

  private Bench.Materials materials() {
    return new Bench.Materials(
        shelf.thickness("material-protector-ply"),
        shelf.thickness("material-cardstock-80"),
        shelf.thickness("material-photo-print"));
  }

  private static AlbumLeaves leaves(List<LeafEntity> stored, Map<String, LeafType> types) {
    List<Leaf> leaves = new ArrayList<>();
    for (LeafEntity leaf : stored) {
      leaves.add(
          new Leaf(
              leaf.leafKey(),
              leaves.size() + 1,
              types.get(leaf.type()),
              leaf.isTurned(),
              Length.ofNanometres(leaf.dropBy()),
              PlanJson.read(leaf.plan()),
              PlanJson.read(leaf.reversePlan())));
    }
    return new AlbumLeaves(leaves);
  }
}
