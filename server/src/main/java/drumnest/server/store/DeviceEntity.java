package drumnest.server.store;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDateTime;

/** A device that was paired; of its token only the SHA-256 is kept. */
@Entity
@Table(name = "device")
public class DeviceEntity {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private String name;

  @Column(columnDefinition = "char(64)")
  private String tokenHash;

  private LocalDateTime pairedAt;
  private LocalDateTime seenAt;

  protected DeviceEntity() {}

  public DeviceEntity(String name, String tokenHash, LocalDateTime now) {
    this.name = name;
    this.tokenHash = tokenHash;
    this.pairedAt = now;
    this.seenAt = now;
  }

  public String tokenHash() {
    return tokenHash;
  }

  public Long id() {
    return id;
  }

  public String name() {
    return name;
  }

  public LocalDateTime pairedAt() {
    return pairedAt;
  }

  public LocalDateTime seenAt() {
    return seenAt;
  }

  public void seen(LocalDateTime now) {
    this.seenAt = now;
  }
}
