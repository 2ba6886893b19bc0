package drumnest.server.store;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** A house rule that the maker changed: in stored units of length, or the number itself. */
@Entity
@Table(name = "house_rule")
public class HouseRuleEntity {

  @Id private String name;
  private long amount;

  protected HouseRuleEntity() {}

  public HouseRuleEntity(String name, long amount) {
    this.name = name;
    this.amount = amount;
  }

  public String name() {
    return name;
  }

  public long amount() {
    return amount;
  }
}
