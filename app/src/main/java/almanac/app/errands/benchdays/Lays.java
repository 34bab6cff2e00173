package almanac.app.errands.benchdays;

import almanac.app.errands.benchdays.BenchDayTable.Lay;
import almanac.core.benchdays.BenchPlan;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** Where jobs lie, by the plants they are for. */
final class Lays {
  private Lays() {}

  /**
   * Where the jobs of a plan come to lie; those that found no day keep the last one they lay on,
   * and a day that somebody chose is theirs even while nothing is asked for.
   *
   * @param before where they lay
   */
  static Map<Long, Lay> of(BenchPlan plan, Map<Long, Lay> before, LocalDate today) {
    var lies = new HashMap<Long, Lay>();
    for (var day : plan.days()) {
      for (var each : day.jobs()) {
        var plant = Long.parseLong(each.job().id());
        lies.put(plant, new Lay(day.day().on(), each.pinned(), missed(before, plant, today)));
      }
    }
    for (var left : plan.left()) {
      var plant = Long.parseLong(left.job().id());
      missed(before, plant, today).ifPresent(day -> lies.put(plant, new Lay(day, false)));
    }
    before.forEach(
        (plant, lay) -> {
          if (lay.pinned() && !lay.on().isBefore(today)) {
            lies.putIfAbsent(plant, lay);
          }
        });
    return lies;
  }

  /** The last day that is over and on which the job of a plant lay; nothing if there is none. */
  static Optional<LocalDate> missed(Map<Long, Lay> before, long plant, LocalDate today) {
    return Optional.ofNullable(before.get(plant)).flatMap(lay -> lay.laid().missed(today));
  }

  /** The days that somebody chose. */
  static Map<Long, LocalDate> pinned(Map<Long, Lay> jobs) {
    return jobs.entrySet().stream()
        .filter(job -> job.getValue().pinned())
        .collect(Collectors.toMap(Map.Entry::getKey, job -> job.getValue().on()));
  }

  /** Where the jobs lie of which nobody chose the day. */
  static Map<Long, LocalDate> lying(Map<Long, Lay> jobs) {
    return jobs.entrySet().stream()
        .filter(job -> !job.getValue().pinned())
        .collect(Collectors.toMap(Map.Entry::getKey, job -> job.getValue().on()));
  }
}
