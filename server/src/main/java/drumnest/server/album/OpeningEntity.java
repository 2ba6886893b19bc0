package drumnest.server.album;

import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** The opening of a pocket as the maker measured it. */
@Entity
@Table(name = "opening")
class OpeningEntity {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long albumId;
  private String slot;
  private long w;
  private long h;

  protected OpeningEntity() {}

  OpeningEntity(Long albumId, String slot) {
    this.albumId = albumId;
    this.slot = slot;
  }

  String slot() {
    return slot;
  }

  Size size() {
    return new Size(Length.ofNanometres(w), Length.ofNanometres(h));
  }

  void measure(Size size) {
    this.w = size.w().toNanometres();
    this.h = size.h().toNanometres();
  }
}
