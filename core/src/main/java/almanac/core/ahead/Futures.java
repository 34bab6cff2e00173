package almanac.core.ahead;

import almanac.core.figures.Figures;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.SplittableRandom;

/**
 * Many futures of the same moves: in each of them every move comes on a day of its own, and a late
 * spring makes many of them late. The same moves, figures and seed have the same futures. Rules:
 * The year ahead.
 */
final class Futures {
  /** So many that a bar does not move by more than a pixel from seed to seed. */
  static final int RUNS = 400;

  private final List<MoveAhead> moves;
  private final LocalDate today;
  private final int[][] days;

  Futures(List<MoveAhead> moves, LocalDate today, long seed, Figures figures) {
    this.moves = moves;
    this.today = today;
    this.days = new int[moves.size()][];
    double shared = figures.of(AheadFigures.SHARED) / 100;
    var spring = draws(seed);
    for (int i = 0; i < moves.size(); i++) {
      days[i] = days(moves.get(i), spring, draws(seed ^ moves.get(i).plant().hashCode()), shared);
    }
  }

  private static double[] draws(long seed) {
    var random = new SplittableRandom(seed);
    // Seeds that lie close together begin alike.
    var own = random.split();
    var draws = new double[RUNS];
    for (int run = 0; run < RUNS; run++) {
      draws[run] = own.nextGaussian();
    }
    return draws;
  }

  private int[] days(MoveAhead move, double[] spring, double[] own, double shared) {
    var drawn = new int[RUNS];
    for (int run = 0; run < RUNS; run++) {
      double z = Math.sqrt(shared) * spring[run] + Math.sqrt(1 - shared) * own[run];
      drawn[run] = (int) ChronoUnit.DAYS.between(today, move.at(z, today));
    }
    return drawn;
  }

  List<MoveAhead> moves() {
    return moves;
  }

  /** How many days from today a move comes in a run. */
  int day(int move, int run) {
    return days[move][run];
  }
}
