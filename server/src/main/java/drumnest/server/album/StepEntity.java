package drumnest.server.album;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;

/** One step of an album's history: what the maker did, and its changes as JSON. */
@Entity
@Table(name = "step")
class StepEntity {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long albumId;
  private int number;
  private String label;
  @Lob private String changes;

  protected StepEntity() {}

  StepEntity(Long albumId, int number, String label, String changes) {
    this.albumId = albumId;
    this.number = number;
    this.label = label;
    this.changes = changes;
  }

  /** More was done as part of the step. */
  void change(String next) {
    this.changes = next;
  }

  String label() {
    return label;
  }

  String changes() {
    return changes;
  }
}
