package almanac.core.ahead;

import almanac.core.judgement.verdict.Verdict;
import almanac.core.medium.Component;
import almanac.core.pot.Pot;
import almanac.core.pot.PotType;
import almanac.core.stock.StockNeed;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;

/** Moves that are made up. */
final class MovesAtHand {
  static final LocalDate TODAY = LocalDate.of(2027, 1, 20);

  private MovesAtHand() {}

  /** One that comes on a day, so many days earlier or later, and may wait a while. */
  static MoveAhead move(String plant, LocalDate likely, int spread, int carries) {
    return new MoveAhead(
        plant,
        Verdict.FULL_REPOT,
        new Coming(likely.minusDays(spread), likely, likely.plusDays(spread)),
        carries,
        50,
        List.of(),
        30,
        1,
        new StockNeed(
            List.of(new Pot(PotType.PLASTIC, 120.0, null, "")),
            List.of(),
            Map.of(Component.BARK_MEDIUM, 500.0),
            Optional.empty()));
  }

  /** Some that come at any time of the year, some of them surely, some perhaps. */
  static List<MoveAhead> some(int count, long seed) {
    var random = new Random(seed);
    var moves = new ArrayList<MoveAhead>();
    for (int i = 0; i < count; i++) {
      moves.add(
          move(
              "Barge %d".formatted(i),
              TODAY.plusDays(random.nextInt(420)),
              random.nextInt(70),
              random.nextInt(40)));
    }
    return moves;
  }

  /** The day that a move comes to be in a year of known truth, by an own reckoning. */
  static LocalDate comes(MoveAhead move, double spring, Random luck) {
    double z = Math.sqrt(0.3) * spring + Math.sqrt(0.7) * luck.nextGaussian();
    long spread = ChronoUnit.DAYS.between(move.coming().likely(), move.coming().latest());
    return move.coming().likely().plusDays(Math.round(z * spread / 1.6449));
  }
}
