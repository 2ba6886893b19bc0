package drumnest.server.album;

import drumnest.core.album.ephemera.CardWords;
import drumnest.core.album.ephemera.Ephemera;
import drumnest.core.album.ephemera.EphemeraKind;
import drumnest.core.album.ephemera.TitleWords;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.server.stock.InscriptionJson;
import org.jspecify.annotations.Nullable;

/**
 * The inscription of a card or a title, as it is stored beside all that ephemera have in common.
 *
 * @param json what is written, as JSON; null on a keepsake, and on cards of earlier versions
 * @param words the words of a card of an earlier version
 */
record StoredInscription(@Nullable String json, String words) {

  /** The thing that all of this was stored of. */
  Ephemera on(
      EphemeraKind kind, int key, String name, Size size, Length thickness, boolean original) {
    return switch (kind) {
      case CARD ->
          new Ephemera.Card(
              key, name, size, thickness, original, (CardWords) InscriptionJson.read(json, words));
      case TITLE ->
          new Ephemera.Title(
              key, name, size, thickness, (TitleWords) InscriptionJson.read(json, null));
      case KEEPSAKE -> new Ephemera.Keepsake(key, name, size, thickness, original);
    };
  }
}
