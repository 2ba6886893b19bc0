package drumnest.server.album;

import drumnest.core.album.Holding;
import drumnest.core.album.Made;
import drumnest.core.album.Reservation;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import org.jspecify.annotations.Nullable;

/** The row of what a slot holds, or is reserved for. */
@Entity
@Table(name = "filling")
class FillingEntity {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long albumId;
  private String slot;

  @Column(columnDefinition = "char(64)")
  private @Nullable String sha256;

  private @Nullable Integer ephemeraKey;

  private boolean turned;
  private boolean whole;
  private boolean locked;

  @Enumerated(EnumType.STRING)
  private @Nullable Reservation aside;

  private boolean byHand;

  @Enumerated(EnumType.STRING)
  private @Nullable Made made;

  protected FillingEntity() {}

  FillingEntity(Long albumId, String slot) {
    this.albumId = albumId;
    this.slot = slot;
  }

  void hold(Holding holding) {
    StoredHolding stored = StoredHolding.of(holding);
    this.sha256 = stored.photo();
    this.ephemeraKey = stored.thing();
    this.aside = stored.aside();
    this.turned = stored.turned();
    this.whole = stored.whole();
    this.locked = stored.locked();
    this.byHand = stored.byHand();
    this.made = stored.made();
  }

  Holding holding() {
    return new StoredHolding(sha256, turned, whole, locked, ephemeraKey, aside, byHand, made)
        .holding();
  }

  String slot() {
    return slot;
  }
}
