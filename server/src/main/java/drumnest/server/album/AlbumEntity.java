package drumnest.server.album;

import drumnest.core.album.AlbumHead;
import drumnest.core.album.ephemera.Fact;
import drumnest.server.stock.InscriptionJson;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** An album: its title, how many of its steps are done (the others can be redone), its version. */
@Entity
@Table(name = "album")
class AlbumEntity {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private String title;

  private long version;

  private int stepsDone;

  private @Nullable String format;

  private int lastLeafKey;

  private int lastEphemeraKey;

  private @Nullable Integer chapters;

  @Lob private @Nullable String facts;

  protected AlbumEntity() {}

  AlbumEntity(String title) {
    this.title = title;
  }

  Long id() {
    return id;
  }

  void retitle(String next) {
    this.title = next;
  }

  void setFormat(@Nullable String format) {
    this.format = format;
  }

  void setChapters(@Nullable Integer chapters) {
    this.chapters = chapters;
  }

  void setFacts(List<Fact> facts) {
    this.facts = InscriptionJson.writeFacts(facts);
  }

  void useLeafKey(int key) {
    this.lastLeafKey = Math.max(lastLeafKey, key);
  }

  void useEphemeraKey(int key) {
    this.lastEphemeraKey = Math.max(lastEphemeraKey, key);
  }

  long version() {
    return version;
  }

  int stepsDone() {
    return stepsDone;
  }

  /** A step was done, taken back or done again: the album has its next version. */
  void stepped(int stepsDone) {
    this.stepsDone = stepsDone;
    version++;
  }

  AlbumHead head() {
    return new AlbumHead(
        id,
        version,
        title,
        format,
        chapters,
        lastLeafKey,
        lastEphemeraKey,
        InscriptionJson.readFacts(facts));
  }
}
