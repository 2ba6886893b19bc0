package drumnest.server.store;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;

/** A sum that was sent to the ticket of an album: its name and its question as JSON. */
@Entity
@Table(name = "slip")
public class SavedCalculationEntity {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long albumId;
  private String sumName;
  @Lob private String question;

  protected SavedCalculationEntity() {}

  public SavedCalculationEntity(Long albumId, String sumName, String question) {
    this.albumId = albumId;
    this.sumName = sumName;
    this.question = question;
  }

  public Long id() {
    return id;
  }

  public String sumName() {
    return sumName;
  }

  public String question() {
    return question;
  }
}
