package drumnest.server.api;

import java.util.List;
import org.jspecify.annotations.Nullable;

/** Sharing as it is shown. */
final class SharingViews {

  private SharingViews() {}

  record DeviceView(long id, String name, String paired, String seen) {}

  /**
   * @param here whether the page runs on the first screen, which alone changes sharing
   * @param on whether the shared door is open
   * @param addresses where devices find it
   * @param code the code that works now, if one does
   * @param codeUntil until when
   */
  record SharingView(
      boolean here,
      boolean on,
      List<String> addresses,
      @Nullable String code,
      @Nullable String codeUntil,
      List<DeviceView> devices) {}

  record PairedView(boolean paired) {}
}
