package drumnest.server.store;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import org.jspecify.annotations.Nullable;

/** What a slot holds: a photo or another thing, how it is turned, and whether it is locked. */
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

  protected FillingEntity() {}

  public FillingEntity(Long albumId, String slot) {
    this.albumId = albumId;
    this.slot = slot;
  }

  /** Holds a photo or a thing; the other is null. */
  public void hold(
      @Nullable String photo, @Nullable Integer thing, boolean isTurned, boolean isLocked) {
    this.sha256 = photo;
    this.thingKey = thing;
    this.turned = isTurned;
    this.locked = isLocked;
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

  public boolean isTurned() {
    return turned;
  }

  public boolean isLocked() {
    return locked;
  }
}
