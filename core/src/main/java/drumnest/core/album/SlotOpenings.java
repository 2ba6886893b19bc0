package drumnest.core.album;

import drumnest.core.album.leaf.FlapNames;
import drumnest.core.album.leaf.Side;
import drumnest.core.album.leaf.Slot;
import drumnest.core.album.leaf.SlotKind;
import drumnest.core.fit.Opening;
import drumnest.core.measure.Size;
import drumnest.core.stock.Supplies;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * The openings of the slots of an album. What was measured in a leaf goes before what was measured
 * on its kind, and that before what is known of the kind or usual. The two sides of a pocket or
 * sleeve have one opening, which is kept under the name of one of them ({@link #key}).
 */
public final class SlotOpenings {

  private final AlbumParts parts;
  private final Supplies supplies;

  SlotOpenings(AlbumParts parts, Supplies supplies) {
    this.parts = parts;
    this.supplies = supplies;
  }

  /** The name under which the opening of a slot is kept: that of its front or outside. */
  public static String key(Slot slot) {
    if (slot.kind() == SlotKind.INSIDE) {
      return FlapNames.outside(slot.flap().orElseThrow());
    }
    boolean front = slot.leaf().face(slot.side()) == Side.FRONT;
    return front ? slot.id() : slot.leaf().otherSideOf(slot).orElse(slot.id());
  }

  /** Tells what the maker measured in this very leaf. */
  Optional<Size> own(Slot slot) {
    return Optional.ofNullable(parts.openings().get(key(slot)))
        .or(() -> Optional.ofNullable(parts.openings().get(slot.id())));
  }

  Opening of(Slot slot) {
    boolean ofPage = slot.kind().isOfPage();
    if (slot.kind() == SlotKind.MOUNT || !ofPage && slot.knownOpening() != null) {
      return Opening.mount(slot.takes());
    }
    Size measured = own(slot).orElseGet(() -> ofPage ? ofKind(slot) : null);
    if (measured != null) {
      return Opening.measured(measured);
    }
    return slot.knownOpening() == null
        ? Opening.asUsual(slot.takes(), supplies.rules())
        : Opening.ruled(slot.knownOpening());
  }

  private @Nullable Size ofKind(Slot slot) {
    String[] name = key(slot).split("-");
    String kind = Objects.requireNonNull(parts.leaves().get(slot.leaf().key())).type();
    return supplies
        .openings()
        .get(new Supplies.TypePocket(kind, name[1], Integer.parseInt(name[2])));
  }
}
