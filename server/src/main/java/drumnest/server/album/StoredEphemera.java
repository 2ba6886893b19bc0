package drumnest.server.album;

import drumnest.core.album.ephemera.Ephemera;
import drumnest.core.album.ephemera.EphemeraKind;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.server.stock.InscriptionJson;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.util.StdConverter;

/**
 * A card, title or keepsake as it is stored in a step, which knows its key: lengths in nanometres.
 *
 * @param words the words of a card in steps of earlier versions
 * @param inscription what is written on it, as JSON; null in steps of earlier versions
 */
record StoredEphemera(
    EphemeraKind kind,
    String name,
    long w,
    long h,
    long thickness,
    boolean original,
    String words,
    @Nullable String inscription) {

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
          "",
          InscriptionJson.write(ephemera.inscription()));
    }
  }

  static final class Read extends StdConverter<StoredEphemera, Ephemera> {
    @Override
    public Ephemera convert(StoredEphemera ephemera) {
      return new StoredInscription(ephemera.inscription(), ephemera.words())
          .on(
              ephemera.kind(),
              0,
              ephemera.name(),
              new Size(Length.ofNanometres(ephemera.w()), Length.ofNanometres(ephemera.h())),
              Length.ofNanometres(ephemera.thickness()),
              ephemera.original());
    }
  }
}
