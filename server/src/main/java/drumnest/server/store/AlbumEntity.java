package drumnest.server.store;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import org.jspecify.annotations.Nullable;

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

  private @Nullable String format;

  private int lastLeafKey;

  private int lastThingKey;

  private @Nullable Integer chapters;

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

  /** The key of its format in the catalogue; null where it has none. */
  public @Nullable String format() {
    return format;
  }

  public void setFormat(@Nullable String format) {
    this.format = format;
  }

  /** How many chapters are wanted; null for as many as the house rule makes. */
  public @Nullable Integer chapters() {
    return chapters;
  }

  public void setChapters(@Nullable Integer chapters) {
    this.chapters = chapters;
  }

  /** A key that no leaf of the album ever had. */
  public int nextLeafKey() {
    return lastLeafKey + 1;
  }

  public void useLeafKey(int key) {
    this.lastLeafKey = Math.max(lastLeafKey, key);
  }

  /** A key that no card or keepsake of the album ever had. */
  public int nextThingKey() {
    return lastThingKey + 1;
  }

  public void useThingKey(int key) {
    this.lastThingKey = Math.max(lastThingKey, key);
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
