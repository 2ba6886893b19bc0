package drumnest.server.album;

import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import tools.jackson.databind.util.StdConverter;

/** A size as it is stored: in nanometres. */
record StoredSize(long w, long h) {

  static final class Write extends StdConverter<Size, StoredSize> {
    @Override
    public StoredSize convert(Size size) {
      return new StoredSize(size.w().toNanometres(), size.h().toNanometres());
    }
  }

  static final class Read extends StdConverter<StoredSize, Size> {
    @Override
    public Size convert(StoredSize size) {
      return new Size(Length.ofNanometres(size.w()), Length.ofNanometres(size.h()));
    }
  }
}
