package drumnest.core.stock;

import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import org.jspecify.annotations.Nullable;

/**
 * A kind of leaf that albums are made of.
 *
 * @param name what makers call it, such as "12 × 12, six 6 × 4"
 * @param size its width and height
 * @param pattern its pockets seen from the front; null for a page without pockets
 * @param shared whether front and back share their pockets, which then hold two cards back to back,
 *     so that the back is the front mirrored; else each side has pockets of its own
 * @param keepFree what stays free along the binding edge of a punched page; zero where nothing is
 *     punched through the page itself
 * @param binding how it is held in its album
 */
public record LeafType(
    String name,
    Size size,
    @Nullable PocketPattern pattern,
    boolean shared,
    Length keepFree,
    Binding binding)
    implements CatalogueItem {

  /** How a leaf is held in its album. */
  public enum Binding {
    /** By a punched strip, its own or that of its protector. */
    RINGS,
    /** By its fold, as the sheets of a notebook are: what faces it is one piece with it. */
    FOLD
  }

  /**
   * @throws IllegalArgumentException if the pattern is of another size
   */
  public LeafType {
    if (pattern != null && !pattern.page().equals(size)) {
      throw new IllegalArgumentException("The pattern is of another size than the leaf.");
    }
  }

  /** One on rings. */
  public LeafType(
      String name, Size size, @Nullable PocketPattern pattern, boolean shared, Length keepFree) {
    this(name, size, pattern, shared, keepFree, Binding.RINGS);
  }

  /** A protector whose pockets are seen from both sides. */
  public static LeafType pocketed(String name, PocketPattern pattern) {
    return new LeafType(name, pattern.page(), pattern, true, Length.ZERO);
  }

  /** A page without pockets. */
  public static LeafType plain(String name, Size size) {
    return new LeafType(name, size, null, false, Length.ZERO);
  }

  @Override
  public <R> R accept(CatalogueItem.Visitor<R> visitor) {
    return visitor.leaf(this);
  }
}
