package almanac.core.ahead;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.PriorityQueue;
import java.util.Queue;
import java.util.stream.IntStream;

/**
 * What is left undone in the weeks of one future, if what may wait least is done first, and what is
 * late by then only while nothing else waits. Rules: The year ahead.
 */
final class Backlog {
  private static final int A_WEEK = 7;

  /** A move, and the last week in which it is in time. */
  private record Job(int last, int minutes) {}

  private final int[] room;
  private final List<List<Job>> coming;
  private final Queue<Job> waiting =
      new PriorityQueue<>(Comparator.comparingInt(Job::last).thenComparing(Job::minutes));
  private final Queue<Job> late = new ArrayDeque<>();

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
    int owed = 0;
    for (int week = 0; week < room.length; week++) {
      waiting.addAll(coming.get(week));
      int whole = room[week] - owed;
      int left = work(late, work(waiting, whole, whole), whole);
      owed = Math.max(0, -left);
      missed[week] = turnLate(week);
    }
    return missed;
  }

  private int turnLate(int week) {
    int before = late.size();
    while (!waiting.isEmpty() && waiting.element().last() <= week) {
      late.add(waiting.remove());
    }
    return late.size() - before;
  }

  /**
   * Does what there is time for. A job that takes longer than the whole week has takes of the weeks
   * after it as well.
   *
   * @return the minutes that are left; fewer than none where it took of the next
   */
  private static int work(Queue<Job> jobs, int minutes, int whole) {
    int left = minutes;
    while (!jobs.isEmpty() && left > 0 && (jobs.element().minutes() <= left || left == whole)) {
      left -= jobs.remove().minutes();
    }
    return left;
  }
}
