package drumnest.core.album;

import drumnest.core.album.ephemera.Ephemera;
import drumnest.core.album.leaf.LeafState;
import drumnest.core.measure.Size;
import drumnest.core.photo.AlbumPhoto;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/**
 * The parts of an album while a step is made; what no change touches stays the same object.
 * Visiting a change makes it, and gives the head of the album after it.
 */
final class AlbumDraft implements Change.Visitor<AlbumHead> {

  private AlbumHead head;
  private Map<Integer, LeafState> leaves;
  private List<AlbumPhoto> photos;
  private final Map<String, Integer> photoAt = new HashMap<>();
  private Map<String, Duration> shifts;
  private Map<String, Holding> holdings;
  private Map<String, Size> openings;
  private Map<Integer, Ephemera> allEphemera;
  private final AlbumParts before;

  AlbumDraft(AlbumHead head, AlbumParts parts) {
    this.head = head;
    this.before = parts;
    this.leaves = parts.leaves();
    this.photos = parts.photos();
    this.shifts = parts.shifts();
    this.holdings = parts.holdings();
    this.openings = parts.openings();
    this.allEphemera = parts.allEphemera();
  }

  AlbumHead head() {
    return head;
  }

  AlbumParts parts() {
    return new AlbumParts(leaves, photos, shifts, holdings, openings, allEphemera);
  }

  void apply(Change change) {
    head = change.accept(this);
  }

  @Override
  public AlbumHead holding(Change.OfHolding change) {
    holdings = holdings == before.holdings() ? new HashMap<>(holdings) : holdings;
    put(holdings, change.slot(), change.after());
    return head;
  }

  @Override
  public AlbumHead photo(Change.OfPhoto change) {
    int at = indexOf(change.photo());
    photos.set(at, photos.get(at).with(change.after()));
    return head;
  }

  @Override
  public AlbumHead opening(Change.OfOpening change) {
    openings = openings == before.openings() ? new HashMap<>(openings) : openings;
    put(openings, change.slot(), change.after());
    return head;
  }

  @Override
  public AlbumHead title(Change.OfTitle change) {
    return head.withTitle(change.after());
  }

  @Override
  public AlbumHead format(Change.OfFormat change) {
    return head.withFormat(change.after());
  }

  @Override
  public AlbumHead leaf(Change.OfLeaf change) {
    leaves = leaves == before.leaves() ? new LinkedHashMap<>(leaves) : leaves;
    put(leaves, change.leaf(), change.after());
    return change.after() == null ? head : head.withLeafKey(change.leaf());
  }

  @Override
  public AlbumHead order(Change.OfOrder change) {
    order(change.after());
    return head;
  }

  @Override
  public AlbumHead ephemera(Change.OfEphemera change) {
    allEphemera = allEphemera == before.allEphemera() ? new TreeMap<>(allEphemera) : allEphemera;
    put(allEphemera, change.ephemera(), change.after());
    return change.after() == null ? head : head.withEphemeraKey(change.ephemera());
  }

  @Override
  public AlbumHead entry(Change.OfEntry change) {
    // Whether an entry of the catalogue is off the shelf is nothing of the album's own.
    return head;
  }

  @Override
  public AlbumHead chapters(Change.OfChapters change) {
    return head.withChapters(change.after());
  }

  @Override
  public AlbumHead facts(Change.OfFacts change) {
    return head.withFacts(change.after());
  }

  @Override
  public AlbumHead clock(Change.OfClock change) {
    shift(change.camera(), change.after());
    return head;
  }

  private static <K, V> void put(Map<K, V> map, K key, @Nullable V value) {
    if (value == null) {
      map.remove(key);
    } else {
      map.put(key, value);
    }
  }

  private int indexOf(String photo) {
    ownPhotos();
    if (photoAt.isEmpty()) {
      for (int i = 0; i < photos.size(); i++) {
        photoAt.put(photos.get(i).id(), i);
      }
    }
    return photoAt.get(photo);
  }

  private void ownPhotos() {
    photos = photos == before.photos() ? new ArrayList<>(photos) : photos;
  }

  private void shift(String camera, Duration by) {
    shifts = shifts == before.shifts() ? new HashMap<>(shifts) : shifts;
    shifts.put(camera, by);
    ownPhotos();
    photos.replaceAll(photo -> camera.equals(photo.words().camera()) ? photo.shiftedBy(by) : photo);
  }

  private void order(List<Integer> keys) {
    Map<Integer, LeafState> ordered = new LinkedHashMap<>();
    leaves.entrySet().stream()
        .sorted(Comparator.comparing(leaf -> keys.indexOf(leaf.getKey())))
        .forEach(leaf -> ordered.put(leaf.getKey(), leaf.getValue()));
    leaves = ordered;
  }
}
