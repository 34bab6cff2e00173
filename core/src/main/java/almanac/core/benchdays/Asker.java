package almanac.core.benchdays;

import ai.timefold.solver.core.api.solver.Solver;
import java.util.concurrent.CancellationException;
import org.jspecify.annotations.Nullable;

/** Who asked for a plan. Once they have left, nothing more is searched for them. */
public final class Asker {
  private boolean left;
  private @Nullable Solver<Board> searching;

  /**
   * They wait no longer; said again while a search goes on, since one that just begins misses it.
   */
  public synchronized void leaves() {
    left = true;
    if (searching != null) {
      searching.terminateEarly();
    }
  }

  /**
   * @throws CancellationException if they have left meanwhile
   */
  Board search(Solver<Board> solver, Board board) {
    searches(solver);
    try {
      return solver.solve(board);
    } finally {
      searches(null);
    }
  }

  private synchronized void searches(@Nullable Solver<Board> solver) {
    searching = solver;
    if (left) {
      throw new CancellationException("Nobody waits for this plan any more");
    }
  }
}
