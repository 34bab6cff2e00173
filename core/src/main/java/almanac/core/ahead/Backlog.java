package almanac.core.ahead;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.PriorityQueue;
import java.util.stream.IntStream;

/**
 * What is left undone in the weeks of one future, if what may wait least is done first. Rules: The
 * year ahead.
 */
final class Backlog {
  private static final int A_WEEK = 7;

  /** A move, and the last week in which it is in time. */
  private record Job(int last, int minutes) {}

  private final int[] room;
  private final List<List<Job>> coming;
  private final PriorityQueue<Job> waiting =
      new PriorityQueue<>(Comparator.comparingInt(Job::last).thenComparing(Job::minutes));

  /**
   * @param gone days of the first week that are over
   * @param room minutes of each week
   */
  Backlog(Futures futures, int run, int gone, int[] room) {
    this.room = room;
    this.coming =
        IntStream.range(0, room.length).mapToObj(week -> (List<Job>) new ArrayList<Job>()).toList();
    for (int i = 0; i < futures.moves().size(); i++) {
      int day = gone + futures.day(i, run);
      var move = futures.moves().get(i);
      if (day / A_WEEK < room.length) {
        coming.get(day / A_WEEK).add(new Job((day + move.carries()) / A_WEEK, move.minutes()));
      }
    }
  }

  /** By week, how many moves had to be done in it at the latest and were not. */
  int[] missed() {
    var missed = new int[room.length];
    for (int week = 0; week < room.length; week++) {
      waiting.addAll(coming.get(week));
      work(room[week]);
      int now = week;
      missed[week] = (int) waiting.stream().filter(job -> job.last() == now).count();
    }
    return missed;
  }

  /** A job that takes longer than there ever is takes all there is. */
  private void work(int minutes) {
    int left = minutes;
    while (!waiting.isEmpty()
        && left > 0
        && (waiting.peek().minutes() <= left || left == minutes)) {
      left -= waiting.poll().minutes();
    }
  }
}
