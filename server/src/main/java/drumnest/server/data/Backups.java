package drumnest.server.data;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.List;
import java.util.concurrent.TimeUnit;
import javax.sql.DataSource;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Lazy;
import org.springframework.scheduling.annotation.EnableScheduling;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * Keeps a few good copies of the database beside it: one soon after each start, then daily while it
 * is in use, where something has changed since the last; the newest three stay. A copy counts only
 * when it was opened and albums were found in it.
 */
@Component
@Lazy(false)
public class Backups {

  private static final Logger LOG = LoggerFactory.getLogger(Backups.class);
  private static final int KEPT = 3;
  private static final Duration DAILY = Duration.ofDays(1);

  private final Home home;
  private final DiskSpace room;
  private final DataSource database;
  private final Clock clock;
  private boolean started;

  Backups(Home home, DiskSpace room, @Lazy DataSource database, Clock clock) {
    this.home = home;
    this.room = room;
    this.database = database;
    this.clock = clock;
  }

  @Configuration
  @EnableScheduling
  static class Hourly {}

  @Scheduled(initialDelay = 10, fixedDelay = 3600, timeUnit = TimeUnit.SECONDS)
  void keepInTime() {
    List<Copies.Copy> copies = Copies.of(home.folder());
    boolean due =
        !started
            || copies.isEmpty()
            || copies.get(0).madeAt().plus(DAILY).isBefore(LocalDateTime.now(clock));
    started = true;
    if (due) {
      try {
        keep();
      } catch (IOException | SQLException | DiskFullException e) {
        LOG.warn("No copy of the database was made this time: {}", e.getMessage());
      }
    }
  }

  /**
   * Makes a copy, unless nothing has changed since the last.
   *
   * @throws DiskFullException if there is no room for it
   */
  public synchronized void keep() throws IOException, SQLException {
    List<Copies.Copy> copies = Copies.of(home.folder());
    if (!copies.isEmpty()
        && Files.getLastModifiedTime(copies.get(0).file())
                .compareTo(Files.getLastModifiedTime(home.database()))
            >= 0) {
      return;
    }
    Path coming = home.backups().resolve("coming.zip");
    try (DiskSpace.Reserved reserved = room.reserve(3 * Files.size(home.database()))) {
      write(coming);
      OwnerOnly.keep(coming);
      reserved.used(Files.size(coming));
      Copies.requireGood(coming);
      Files.move(
          coming,
          Copies.nameOf(home.folder(), LocalDateTime.now(clock)),
          StandardCopyOption.ATOMIC_MOVE,
          StandardCopyOption.REPLACE_EXISTING);
    } finally {
      Files.deleteIfExists(coming);
    }
    for (Copies.Copy old : Copies.of(home.folder()).stream().skip(KEPT).toList()) {
      Files.deleteIfExists(old.file());
    }
  }

  private void write(Path coming) throws SQLException {
    try (Connection connection = database.getConnection();
        Statement statement = connection.createStatement()) {
      statement.execute("backup to '" + coming.toString().replace("'", "''") + "'");
    }
  }
}
