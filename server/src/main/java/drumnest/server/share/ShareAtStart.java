package drumnest.server.share;

import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.web.server.context.WebServerInitializedEvent;
import org.springframework.context.annotation.Lazy;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Opens the shared door at the start if that was asked for. */
@Component
@Lazy(false)
class ShareAtStart {

  private final SharedConnectors door;
  private final boolean share;

  ShareAtStart(@Lazy SharedConnectors door, @Value("${drumnest.share:false}") boolean share) {
    this.door = door;
    this.share = share;
  }

  @EventListener(WebServerInitializedEvent.class)
  void open() {
    if (!share) {
      return;
    }
    if (door.open()) {
      System.out.println(
          "Shared with paired devices at http://" + String.join(", http://", door.addresses()));
    } else {
      System.out.println("Not shared: this machine is on no local network.");
    }
  }
}
