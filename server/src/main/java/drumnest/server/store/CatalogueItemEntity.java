package drumnest.server.store;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import org.jspecify.annotations.Nullable;

/** An entry of the catalogue; its body is JSON. One that is gone can be put back. */
@Entity
@Table(name = "catalogue_item")
public class CatalogueItemEntity {

  @Id private String itemKey;
  private String kind;
  private String name;
  @Lob private String body;
  private boolean gone;
  private int rank;
  private @Nullable Integer owned;

  protected CatalogueItemEntity() {}

  public CatalogueItemEntity(String itemKey, String kind, int rank) {
    this.itemKey = itemKey;
    this.kind = kind;
    this.rank = rank;
  }

  public void say(String itemName, String json) {
    this.name = itemName;
    this.body = json;
  }

  public String itemKey() {
    return itemKey;
  }

  public String kind() {
    return kind;
  }

  public int rank() {
    return rank;
  }

  public String name() {
    return name;
  }

  public String body() {
    return body;
  }

  /** How many of it there are; null where nobody has counted. */
  public @Nullable Integer owned() {
    return owned;
  }

  public void setOwned(@Nullable Integer count) {
    this.owned = count;
  }

  public boolean isGone() {
    return gone;
  }

  public void setGone(boolean isGone) {
    this.gone = isGone;
  }
}
