package drumnest.server.album;

import drumnest.core.album.Ephemera;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** A card with words or a keepsake of an album. */
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
  private String words;

  protected EphemeraEntity() {}

  EphemeraEntity(Long albumId, int ephemeraKey) {
    this.albumId = albumId;
    this.ephemeraKey = ephemeraKey;
  }

  void be(Ephemera ephemera) {
    this.kind = ephemera.kind().name();
    this.name = ephemera.name();
    this.w = ephemera.size().w().toNanometres();
    this.h = ephemera.size().h().toNanometres();
    this.thickness = ephemera.thickness().toNanometres();
    this.original = ephemera.original();
    this.words = ephemera.words();
  }

  Ephemera asEphemera() {
    return new Ephemera(
        ephemeraKey,
        Ephemera.Kind.valueOf(kind),
        name,
        new Size(Length.ofNanometres(w), Length.ofNanometres(h)),
        Length.ofNanometres(thickness),
        original,
        words);
  }
}
