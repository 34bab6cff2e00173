package almanac.app.store;

import almanac.app.refusals.Busy;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.ReentrantLock;
import javax.sql.DataSource;
import org.springframework.jdbc.support.JdbcTransactionManager;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionDefinition;

/**
 * Transactions that write come one after another, in the order of their asking. Each waits for its
 * turn before it takes a connection, so that those who wait keep none from those who read.
 */
@Component
class OneWriter extends JdbcTransactionManager {
  private static final long serialVersionUID = 1L;
  private static final long PATIENCE_MILLIS = 5000;

  private final transient ReentrantLock turn = new ReentrantLock(true);

  OneWriter(DataSource dataSource) {
    super(dataSource);
  }

  /**
   * @throws Busy if the turn does not come in time
   */
  @Override
  protected void doBegin(Object transaction, TransactionDefinition definition) {
    if (definition.isReadOnly()) {
      super.doBegin(transaction, definition);
      return;
    }
    await();
    try {
      super.doBegin(transaction, definition);
    } catch (RuntimeException | Error failure) {
      turn.unlock();
      throw failure;
    }
  }

  /** Readers begin no other transaction while they write, so that whoever has the turn wrote. */
  @Override
  protected void doCleanupAfterCompletion(Object transaction) {
    try {
      super.doCleanupAfterCompletion(transaction);
    } finally {
      if (turn.isHeldByCurrentThread()) {
        turn.unlock();
      }
    }
  }

  private void await() {
    try {
      if (!turn.tryLock(PATIENCE_MILLIS, TimeUnit.MILLISECONDS)) {
        throw new Busy();
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new Busy();
    }
  }
}
