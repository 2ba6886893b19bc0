package drumnest.server.store;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** A leaf of an album and the pocket pattern of the catalogue that it has. */
@Entity
@Table(name = "album_leaf")
public class AlbumLeafEntity {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long albumId;
  private int number;
  private String pattern;

  protected AlbumLeafEntity() {}

  public AlbumLeafEntity(Long albumId, int number, String pattern) {
    this.albumId = albumId;
    this.number = number;
    this.pattern = pattern;
  }

  public int number() {
    return number;
  }

  public String pattern() {
    return pattern;
  }
}
