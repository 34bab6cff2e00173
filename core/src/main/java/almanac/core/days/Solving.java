package almanac.core.days;

import ai.timefold.solver.core.api.score.buildin.hardmediumsoftlong.HardMediumSoftLongScore;
import ai.timefold.solver.core.api.solver.SolutionManager;
import ai.timefold.solver.core.api.solver.SolverFactory;
import ai.timefold.solver.core.config.constructionheuristic.ConstructionHeuristicPhaseConfig;
import ai.timefold.solver.core.config.localsearch.LocalSearchPhaseConfig;
import ai.timefold.solver.core.config.localsearch.decider.acceptor.LocalSearchAcceptorConfig;
import ai.timefold.solver.core.config.localsearch.decider.forager.LocalSearchForagerConfig;
import ai.timefold.solver.core.config.solver.EnvironmentMode;
import ai.timefold.solver.core.config.solver.SolverConfig;
import ai.timefold.solver.core.config.solver.termination.TerminationConfig;

/**
 * The solver. It stops after so many moves, not after a time, so that the same jobs always come to
 * the same plan.
 */
final class Solving {
  private static final int MOVES_FOR_ALL = 2_000;
  private static final int MOVES_FOR_EACH = 500;

  /** At first a plan may lose a job of some need, and some wishes, on the way to a better one. */
  private static final String WARM = "0hard/60medium/30soft";

  private Solving() {}

  static Board solve(Board board) {
    return solve(board, 1);
  }

  /** Solves with so many times the usual effort. */
  static Board solve(Board board, int times) {
    return factory(times * (MOVES_FOR_ALL + MOVES_FOR_EACH * board.seats().size()))
        .buildSolver()
        .solve(board);
  }

  /** Counts without solving. */
  static SolutionManager<Board, HardMediumSoftLongScore> counting() {
    return Counting.MANAGER;
  }

  /** Set up once, by whoever counts first. */
  private static final class Counting {
    private static final SolutionManager<Board, HardMediumSoftLongScore> MANAGER =
        SolutionManager.create(factory(1));
  }

  private static SolverFactory<Board> factory(int moves) {
    return SolverFactory.create(
        new SolverConfig()
            .withSolutionClass(Board.class)
            .withEntityClasses(Seat.class)
            .withConstraintProviderClass(BenchRules.class)
            .withEnvironmentMode(EnvironmentMode.NO_ASSERT)
            .withRandomSeed(1L)
            .withPhases(
                new ConstructionHeuristicPhaseConfig(),
                new LocalSearchPhaseConfig()
                    .withAcceptorConfig(
                        new LocalSearchAcceptorConfig()
                            .withSimulatedAnnealingStartingTemperature(WARM))
                    .withForagerConfig(new LocalSearchForagerConfig().withAcceptedCountLimit(1))
                    .withTerminationConfig(
                        new TerminationConfig().withMoveCountLimit((long) moves))));
  }
}
