package almanac.core.benchdays;

import ai.timefold.solver.core.api.score.buildin.hardmediumsoftlong.HardMediumSoftLongScore;
import ai.timefold.solver.core.api.solver.SolutionManager;
import ai.timefold.solver.core.api.solver.Solver;
import ai.timefold.solver.core.api.solver.SolverFactory;
import ai.timefold.solver.core.config.constructionheuristic.ConstructionHeuristicPhaseConfig;
import ai.timefold.solver.core.config.localsearch.LocalSearchPhaseConfig;
import ai.timefold.solver.core.config.localsearch.decider.acceptor.LocalSearchAcceptorConfig;
import ai.timefold.solver.core.config.localsearch.decider.forager.LocalSearchForagerConfig;
import ai.timefold.solver.core.config.solver.EnvironmentMode;
import ai.timefold.solver.core.config.solver.SolverConfig;
import ai.timefold.solver.core.config.solver.termination.TerminationConfig;
import java.time.Duration;
import java.util.stream.LongStream;

/**
 * The solver. It stops after so many moves, so that the same jobs always come to the same plan; and
 * where those would take too long, which only more jobs than anybody has do, after a time.
 */
final class Solving {
  private static final int MOVES_AT_LEAST = 2_000;
  private static final int MOVES_FOR_EACH_TWO = 27;
  private static final int MOVES_AT_MOST = 120_000;

  /** One search may cool down in a corner; the best of three seldom does. */
  private static final int SEARCHES = 3;

  /** Three of them, and what follows, keep nobody waiting for more than twenty seconds. */
  private static final Duration LONGEST_SEARCH = Duration.ofSeconds(4);

  /** A first plan, with what follows, is there within two seconds. */
  private static final Duration FIRST_SEARCH = Duration.ofMillis(200);

  /** At first a plan may lose a job of some need, and some wishes, on the way to a better one. */
  private static final String WARM = "0hard/20medium/10soft";

  private Solving() {}

  static Board solve(Board board, Asker asker) {
    return solve(board, 1, asker);
  }

  /** What one short search finds. */
  static Board first(Board board, Asker asker) {
    return asker.search(factory(MOVES_AT_MOST, 1, FIRST_SEARCH).buildSolver(), board);
  }

  /** Solves with so many times the usual effort. */
  static Board solve(Board board, int times, Asker asker) {
    int jobs = board.seats().size();
    int moves = Math.min(MOVES_AT_MOST, MOVES_AT_LEAST + MOVES_FOR_EACH_TWO * jobs * jobs);
    return LongStream.rangeClosed(1, SEARCHES)
        .mapToObj(seed -> asker.search(solver(times, moves, seed), board))
        .reduce(Solving::better)
        .orElseThrow();
  }

  static Solver<Board> solver(int times, int moves, long seed) {
    return factory((long) times * moves, seed, LONGEST_SEARCH.multipliedBy(times)).buildSolver();
  }

  private static Board better(Board one, Board other) {
    return other.score().compareTo(one.score()) > 0 ? other : one;
  }

  /** Counts without solving. */
  static SolutionManager<Board, HardMediumSoftLongScore> counting() {
    return Counting.MANAGER;
  }

  /** Set up once, by whoever counts first. */
  private static final class Counting {
    private static final SolutionManager<Board, HardMediumSoftLongScore> MANAGER =
        SolutionManager.create(factory(1, 1, FIRST_SEARCH));
  }

  private static SolverFactory<Board> factory(long moves, long seed, Duration longest) {
    return SolverFactory.create(
        new SolverConfig()
            .withSolutionClass(Board.class)
            .withEntityClasses(JobSeat.class)
            .withConstraintProviderClass(BenchRules.class)
            .withEnvironmentMode(EnvironmentMode.NO_ASSERT)
            .withRandomSeed(seed)
            .withPhases(
                new ConstructionHeuristicPhaseConfig(),
                new LocalSearchPhaseConfig()
                    .withAcceptorConfig(
                        new LocalSearchAcceptorConfig()
                            .withSimulatedAnnealingStartingTemperature(WARM))
                    .withForagerConfig(new LocalSearchForagerConfig().withAcceptedCountLimit(1))
                    .withTerminationConfig(
                        new TerminationConfig()
                            .withMoveCountLimit(moves)
                            .withSpentLimit(longest))));
  }
}
