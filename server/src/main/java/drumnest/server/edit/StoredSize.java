package drumnest.server.edit;

import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import org.jspecify.annotations.Nullable;

/** A size as it is stored: in nanometres. */
public record StoredSize(long w, long h) {

  public static @Nullable StoredSize of(@Nullable Size size) {
    return size == null ? null : new StoredSize(size.w().toNanometres(), size.h().toNanometres());
  }

  Size toSize() {
    return new Size(Length.ofNanometres(w), Length.ofNanometres(h));
  }
}
