package almanac.core.rounds;

import java.util.List;

/**
 * The walks to come.
 *
 * @param rounds in their order
 * @param left those for which there is no day at all, because nobody is there for more than a year
 * @param <T> what is looked at
 */
public record RoundsPlan<T>(List<PlannedRound<T>> rounds, List<ToLook<T>> left) {
  public RoundsPlan {
    rounds = List.copyOf(rounds);
    left = List.copyOf(left);
  }
}
