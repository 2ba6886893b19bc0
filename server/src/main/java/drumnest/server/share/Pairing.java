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
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Lets devices in: a code of six digits is shown on the first screen, works once, for five minutes
 * and for five tries; the device that gives it gets a token of 256 random bits, of which only the
 * SHA-256 is kept.
 */
@Service
public class Pairing {

  private static final Duration CODE_LASTS = Duration.ofMinutes(5);
  private static final int TRIES = 5;

  private final Devices devices;
  private final Clock clock;
  private final SecureRandom random = new SecureRandom();
  private final Map<String, Long> known = new ConcurrentHashMap<>();
  private @Nullable Code code;

  /** A code, and until when it works. */
  public record Code(String digits, Instant until, int triesLeft) {}

  Pairing(Devices devices, Clock clock) {
    this.devices = devices;
    this.clock = clock;
  }

  /** A new code; one that was there before no longer works. */
  public synchronized Code newCode() {
    Code next =
        new Code(
            String.format("%06d", random.nextInt(1_000_000)),
            clock.instant().plus(CODE_LASTS),
            TRIES);
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
   * @return its token; nothing if the code is wrong or no longer works
   */
  public Optional<String> pair(String digits, String name) {
    if (!use(digits)) {
      return Optional.empty();
    }
    byte[] token = new byte[32];
    random.nextBytes(token);
    String text = HexFormat.of().formatHex(token);
    devices.save(new DeviceEntity(name, hash(text), LocalDateTime.now(clock)));
    return Optional.of(text);
  }

  private synchronized boolean use(String digits) {
    Code current = code().orElse(null);
    if (current == null) {
      return false;
    }
    if (same(current.digits(), digits)) {
      code = null;
      return true;
    }
    int left = current.triesLeft() - 1;
    code = left == 0 ? null : new Code(current.digits(), current.until(), left);
    return false;
  }

  private static boolean same(String one, String other) {
    return MessageDigest.isEqual(
        one.getBytes(StandardCharsets.UTF_8), other.getBytes(StandardCharsets.UTF_8));
  }

  /** Whether a token is that of a paired device. */
  public boolean isPaired(@Nullable String token) {
    if (token == null || token.length() != 64) {
      return false;
    }
    String hash = hash(token);
    return known.containsKey(hash) || learn(hash);
  }

  private boolean learn(String hash) {
    DeviceEntity device = devices.findByTokenHash(hash).orElse(null);
    if (device == null) {
      return false;
    }
    device.seen(LocalDateTime.now(clock));
    devices.save(device);
    known.put(hash, device.id());
    return true;
  }

  public List<DeviceEntity> devices() {
    return devices.findAll();
  }

  /** A device that is removed is let in no more. */
  @Transactional
  public void remove(long id) {
    devices.deleteById(id);
    known.values().remove(id);
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
