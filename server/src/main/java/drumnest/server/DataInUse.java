package drumnest.server;

import java.sql.SQLException;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;

/** Says in plain words that the data folder is open in another Drum Nest. */
class DataInUse extends AbstractFailureAnalyzer<SQLException> {

  /** H2's code for a database that another process has open. */
  private static final int ALREADY_OPEN = 90020;

  @Override
  protected @Nullable FailureAnalysis analyze(Throwable root, SQLException cause) {
    if (cause.getErrorCode() != ALREADY_OPEN) {
      return null;
    }
    return new FailureAnalysis(
        "The data folder is in use by another Drum Nest. Nothing in it was changed.",
        "End the other one, or name another folder with --data.",
        cause);
  }
}
