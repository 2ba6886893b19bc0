package drumnest.server.stock;

import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Grip;
import drumnest.core.album.flap.Support;
import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.util.StdConverter;

/** A flap as it is written into the database, with how it is held and what it rests on beside. */
record StoredFlap(
    String id,
    Box closed,
    Edge hinge,
    Length strip,
    FlapMount mount,
    @Nullable String on,
    @Nullable String fixedTo,
    boolean inside,
    Flap.Body body,
    Length border,
    Grip grip) {

  static final class Writing extends StdConverter<Flap, StoredFlap> {
    @Override
    public StoredFlap convert(Flap flap) {
      return new StoredFlap(
          flap.id(),
          flap.closed(),
          flap.hinge(),
          flap.strip(),
          FlapMount.of(flap.attachment()),
          flap.on(),
          flap.fixedTo(),
          flap.inside(),
          flap.body(),
          flap.border(),
          flap.grip());
    }
  }

  static final class Reading extends StdConverter<StoredFlap, Flap> {
    @Override
    public Flap convert(StoredFlap stored) {
      return new Flap(
          stored.id,
          stored.closed,
          stored.hinge,
          stored.mount.with(stored.strip),
          Support.of(stored.on, stored.fixedTo, stored.inside),
          stored.body,
          stored.border,
          stored.grip);
    }
  }
}
