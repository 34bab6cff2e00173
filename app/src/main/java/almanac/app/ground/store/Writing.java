package almanac.app.ground.store;

import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** The transaction that the present thread writes in, if it does. */
public final class Writing {
  private Writing() {}

  /** Whether the one who asks is writing, and so must see what it wrote. */
  public static boolean now() {
    return TransactionSynchronizationManager.isActualTransactionActive()
        && !TransactionSynchronizationManager.isCurrentTransactionReadOnly();
  }

  /** Does something once the present transaction has ended, however it ends. */
  public static void afterwards(Runnable task) {
    TransactionSynchronizationManager.registerSynchronization(
        new TransactionSynchronization() {
          @Override
          public void afterCompletion(int status) {
            task.run();
          }
        });
  }

  /** Does something once what the present transaction has written holds. */
  public static void onceItHolds(Runnable task) {
    TransactionSynchronizationManager.registerSynchronization(
        new TransactionSynchronization() {
          @Override
          public void afterCommit() {
            task.run();
          }
        });
  }

  /** Does something if the present transaction is given up. */
  public static void unlessItHolds(Runnable task) {
    TransactionSynchronizationManager.registerSynchronization(
        new TransactionSynchronization() {
          @Override
          public void afterCompletion(int status) {
            if (status == STATUS_ROLLED_BACK) {
              task.run();
            }
          }
        });
  }
}
