package drumnest.server.share;

import drumnest.server.FieldProblemException;
import drumnest.server.TooManyTriesException;
import drumnest.server.UnprocessableException;
import drumnest.server.http.Plain;
import drumnest.server.http.UpTo;
import io.swagger.v3.oas.annotations.Parameter;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
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

  private final SharedConnectors door;
  private final Pairing pairing;

  SharingController(SharedConnectors door, Pairing pairing) {
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
        here ? door.places().stream().map(this::view).toList() : List.of(),
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
      @Valid @RequestBody ShareRequest asked) {
    if (asked.on()) {
      if (asked.addresses() != null) {
        choose(asked.addresses());
      } else if (!door.open()) {
        throw new UnprocessableException(
            "on",
            door.places().isEmpty()
                ? "This machine is in no network, so there is nobody to share with."
                : "This machine has no private address in a home network. Choose where to share.");
      }
    } else {
      pairing.dropCode();
      door.close();
    }
    return sharing(request);
  }

  private void choose(List<String> addresses) {
    List<String> there = door.places().stream().map(NetworkPlace::address).toList();
    for (String address : addresses) {
      if (!there.contains(address)) {
        throw new FieldProblemException(
            "addresses",
            "“"
                + address
                + "” is no address of this machine; it has "
                + String.join(", ", there)
                + ".");
      }
    }
    if (!door.choose(addresses)) {
      throw new UnprocessableException("addresses", "Nothing can listen there at the moment.");
    }
  }

  private SharingViews.PlaceView view(NetworkPlace place) {
    return new SharingViews.PlaceView(
        place.address(),
        place.device(),
        switch (place.kind()) {
          case LOCAL -> "home network";
          case PUBLIC -> "public: anybody may reach it";
          case TUNNEL -> "tunnel into another network";
          case BRIDGE -> "containers or virtual machines";
        },
        place.kind() == NetworkPlace.Network.LOCAL,
        door.isOpenAt(place.address()));
  }

  @OpenTo(Asker.FIRST_SCREEN)
  @PostMapping("/api/sharing/code")
  SharingViews.SharingView code(@Parameter(hidden = true) HttpServletRequest request) {
    if (!door.isOpen()) {
      throw new UnprocessableException("on", "Switch sharing on first.");
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
  ResponseEntity<SharingViews.PairedView> pair(
      @Parameter(hidden = true) HttpServletRequest from,
      @Valid @RequestBody @UpTo(bytes = 1024) PairRequest request) {
    String name = request.name().strip();
    Pairing.Tried tried = pairing.pair(request.code().replace(" ", ""), name, from.getRemoteAddr());
    String token = tried.token();
    if (token == null) {
      throw tried.refused() == Pairing.Refused.SHUT_OUT
          ? new TooManyTriesException(
              "Too many wrong codes came from this device. Wait five minutes, then try again.")
          : new FieldProblemException(
              "code", "This code does not work, or no longer. Ask the first screen for a new one.");
    }
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

  /**
   * @param addresses where to listen; left out for the usual places
   */
  record ShareRequest(@NotNull Boolean on, @Nullable List<@NotBlank String> addresses) {}

  record PairRequest(
      @NotNull @Plain(is = "a code", max = 20) String code,
      @NotNull @Plain(is = "a name", max = 60, needed = true) String name) {}
}
