package drumnest.server.store;

import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** The opening of a pocket as measured on a kind of leaf; it holds for all leaves of that kind. */
@Entity
@Table(name = "type_opening")
public class TypeOpeningEntity {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private String itemKey;
  private String face;
  private int pocket;
  private long w;
  private long h;

  protected TypeOpeningEntity() {}

  public TypeOpeningEntity(String itemKey, String face, int pocket, Size size) {
    this.itemKey = itemKey;
    this.face = face;
    this.pocket = pocket;
    measure(size);
  }

  public final void measure(Size size) {
    this.w = size.w().toNanometres();
    this.h = size.h().toNanometres();
  }

  public String itemKey() {
    return itemKey;
  }

  /** {@code front} or {@code back}. */
  public String face() {
    return face;
  }

  /** The pocket's number on that face, from 1, in reading order. */
  public int pocket() {
    return pocket;
  }

  public Size size() {
    return new Size(Length.ofNanometres(w), Length.ofNanometres(h));
  }
}
