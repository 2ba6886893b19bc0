package drumnest.server.store;

import drumnest.core.photo.Fingerprint;
import drumnest.core.photo.Pixels;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDateTime;
import org.jspecify.annotations.Nullable;

/** A photo file as it came in, and what was read from it. Never changes. */
@Entity
@Table(name = "photo")
public class PhotoEntity {

  @Id
  @Column(columnDefinition = "char(64)")
  private String sha256;

  private String format;
  private long byteCount;

  @Column(name = "pixels_w")
  private int pixelsW;

  @Column(name = "pixels_h")
  private int pixelsH;

  @Nullable private LocalDateTime takenAt;
  private long fingerprint;
  private double sharpness;

  protected PhotoEntity() {}

  public PhotoEntity(
      String sha256,
      String format,
      long byteCount,
      Pixels pixels,
      @Nullable LocalDateTime takenAt,
      Fingerprint fingerprint,
      double sharpness) {
    this.sha256 = sha256;
    this.format = format;
    this.byteCount = byteCount;
    this.pixelsW = pixels.w();
    this.pixelsH = pixels.h();
    this.takenAt = takenAt;
    this.fingerprint = fingerprint.bits();
    this.sharpness = sharpness;
  }

  public String sha256() {
    return sha256;
  }

  /** The file's extension: {@code jpg} or {@code png}. */
  public String format() {
    return format;
  }

  /** The picture's size after turning it upright. */
  public Pixels pixels() {
    return new Pixels(pixelsW, pixelsH);
  }

  /** When the camera says that it was taken. */
  public @Nullable LocalDateTime takenAt() {
    return takenAt;
  }

  public Fingerprint fingerprint() {
    return new Fingerprint(fingerprint);
  }

  public double sharpness() {
    return sharpness;
  }
}
