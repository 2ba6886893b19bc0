package drumnest.server.data;

import com.zaxxer.hikari.HikariDataSource;
import jakarta.persistence.EntityManagerFactory;
import org.springframework.orm.jpa.JpaTransactionManager;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionDefinition;

/**
 * Nothing that is to be kept is begun without room to keep it; and where the database has closed
 * itself since, it is opened again.
 */
@Component("transactionManager")
class StepTransactions extends JpaTransactionManager {

  private static final long serialVersionUID = 1L;

  private final transient DiskSpace room;
  private final transient HikariDataSource pool;

  StepTransactions(EntityManagerFactory entities, HikariDataSource pool, DiskSpace room) {
    super(entities);
    this.pool = pool;
    this.room = room;
  }

  @Override
  protected void doBegin(Object transaction, TransactionDefinition definition) {
    if (!definition.isReadOnly()) {
      room.requireForStep();
    }
    try {
      super.doBegin(transaction, definition);
    } catch (RuntimeException failure) {
      if (!ClosedDatabase.isCauseOf(failure)) {
        throw failure;
      }
      pool.getHikariPoolMXBean().softEvictConnections();
      super.doBegin(transaction, definition);
    }
  }
}
