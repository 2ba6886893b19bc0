package drumnest.server.store;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** One thing that is set for the whole house, such as its units. */
@Entity
@Table(name = "setting")
public class SettingEntity {

  @Id private String name;
  private String text;

  protected SettingEntity() {}

  public SettingEntity(String name, String text) {
    this.name = name;
    this.text = text;
  }

  public String text() {
    return text;
  }
}
