package drumnest.server.album;

import drumnest.core.album.Thing;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import tools.jackson.databind.util.StdConverter;

/** A card or keepsake as it is stored in a step, which knows its key: lengths in nanometres. */
record StoredThing(
    Thing.Kind kind, String name, long w, long h, long thickness, boolean original, String words) {

  static final class Write extends StdConverter<Thing, StoredThing> {
    @Override
    public StoredThing convert(Thing thing) {
      return new StoredThing(
          thing.kind(),
          thing.name(),
          thing.size().w().toNanometres(),
          thing.size().h().toNanometres(),
          thing.thickness().toNanometres(),
          thing.original(),
          thing.words());
    }
  }

  static final class Read extends StdConverter<StoredThing, Thing> {
    @Override
    public Thing convert(StoredThing thing) {
      return new Thing(
          0,
          thing.kind(),
          thing.name(),
          new Size(Length.ofNanometres(thing.w()), Length.ofNanometres(thing.h())),
          Length.ofNanometres(thing.thickness()),
          thing.original(),
          thing.words());
    }
  }
}
