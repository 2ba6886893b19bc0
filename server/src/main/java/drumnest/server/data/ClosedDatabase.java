package drumnest.server.data;

import com.zaxxer.hikari.SQLExceptionOverride;
import java.sql.SQLException;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Tells which connections are of no more use: those of a database that has closed itself, as it
 * does when the disk is full. The next connection opens it again.
 */
public class ClosedDatabase implements SQLExceptionOverride {

  /** H2's codes for: connection broken, closed, already closed, being closed. */
  private static final Set<Integer> CLOSED = Set.of(90007, 90067, 90098, 90121);

  /** The words that the pool says of a connection that it has just found to be of no use. */
  private static final String POOLS_OWN = "Connection is closed";

  @java.lang.Override
  public Override adjudicate(SQLException failure) {
    return CLOSED.contains(failure.getErrorCode()) ? Override.MUST_EVICT : Override.CONTINUE_EVICT;
  }

  /** Whether something failed because the database has closed itself. */
  static boolean isCauseOf(Throwable failure) {
    for (@Nullable Throwable each = failure; each != null; each = each.getCause()) {
      if (each instanceof SQLException sql
          && (CLOSED.contains(sql.getErrorCode()) || POOLS_OWN.equals(sql.getMessage()))) {
        return true;
      }
    }
    return false;
  }
}
