package drumnest.server.store;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;

/** An album: its title, how many of its steps are done (the others can be redone), its version. */
@Entity
@Table(name = "album")
public class AlbumEntity {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private String title;

  @Version private long version;

  private int stepsDone;

  protected AlbumEntity() {}

  public AlbumEntity(String title) {
    this.title = title;
  }

  public Long id() {
    return id;
  }

  public String title() {
    return title;
  }

  public void retitle(String next) {
    this.title = next;
  }

  public long version() {
    return version;
  }

  public int stepsDone() {
    return stepsDone;
  }

  public void setStepsDone(int stepsDone) {
    this.stepsDone = stepsDone;
  }
}
