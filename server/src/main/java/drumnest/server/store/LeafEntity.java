package drumnest.server.store;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import org.jspecify.annotations.Nullable;

/** A leaf of an album: its type, its place, how it lies, and what is planned on its faces. */
@Entity
@Table(name = "leaf")
public class LeafEntity {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long albumId;
  private int leafKey;
  private int number;
  private String type;
  private boolean turned;
  private long dropBy;
  @Lob private @Nullable String plan;
  @Lob private @Nullable String reversePlan;

  protected LeafEntity() {}

  public LeafEntity(Long albumId, int leafKey) {
    this.albumId = albumId;
    this.leafKey = leafKey;
  }

  /** Says what it is; plans are JSON, or null where nothing is planned. */
  public void lie(
      String ofType,
      boolean isTurned,
      long drop,
      @Nullable String front,
      @Nullable String reverse) {
    this.type = ofType;
    this.turned = isTurned;
    this.dropBy = drop;
    this.plan = front;
    this.reversePlan = reverse;
  }

  public int leafKey() {
    return leafKey;
  }

  public Long albumId() {
    return albumId;
  }

  public int number() {
    return number;
  }

  public void stand(int at) {
    this.number = at;
  }

  public String type() {
    return type;
  }

  public boolean isTurned() {
    return turned;
  }

  public long dropBy() {
    return dropBy;
  }

  public @Nullable String plan() {
    return plan;
  }

  public @Nullable String reversePlan() {
    return reversePlan;
  }
}
