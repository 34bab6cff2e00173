package almanac.core.ahead;

import almanac.core.figures.Figures;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Which weeks have no room for the moves that come in them, and who could go at another time
 * without harm. Rules: The year ahead.
 */
public final class Overflow {
  private final Futures futures;
  private final List<LocalDate> mondays;
  private final LocalDate today;
  private final int[] room;
  private final int[] late;
  private final double tooLate;
  private final double overflows;

  Overflow(Futures futures, List<PartOfYear> weeks, Hours hours, LocalDate today, Figures figures) {
    this.futures = futures;
    this.mondays = weeks.stream().map(PartOfYear::from).toList();
    this.today = today;
    this.room = mondays.stream().mapToInt(hours::in).toArray();
    this.overflows = figures.of(AheadFigures.OVERFLOWS) / 100;
    this.late = new int[room.length];
    int all = 0;
    int gone = (int) ChronoUnit.DAYS.between(mondays.get(0), today);
    for (int run = 0; run < Futures.RUNS; run++) {
      var missed = new Backlog(futures, run, gone, room).missed();
      for (int week = 0; week < room.length; week++) {
        late[week] += missed[week] > 0 ? 1 : 0;
        all += missed[week];
      }
    }
    this.tooLate = (double) all / Futures.RUNS;
  }

  /**
   * What a week has room for.
   *
   * @param minutes at the bench
   * @param chance how likely something is left undone that could not wait longer, 0 to 1
   * @param overflows whether that is likely enough to plan otherwise
   */
  public record Room(LocalDate monday, int minutes, double chance, boolean overflows) {}

  private double chance(int week) {
    return (double) late[week] / Futures.RUNS;
  }

  /** How many moves would probably be made too late, on average. */
  public double tooLate() {
    return tooLate;
  }

  /** Each week of the year. */
  public List<Room> weeks() {
    return IntStream.range(0, room.length)
        .mapToObj(
            week ->
                new Room(mondays.get(week), room[week], chance(week), chance(week) >= overflows))
        .toList();
  }

  /**
   * A move that could be made in another week.
   *
   * @param monday of the week in which it will probably come
   * @param instead Monday of a later week that has room for it, and in which it is still in time
   */
  public record Otherwise(String plant, LocalDate monday, LocalDate instead) {}

  /**
   * Who could wait, of those that come in a week that overflows: who may wait longest goes first,
   * until the week has room for the rest.
   */
  public List<Otherwise> proposals() {
    var load = new int[room.length];
    var byWeek = new ArrayList<List<MoveAhead>>();
    Arrays.stream(room).forEach(week -> byWeek.add(new ArrayList<>()));
    for (var move : futures.moves()) {
      int week = week(move.likely());
      if (week < room.length) {
        load[week] += move.minutes();
        byWeek.get(week).add(move);
      }
    }
    var proposals = new ArrayList<Otherwise>();
    for (int week = 0; week < room.length; week++) {
      if (chance(week) >= overflows) {
        ease(week, byWeek.get(week), load, proposals);
      }
    }
    return proposals;
  }

  private void ease(int week, List<MoveAhead> moves, int[] load, List<Otherwise> proposals) {
    moves.sort(
        Comparator.comparingInt(MoveAhead::carries)
            .reversed()
            .thenComparing(MoveAhead::need)
            .thenComparing(MoveAhead::plant));
    for (var move : moves) {
      if (load[week] <= room[week]) {
        return;
      }
      int last = Math.min(room.length - 1, week(move.likely().plusDays(move.carries())));
      IntStream.rangeClosed(week + 1, last)
          .filter(other -> load[other] + move.minutes() <= room[other])
          .findFirst()
          .ifPresent(
              other -> {
                load[week] -= move.minutes();
                load[other] += move.minutes();
                proposals.add(new Otherwise(move.plant(), mondays.get(week), mondays.get(other)));
              });
    }
  }

  private int week(LocalDate day) {
    return (int) ChronoUnit.WEEKS.between(mondays.get(0), day);
  }
}
