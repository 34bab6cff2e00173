package almanac.app.ground.network;

import java.time.Duration;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * Wrong tries, and how long whoever made them has to wait. All together are counted too, so that
 * many who try from many places are no faster; who has not been wrong yet does not wait for others
 * who were, until so many of them were that it can be but one who comes from everywhere.
 */
final class Tries {
  /** Who mistypes is not made to wait. */
  private static final int FREE = 4;

  /** The whole house mistypes no more often in so short a time. */
  private static final int FREE_TOGETHER = 20;

  /** As many places as a household has devices, each with its free tries. */
  private static final int FREE_FOR_NEWCOMERS = 100;

  private static final Duration FIRST_WAIT = Duration.ofSeconds(5);
  private static final Duration LONGEST_WAIT = Duration.ofMinutes(15);

  /** After so long a rest the count begins anew. */
  private static final Duration FORGOTTEN = Duration.ofHours(1);

  private static final int REMEMBERED = 1000;
  private static final String EVERYBODY = "";

  private final Map<String, Wrong> wrong =
      new LinkedHashMap<>(16, 0.75f, true) {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Wrong> eldest) {
          return size() > REMEMBERED;
        }
      };

  private record Wrong(int times, Instant last) {}

  /** How long somebody has to wait before the next try; zero if not at all. */
  synchronized Duration wait(String from, Instant now) {
    var own = left(from, FREE, now);
    boolean newcomer = !wrong.containsKey(from);
    var together = left(EVERYBODY, newcomer ? FREE_FOR_NEWCOMERS : FREE_TOGETHER, now);
    return own.compareTo(together) > 0 ? own : together;
  }

  private Duration left(String who, int free, Instant now) {
    var before = wrong.get(who);
    if (before == null || before.times() <= free) {
      return Duration.ZERO;
    }
    var wait = FIRST_WAIT.multipliedBy(1L << Math.min(before.times() - free - 1, 20));
    var until = before.last().plus(wait.compareTo(LONGEST_WAIT) > 0 ? LONGEST_WAIT : wait);
    return until.isAfter(now) ? Duration.between(now, until) : Duration.ZERO;
  }

  synchronized void wrong(String from, Instant now) {
    count(from, now);
    count(EVERYBODY, now);
  }

  private void count(String who, Instant now) {
    var before = wrong.get(who);
    boolean anew = before == null || before.last().plus(FORGOTTEN).isBefore(now);
    wrong.put(who, new Wrong(anew ? 1 : before.times() + 1, now));
  }

  /** All of them; the owner of the house has asked for that. */
  synchronized void forget() {
    wrong.clear();
  }

  /** Who knows it has not guessed. */
  synchronized void right(String from) {
    wrong.remove(from);
  }
}
