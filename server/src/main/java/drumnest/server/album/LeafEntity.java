package drumnest.server.album;

import drumnest.core.album.leaf.LeafState;
import drumnest.core.measure.Length;
import drumnest.server.stock.PlanJson;
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
class LeafEntity {

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

  LeafEntity(Long albumId, int leafKey) {
    this.albumId = albumId;
    this.leafKey = leafKey;
  }

  int leafKey() {
    return leafKey;
  }

  void stand(int at) {
    this.number = at;
  }

  LeafState state() {
    return new LeafState(
        type, turned, Length.ofNanometres(dropBy), PlanJson.read(plan), PlanJson.read(reversePlan));
  }

  void be(LeafState leaf) {
    this.type = leaf.type();
    this.turned = leaf.turned();
    this.dropBy = leaf.drop().toNanometres();
    this.plan = PlanJson.write(leaf.plan());
    this.reversePlan = PlanJson.write(leaf.reversePlan());
  }
}
