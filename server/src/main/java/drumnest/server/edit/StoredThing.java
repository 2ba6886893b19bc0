package drumnest.server.edit;

import drumnest.core.album.Thing;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;

/** A card or keepsake as it is stored: lengths in nanometres. */
public record StoredThing(
    Thing.Kind kind, String name, long w, long h, long thickness, boolean original, String words) {

  static StoredThing of(Thing thing) {
    return new StoredThing(
        thing.kind(),
        thing.name(),
        thing.size().w().toNanometres(),
        thing.size().h().toNanometres(),
        thing.thickness().toNanometres(),
        thing.original(),
        thing.words());
  }

  Thing asThing(int key) {
    return new Thing(
        key,
        kind,
        name,
        new Size(Length.ofNanometres(w), Length.ofNanometres(h)),
        Length.ofNanometres(thickness),
        original,
        words);
  }
}
