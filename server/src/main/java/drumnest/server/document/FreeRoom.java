package drumnest.server.document;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Room in which words are put so that none lies over another. */
final class FreeRoom {

  /** A rectangle, in points, from its upper left corner. */
  record Rect(float x, float y, float w, float h) {

    boolean isIn(Rect room) {
      return x >= room.x && y >= room.y && x + w <= room.x + room.w && y + h <= room.y + room.h;
    }

    boolean overlaps(Rect other) {
      return x < other.x + other.w && other.x < x + w && y < other.y + other.h && other.y < y + h;
    }

    /** Tells what is common to both, which has no extent where nothing is. */
    Rect common(Rect other) {
      float left = Math.max(x, other.x);
      float top = Math.max(y, other.y);
      return new Rect(
          left,
          top,
          Math.max(0, Math.min(x + w, other.x + other.w) - left),
          Math.max(0, Math.min(y + h, other.y + other.h) - top));
    }
  }

  private final Rect room;
  private final List<Rect> taken = new ArrayList<>();

  FreeRoom(Rect room) {
    this.room = room;
  }

  /** Takes the first of some places that lies in the room, and on nothing that was put there. */
  Optional<Rect> take(List<Rect> places) {
    Optional<Rect> free =
        places.stream()
            .filter(place -> place.isIn(room))
            .filter(place -> taken.stream().noneMatch(place::overlaps))
            .findFirst();
    free.ifPresent(taken::add);
    return free;
  }
}
