package drumnest.server.album;

import drumnest.core.album.ephemera.Ephemera;
import drumnest.core.album.ephemera.EphemeraKind;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.server.stock.InscriptionJson;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import org.jspecify.annotations.Nullable;

/** A card with words, a title or a keepsake of an album. */
@Entity
@Table(name = "ephemera")
class EphemeraEntity {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long albumId;
  private int ephemeraKey;
  private String kind;
  private String name;
  private long w;
  private long h;
  private long thickness;
  private boolean original;

  /** The words of a card as earlier versions kept them. */
  private String words;

  @Lob private @Nullable String inscription;

  protected EphemeraEntity() {}

  EphemeraEntity(Long albumId, int ephemeraKey) {
    this.albumId = albumId;
    this.ephemeraKey = ephemeraKey;
  }

  int ephemeraKey() {
    return ephemeraKey;
  }

  void be(Ephemera ephemera) {
    this.kind = ephemera.kind().name();
    this.name = ephemera.name();
    this.w = ephemera.size().w().toNanometres();
    this.h = ephemera.size().h().toNanometres();
    this.thickness = ephemera.thickness().toNanometres();
    this.original = ephemera.original();
    this.words = "";
    this.inscription = InscriptionJson.write(ephemera.inscription());
  }

  Ephemera asEphemera() {
    return new StoredInscription(inscription, words)
        .on(
            EphemeraKind.valueOf(kind),
            ephemeraKey,
            name,
            new Size(Length.ofNanometres(w), Length.ofNanometres(h)),
            Length.ofNanometres(thickness),
            original);
  }
}
