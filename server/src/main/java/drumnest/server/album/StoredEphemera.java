package drumnest.server.album;

import drumnest.core.album.Ephemera;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import tools.jackson.databind.util.StdConverter;

/** A card or keepsake as it is stored in a step, which knows its key: lengths in nanometres. */
record StoredEphemera(
    Ephemera.Kind kind,
    String name,
    long w,
    long h,
    long thickness,
    boolean original,
    String words) {

  static final class Write extends StdConverter<Ephemera, StoredEphemera> {
    @Override
    public StoredEphemera convert(Ephemera ephemera) {
      return new StoredEphemera(
          ephemera.kind(),
          ephemera.name(),
          ephemera.size().w().toNanometres(),
          ephemera.size().h().toNanometres(),
          ephemera.thickness().toNanometres(),
          ephemera.original(),
          ephemera.words());
    }
  }

  static final class Read extends StdConverter<StoredEphemera, Ephemera> {
    @Override
    public Ephemera convert(StoredEphemera ephemera) {
      return new Ephemera(
          0,
          ephemera.kind(),
          ephemera.name(),
          new Size(Length.ofNanometres(ephemera.w()), Length.ofNanometres(ephemera.h())),
          Length.ofNanometres(ephemera.thickness()),
          ephemera.original(),
          ephemera.words());
    }
  }
}
