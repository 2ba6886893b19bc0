package drumnest.server.share;

import drumnest.server.store.DeviceEntity;
import drumnest.server.store.Devices;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.HashSet;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/**
 * Lets devices in: a code of six digits is shown on the first screen and works once, for five
 * minutes; the device that gives it gets a token of 256 random bits, of which only the SHA-256 is
 * kept. Five wrong codes shut out the address that gave them, for five minutes; a code that was
 * guessed at {@value #MOST_GUESSES} times from all addresses together works no more, so that it is
 * found by chance once in a thousand times at most.
 */
@Service
public class Pairing {

  private static final Duration CODE_LASTS = Duration.ofMinutes(5);
  private static final int MOST_GUESSES = 1_000;

  private final Devices devices;
  private final Clock clock;
  private final SecureRandom random = new SecureRandom();
  private final Tries tries;
  private @Nullable Code code;

  /** The devices let in, by the hash of their token; the truth is in the database. */
  private @Nullable Map<String, Long> known;

  private final Set<Long> seen = new HashSet<>();
  private final Object door = new Object();

  /** A code, and until when it works. */
  public record Code(String digits, Instant until, int guesses) {}

  /** Why a device was not paired. */
  public enum Refused {
    WRONG,
    SHUT_OUT
  }

  /** The outcome of a try: a token, or why there is none. */
  public record Tried(@Nullable String token, @Nullable Refused refused) {}

  Pairing(Devices devices, Clock clock) {
    this.devices = devices;
    this.clock = clock;
    this.tries = new Tries(clock);
  }

  /** A new code; one that was there before no longer works. */
  public synchronized Code newCode() {
    Code next =
        new Code(
            String.format("%06d", random.nextInt(1_000_000)), clock.instant().plus(CODE_LASTS), 0);
    code = next;
    return next;
  }

  /** The code that works now. */
  public synchronized Optional<Code> code() {
    Code current = code;
    if (current != null && clock.instant().isAfter(current.until())) {
      code = null;
    }
    return Optional.ofNullable(code);
  }

  /** No code works any more. */
  public synchronized void dropCode() {
    code = null;
  }

  /**
   * Pairs a device.
   *
   * @param digits the code that it gives
   * @param name what it is to be called
   * @param address where it asks from
   */
  public Tried pair(String digits, String name, String address) {
    Refused refused = use(digits, address);
    if (refused != null) {
      return new Tried(null, refused);
    }
    byte[] token = new byte[32];
    random.nextBytes(token);
    String text = HexFormat.of().formatHex(token);
    synchronized (door) {
      Map<String, Long> in = known();
      DeviceEntity device =
          devices.saveAndFlush(new DeviceEntity(name, hash(text), LocalDateTime.now(clock)));
      in.put(device.tokenHash(), device.id());
      seen.add(device.id());
    }
    return new Tried(text, null);
  }

  private synchronized @Nullable Refused use(String digits, String address) {
    if (tries.isShutOut(address)) {
      return Refused.SHUT_OUT;
    }
    Code current = code().orElse(null);
    if (current != null && same(current.digits(), digits)) {
      code = null;
      tries.right(address);
      return null;
    }
    tries.wrong(address);
    if (current != null) {
      int guesses = current.guesses() + 1;
      code = guesses == MOST_GUESSES ? null : new Code(current.digits(), current.until(), guesses);
    }
    return Refused.WRONG;
  }

  private static boolean same(String one, String other) {
    return MessageDigest.isEqual(
        one.getBytes(StandardCharsets.UTF_8), other.getBytes(StandardCharsets.UTF_8));
  }

  /** Whether a token is that of a paired device. A stranger's costs no look at the database. */
  public boolean isPaired(@Nullable String token) {
    if (token == null || token.length() != 64) {
      return false;
    }
    Long device = known().get(hash(token));
    if (device == null) {
      return false;
    }
    synchronized (door) {
      if (!known().containsValue(device)) {
        return false;
      }
      if (seen.add(device)) {
        devices.findById(device).ifPresent(this::see);
      }
    }
    return true;
  }

  private void see(DeviceEntity device) {
    device.seen(LocalDateTime.now(clock));
    devices.save(device);
  }

  private Map<String, Long> known() {
    synchronized (door) {
      Map<String, Long> in = known;
      if (in == null) {
        in = new ConcurrentHashMap<>();
        for (DeviceEntity device : devices.findAll()) {
          in.put(device.tokenHash(), device.id());
        }
        known = in;
      }
      return in;
    }
  }

  public List<DeviceEntity> devices() {
    return devices.findAll();
  }

  /** A device that is removed is let in no more from here on, also after a restart. */
  public void remove(long id) {
    synchronized (door) {
      devices.deleteById(id);
      known().values().remove(id);
    }
  }

  private static String hash(String token) {
    try {
      byte[] digest =
          MessageDigest.getInstance("SHA-256").digest(token.getBytes(StandardCharsets.US_ASCII));
      return HexFormat.of().formatHex(digest);
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e);
    }
  }
}
