package almanac.app.ground.store;

import almanac.app.ground.disk.DataDisk;
import almanac.app.ground.disk.DiskFaults;
import almanac.app.ground.refusals.Busy;
import almanac.app.ground.refusals.NotNow;
import java.sql.SQLException;
import java.util.Objects;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.ReentrantLock;
import javax.sql.DataSource;
import org.h2.engine.Database;
import org.h2.engine.SessionLocal;
import org.h2.jdbc.JdbcConnection;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.jdbc.datasource.ConnectionHolder;
import org.springframework.jdbc.datasource.DataSourceUtils;
import org.springframework.jdbc.support.JdbcTransactionManager;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.TransactionSystemException;
import org.springframework.transaction.support.DefaultTransactionStatus;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Transactions that write come one after another, in the order of their asking. Each waits for its
 * turn before it takes a connection, so that those who wait keep none from those who read. What was
 * written is on the disk, and not only on its way to it, before anybody is told that it is kept.
 */
@Component
class OneWriter extends JdbcTransactionManager {
  private static final long serialVersionUID = 1L;
  private static final long PATIENCE_MILLIS = 5000;

  private static final String ONTO_THE_DISK = "CHECKPOINT SYNC";

  private final transient ReentrantLock turn = new ReentrantLock(true);
  private final transient DataDisk disk;
  private final transient ApplicationEventPublisher events;
  private transient volatile @Nullable Database written;

  OneWriter(DataSource dataSource, DataDisk disk, ApplicationEventPublisher events) {
    super(dataSource);
    this.disk = disk;
    this.events = events;
  }

  /**
   * @throws Busy if the turn does not come in time
   * @throws NotNow if what is written would not be kept
   */
  @Override
  protected void doBegin(Object transaction, TransactionDefinition definition) {
    if (definition.isReadOnly()) {
      super.doBegin(transaction, definition);
      return;
    }
    disk.refuseUnlessKept();
    await();
    try {
      super.doBegin(transaction, definition);
      written = database();
    } catch (RuntimeException | Error failure) {
      turn.unlock();
      lookedAt(failure);
      throw failure;
    }
  }

  private DataSource source() {
    return Objects.requireNonNull(getDataSource());
  }

  /** The one that the present transaction writes into; the last one if that cannot be told. */
  private @Nullable Database database() {
    if (TransactionSynchronizationManager.getResource(source()) instanceof ConnectionHolder held) {
      try {
        var session = held.getConnection().unwrap(JdbcConnection.class).getSession();
        return ((SessionLocal) session).getDatabase();
      } catch (SQLException closed) {
        return written;
      }
    }
    return written;
  }

  /** What the disk is the cause of is told to whom it may concern. */
  private <F extends Throwable> F lookedAt(F failure) {
    if (DiskFaults.ofTheFile(failure)) {
      disk.failed();
    }
    return failure;
  }

  /** Ends the database that was written into last; one that has failed holds its file else. */
  void giveUp() {
    var failed = written;
    if (failed != null) {
      failed.shutdownImmediately();
    }
  }

  @Override
  protected void doRollback(DefaultTransactionStatus status) {
    try {
      super.doRollback(status);
    } catch (RuntimeException failure) {
      throw lookedAt(failure);
    }
  }

  @Override
  protected void doCommit(DefaultTransactionStatus status) {
    try {
      super.doCommit(status);
    } catch (RuntimeException failure) {
      throw lookedAt(failure);
    }
    if (!turn.isHeldByCurrentThread()) {
      return;
    }
    var source = source();
    var connection = DataSourceUtils.getConnection(source);
    try (var statement = connection.createStatement()) {
      statement.execute(ONTO_THE_DISK);
    } catch (SQLException e) {
      // Nobody knows whether it is kept: what is remembered is read anew.
      events.publishEvent(new CollectionReplaced());
      throw new TransactionSystemException("Not sure to be on the disk", lookedAt(e));
    } finally {
      DataSourceUtils.releaseConnection(connection, source);
    }
  }

  /**
   * Does something while nobody writes.
   *
   * @throws Busy if the turn does not come in time
   */
  void alone(Runnable task) {
    await();
    try {
      task.run();
    } finally {
      turn.unlock();
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
