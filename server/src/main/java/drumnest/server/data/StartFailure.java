package drumnest.server.data;

import java.nio.file.Path;
import java.sql.SQLException;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.diagnostics.FailureAnalysis;
import org.springframework.boot.diagnostics.FailureAnalyzer;
import org.springframework.core.env.Environment;

/** Says in plain words why nothing can be started on the data folder, and what to do. */
class StartFailure implements FailureAnalyzer {

  /** H2's code for a database that another process has open. */
  private static final int ALREADY_OPEN = 90020;

  /** H2's codes for a damaged file, an unknown version of one, and what it cannot explain. */
  private static final Set<Integer> DAMAGED = Set.of(90030, 90048, 50000);

  private final Environment environment;

  StartFailure(Environment environment) {
    this.environment = environment;
  }

  @Override
  public @Nullable FailureAnalysis analyze(Throwable failure) {
    for (@Nullable Throwable each = failure; each != null; each = each.getCause()) {
      if (each instanceof DataFolderException folder) {
        return new FailureAnalysis(each.getMessage(), folder.whatToDo(), each);
      }
      if (DiskSpace.isFull(each)) {
        return new FailureAnalysis(
            "The disk of the data folder is full, so Drum Nest cannot start; nothing was lost.",
            "Make room on it and start again.",
            each);
      }
    }
    for (@Nullable Throwable each = failure; each != null; each = each.getCause()) {
      FailureAnalysis database = each instanceof SQLException sql ? ofDatabase(sql) : null;
      if (database != null) {
        return database;
      }
    }
    return null;
  }

  private @Nullable FailureAnalysis ofDatabase(SQLException failure) {
    if (failure.getErrorCode() == ALREADY_OPEN) {
      return new FailureAnalysis(
          "The data folder is in use by another Drum Nest. Nothing in it was changed.",
          "End the other one, or name another folder with --data.",
          failure);
    }
    if (DAMAGED.contains(failure.getErrorCode())) {
      Path folder = Path.of(environment.getProperty("drumnest.home", "data")).toAbsolutePath();
      return new FailureAnalysis(
          "The database in " + folder + " is damaged and cannot be opened. The photos are whole.",
          Copies.wayBack(folder),
          failure);
    }
    return null;
  }
}
