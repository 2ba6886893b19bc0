package drumnest.server.store;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** What a slot holds: a photo, how it is turned, and whether it is locked there. */
@Entity
@Table(name = "filling")
public class FillingEntity {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long albumId;
  private String slot;

  @Column(columnDefinition = "char(64)")
  private String sha256;

  private boolean turned;
  private boolean locked;

  protected FillingEntity() {}

  public FillingEntity(Long albumId, String slot) {
    this.albumId = albumId;
    this.slot = slot;
  }

  public void hold(String photo, boolean isTurned, boolean isLocked) {
    this.sha256 = photo;
    this.turned = isTurned;
    this.locked = isLocked;
  }

  public String slot() {
    return slot;
  }

  public String sha256() {
    return sha256;
  }

  public boolean isTurned() {
    return turned;
  }

  public boolean isLocked() {
    return locked;
  }
}
