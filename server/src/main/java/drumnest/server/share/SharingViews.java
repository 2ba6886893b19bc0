package drumnest.server.share;

import java.util.List;
import org.jspecify.annotations.Nullable;

/** Sharing as it is shown. */
final class SharingViews {

  private SharingViews() {}

  record DeviceView(long id, String name, String paired, String seen) {}

  /**
   * A place at which this machine can be reached.
   *
   * @param device the network card or what else it belongs to
   * @param behind what lies behind it, in words
   * @param usual whether sharing listens there unless the maker chooses
   * @param open whether it listens there now
   */
  record PlaceView(String address, String device, String behind, boolean usual, boolean open) {}

  /**
   * @param here whether the page runs on the first screen, which alone changes sharing
   * @param on whether the shared door is open
   * @param addresses where devices find it
   * @param places where it could be opened; told on the first screen only
   * @param code the code that works now, if one does
   * @param codeUntil until when
   */
  record SharingView(
      boolean here,
      boolean on,
      List<String> addresses,
      List<PlaceView> places,
      @Nullable String code,
      @Nullable String codeUntil,
      List<DeviceView> devices) {}

  record PairedView(boolean paired) {}
}
