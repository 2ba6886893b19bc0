package drumnest.server.api;

import drumnest.server.FieldProblemException;
import drumnest.server.edit.NotPossibleException;
import drumnest.server.share.Pairing;
import drumnest.server.share.SharedDoor;
import drumnest.server.web.Asker;
import drumnest.server.web.OpenTo;
import io.swagger.v3.oas.annotations.Parameter;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Sharing, changed from the first screen only; and pairing, from a device. */
@RestController
class SharingController {

  private static final DateTimeFormatter MOMENT =
      DateTimeFormatter.ofPattern("d MMMM, HH:mm", Locale.ENGLISH);
  private static final DateTimeFormatter TIME =
      DateTimeFormatter.ofPattern("HH:mm", Locale.ENGLISH);
  private static final Duration PAIRED_FOR = Duration.ofDays(365);

  private final SharedDoor door;
  private final Pairing pairing;

  SharingController(SharedDoor door, Pairing pairing) {
    this.door = door;
    this.pairing = pairing;
  }

  @GetMapping("/api/sharing")
  SharingViews.SharingView sharing(@Parameter(hidden = true) HttpServletRequest request) {
    boolean here = !Asker.isShared(request);
    return new SharingViews.SharingView(
        here,
        door.isOpen(),
        door.addresses(),
        here ? pairing.code().map(Pairing.Code::digits).orElse(null) : null,
        here
            ? pairing
                .code()
                .map(
                    code ->
                        TIME.format(LocalDateTime.ofInstant(code.until(), ZoneId.systemDefault())))
                .orElse(null)
            : null,
        pairing.devices().stream()
            .map(
                device ->
                    new SharingViews.DeviceView(
                        device.id(),
                        device.name(),
                        MOMENT.format(device.pairedAt()),
                        MOMENT.format(device.seenAt())))
            .toList());
  }

  @OpenTo(Asker.FIRST_SCREEN)
  @PostMapping("/api/sharing")
  SharingViews.SharingView turn(
      @Parameter(hidden = true) HttpServletRequest request,
      @Valid @RequestBody Requests.Sharing asked) {
    if (asked.on()) {
      if (!door.open()) {
        throw new NotPossibleException(
            "on", "This machine is on no local network, so there is nobody to share with.");
      }
    } else {
      pairing.dropCode();
      door.close();
    }
    return sharing(request);
  }

  @OpenTo(Asker.FIRST_SCREEN)
  @PostMapping("/api/sharing/code")
  SharingViews.SharingView code(@Parameter(hidden = true) HttpServletRequest request) {
    if (!door.isOpen()) {
      throw new NotPossibleException("on", "Switch sharing on first.");
    }
    pairing.newCode();
    return sharing(request);
  }

  @OpenTo(Asker.FIRST_SCREEN)
  @PostMapping("/api/sharing/devices/{device}/remove")
  SharingViews.SharingView remove(
      @Parameter(hidden = true) HttpServletRequest request, @PathVariable("device") long device) {
    pairing.remove(device);
    return sharing(request);
  }

  /** From a device: gives the code and gets a token, as a cookie that scripts cannot read. */
  @OpenTo(Asker.STRANGER)
  @PostMapping("/api/pair")
  ResponseEntity<SharingViews.PairedView> pair(@Valid @RequestBody Requests.Pairing request) {
    String name = request.name().strip();
    if (name.isEmpty() || name.length() > 60) {
      throw new FieldProblemException("name", "A device has a name of 1 to 60 letters.");
    }
    String token =
        pairing
            .pair(request.code().replace(" ", ""), name)
            .orElseThrow(
                () ->
                    new FieldProblemException(
                        "code",
                        "This code does not work, or no longer. Ask the first screen for a new"
                            + " one."));
    ResponseCookie cookie =
        ResponseCookie.from(Asker.COOKIE, token)
            .httpOnly(true)
            .sameSite("Strict")
            .path("/")
            .maxAge(PAIRED_FOR)
            .build();
    return ResponseEntity.ok()
        .header(HttpHeaders.SET_COOKIE, cookie.toString())
        .body(new SharingViews.PairedView(true));
  }
}
