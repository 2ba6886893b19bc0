package drumnest.core.place;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.leaf.Slot;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Photos of an album that have no place yet, while everything that has one stays. */
public final class LatePhotos {

  /** More than so many are offered when these have their places. */
  private static final int MOST = 100;

  private LatePhotos() {}

  /** A photo without a place and the gap it is offered to; null where none suits it. */
  public record Offer(String photo, @Nullable Slot gap) {}

  /**
   * Photos that have no place, offered to the gaps of the album, while everything that has a place
   * stays. Only those that are kept are offered, or that nobody has decided on where nothing is
   * kept.
   */
  public static List<Offer> of(AlbumModel album) {
    PlacingTask task =
        PlacingTask.of(album, PlacingTask.Scope.ALBUM, Placing.Order.STORY, Breathing.PACKED);
    Placement now = task.now(album);
    Map<Integer, Integer> placed = now.photoByPlace();
    Set<String> told = new HashSet<>();
    placed.values().forEach(i -> told.add(task.problem().candidates().get(i).alternates()));
    // A gap is a slot that holds nothing and is not reserved, by the maker or by placing.
    Map<Integer, Set<Integer>> closed = new HashMap<>();
    Set<Integer> reserved = new HashSet<>();
    for (int i = 0; i < task.slots().size(); i++) {
      if (album.reservation(task.slots().get(i)).isPresent()) {
        reserved.add(i);
      }
    }
    int most =
        task.problem().candidates().stream()
            .map(each -> each.wanted())
            .max(Comparator.naturalOrder())
            .orElse(0);
    List<Integer> late = new ArrayList<>();
    for (int i = 0; i < now.photos(); i++) {
      String versions = task.problem().candidates().get(i).alternates();
      boolean wanted = task.problem().candidates().get(i).wanted() == most;
      boolean more = late.size() < MOST;
      if (more && !now.isPlaced(i) && wanted && (versions == null || told.add(versions))) {
        late.add(i);
        closed.put(i, reserved);
      }
    }
    if (placed.isEmpty()) {
      return List.of();
    }
    return LateOffers.of(task.problem().withLocked(placed).withClosed(closed), late).stream()
        .map(
            offer ->
                new Offer(
                    task.problem().candidates().get(offer.photo()).id(),
                    offer.place() < 0 ? null : task.slots().get(offer.place())))
        .toList();
  }
}
