package drumnest.core.album;

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

/** The parts of an album while a step is made; what no change touches stays the same object. */
final class AlbumDraft {

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
    if (change instanceof Change.OfHolding holding) {
      holdings = holdings == before.holdings() ? new HashMap<>(holdings) : holdings;
      put(holdings, holding.slot(), holding.after());
    } else if (change instanceof Change.OfPhoto photo) {
      int at = indexOf(photo.photo());
      photos.set(at, photos.get(at).with(photo.after()));
    } else if (change instanceof Change.OfOpening opening) {
      openings = openings == before.openings() ? new HashMap<>(openings) : openings;
      put(openings, opening.slot(), opening.after());
    } else if (change instanceof Change.OfTitle title) {
      head = head.withTitle(title.after());
    } else if (change instanceof Change.OfFormat format) {
      head = head.withFormat(format.after());
    } else if (change instanceof Change.OfChapters chapters) {
      head = head.withChapters(chapters.after());
    } else if (change instanceof Change.OfFacts facts) {
      head = head.withFacts(facts.after());
    } else if (change instanceof Change.OfLeaf leaf) {
      leaves = leaves == before.leaves() ? new LinkedHashMap<>(leaves) : leaves;
      put(leaves, leaf.leaf(), leaf.after());
      head = leaf.after() == null ? head : head.withLeafKey(leaf.leaf());
    } else if (change instanceof Change.OfOrder order) {
      order(order.after());
    } else if (change instanceof Change.OfEphemera ephemera) {
      allEphemera = allEphemera == before.allEphemera() ? new TreeMap<>(allEphemera) : allEphemera;
      put(allEphemera, ephemera.ephemera(), ephemera.after());
      head = ephemera.after() == null ? head : head.withEphemeraKey(ephemera.ephemera());
    } else if (change instanceof Change.OfClock clock) {
      shift(clock.camera(), clock.after());
    }
    // Whether an entry of the catalogue is off the shelf is nothing of the album's own.
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
