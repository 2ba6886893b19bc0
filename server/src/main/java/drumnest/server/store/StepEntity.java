package drumnest.server.store;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;

/** One step of an album's history: what the maker did, and its changes as JSON. */
@Entity
@Table(name = "step")
public class StepEntity {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long albumId;
  private int number;
  private String label;
  @Lob private String changes;

  protected StepEntity() {}

  public StepEntity(Long albumId, int number, String label, String changes) {
    this.albumId = albumId;
    this.number = number;
    this.label = label;
    this.changes = changes;
  }

  public String label() {
    return label;
  }

  public String changes() {
    return changes;
  }
}
