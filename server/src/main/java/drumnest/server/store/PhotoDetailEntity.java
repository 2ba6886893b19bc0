package drumnest.server.store;

import drumnest.core.photo.DetailMap;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** The map of detail of a photo, apart from the photo because it is seldom wanted. */
@Entity
@Table(name = "photo_detail")
public class PhotoDetailEntity {

  @Id
  @Column(columnDefinition = "char(64)")
  private String sha256;

  private byte[] cells;

  protected PhotoDetailEntity() {}

  public PhotoDetailEntity(String sha256, DetailMap detail) {
    this.sha256 = sha256;
    this.cells = detail.toBytes();
  }

  public String sha256() {
    return sha256;
  }

  public DetailMap detail() {
    return DetailMap.ofBytes(cells);
  }
}
