package drumnest.server.album;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Duration;

/** How far the clock of a camera is shifted in an album. */
@Entity
@Table(name = "camera_clock")
class CameraClockEntity {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long albumId;
  private String camera;
  private long seconds;

  protected CameraClockEntity() {}

  CameraClockEntity(Long albumId, String camera) {
    this.albumId = albumId;
    this.camera = camera;
  }

  String camera() {
    return camera;
  }

  /** Tells what is added to the times of the camera. */
  Duration shift() {
    return Duration.ofSeconds(seconds);
  }

  void set(Duration shift) {
    this.seconds = shift.toSeconds();
  }
}
