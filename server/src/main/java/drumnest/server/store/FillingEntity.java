package drumnest.server.store;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import org.jspecify.annotations.Nullable;

/** What a slot holds, or is set aside for. */
@Entity
@Table(name = "filling")
public class FillingEntity {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long albumId;
  private String slot;

  @Column(columnDefinition = "char(64)")
  private @Nullable String sha256;

  private @Nullable Integer thingKey;

  private boolean turned;
  private boolean locked;

  @Enumerated(EnumType.STRING)
  private @Nullable Aside aside;

  private boolean byHand;

  @Enumerated(EnumType.STRING)
  private @Nullable Made made;

  protected FillingEntity() {}

  public FillingEntity(Long albumId, String slot) {
    this.albumId = albumId;
    this.slot = slot;
  }

  /** Holds a photo or a thing, the other being null, or is set aside. */
  public void hold(
      @Nullable String photo,
      @Nullable Integer thing,
      @Nullable Aside setAside,
      boolean isTurned,
      boolean isLocked) {
    this.sha256 = photo;
    this.thingKey = thing;
    this.aside = setAside;
    this.turned = isTurned;
    this.locked = isLocked;
  }

  /** Says who put it there, and how far its making has come. */
  public void come(boolean isByHand, @Nullable Made madeSoFar) {
    this.byHand = isByHand;
    this.made = madeSoFar;
  }

  public String slot() {
    return slot;
  }

  public @Nullable String sha256() {
    return sha256;
  }

  public @Nullable Integer thingKey() {
    return thingKey;
  }

  /** What the slot is set aside for; null where it holds something. */
  public @Nullable Aside aside() {
    return aside;
  }

  public boolean isByHand() {
    return byHand;
  }

  public @Nullable Made made() {
    return made;
  }

  public boolean isTurned() {
    return turned;
  }

  public boolean isLocked() {
    return locked;
  }
}
