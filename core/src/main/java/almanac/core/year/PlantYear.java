package almanac.core.year;

import almanac.core.judgement.evidence.Evidence;
import almanac.core.judgement.figures.ReadinessFigures;
import almanac.core.judgement.moments.Wait;
import almanac.core.judgement.verdict.Judgement;
import almanac.core.judgement.verdict.Timing;
import almanac.core.kinds.ReadyRule;
import almanac.core.medium.MediumFigures;
import almanac.core.roots.RootFigures;
import almanac.core.roots.RootForecast;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What lies before one plant in the coming year, as far as it can be told today. Rules: Root
 * stages, Season and conditions.
 *
 * @param phases by its roots and by the season, the first first
 * @param meant the days that its verdict means
 * @param nextMove when it is likely to be moved next; nothing where that is not in sight
 * @param due from which day its medium is due; today where it is already, nothing where it does not
 *     decay
 * @param spent from which day it is spent
 */
public record PlantYear(
    List<Phase> phases,
    Optional<Meant> meant,
    Optional<LocalDate> nextMove,
    Optional<LocalDate> due,
    Optional<LocalDate> spent) {

  /**
   * The days that a verdict means.
   *
   * @param likely on which it is to be done, or what it waits for comes true
   * @param waits whether it waits for something
   */
  public record Meant(LocalDate from, LocalDate likely, LocalDate until, boolean waits) {}

  public PlantYear {
    phases = List.copyOf(phases);
  }

  /**
   * @param evidence all that is known of the plant today
   * @param judged its verdict by the same
   */
  public static PlantYear of(Evidence evidence, Judgement judged) {
    var shut = Shut.seasons(evidence).toList();
    var rests = Rests.of(evidence);
    var closed = Stream.concat(shut.stream(), rests.stream()).toList();
    return new PlantYear(
        Stream.concat(
                byRoots(evidence).flatMap(phase -> whileOpen(phase, closed, evidence)),
                closed.stream())
            .filter(Phase::any)
            .sorted(Comparator.comparing(Phase::from))
            .toList(),
        meant(judged.timing(), evidence.today()),
        judged.ahead().nextMove().map(Wait::likely),
        reaches(evidence, evidence.figures().of(MediumFigures.DUE)),
        reaches(evidence, evidence.figures().of(MediumFigures.SPENT)));
  }

  /** The first day from a given one on which it takes a move, or may; nothing if none is known. */
  public Optional<LocalDate> opens(LocalDate today) {
    var byRoots =
        phases.stream()
            .filter(phase -> phase.kind() == Phase.Kind.OPEN && !phase.until().isBefore(today))
            .map(Phase::from);
    var byVerdict =
        meant.stream()
            .filter(days -> !days.until().isBefore(today))
            .map(days -> days.waits() ? days.likely() : days.from());
    return Stream.concat(byRoots, byVerdict)
        .map(day -> day.isBefore(today) ? today : day)
        .min(LocalDate::compareTo);
  }

  private static Optional<LocalDate> reaches(Evidence evidence, double percent) {
    return evidence.used().isEmpty()
        ? Optional.empty()
        : evidence.clock().reaches(percent, evidence.today(), evidence.tests());
  }

  private static Optional<Meant> meant(Timing timing, LocalDate today) {
    if (timing instanceof Timing.Now) {
      return Optional.of(new Meant(today, today, today, false));
    }
    if (timing instanceof Timing.Until until) {
      var last = until.until().isBefore(today) ? today : until.until();
      return Optional.of(new Meant(today, today, last, false));
    }
    if (timing instanceof Timing.Between between) {
      return Optional.of(new Meant(between.from(), between.from(), between.until(), false));
    }
    return timing instanceof Timing.Waits waits
        ? Optional.of(
            new Meant(
                waits.awaited().earliest(),
                waits.awaited().likely(),
                waits.awaited().latest(),
                true))
        : Optional.empty();
  }

  private static Stream<Phase> byRoots(Evidence evidence) {
    if (evidence.rule() == ReadyRule.ANY_TIME) {
      return Shut.openSeasons(evidence);
    }
    return evidence.forecast().stream().flatMap(forecast -> flush(forecast, evidence));
  }

  /** What is left of the days on which roots take a move, once those are off that are shut. */
  private static Stream<Phase> whileOpen(Phase phase, List<Phase> shut, Evidence evidence) {
    boolean goesOn = evidence.rule() == ReadyRule.TIPS_GROWING && evidence.season().open();
    if (phase.kind() != Phase.Kind.OPEN || goesOn) {
      return Stream.of(phase);
    }
    var left = List.of(phase);
    for (var dark : shut) {
      left = left.stream().flatMap(each -> each.without(dark)).toList();
    }
    return left.stream();
  }

  /** The roots of one flush: nubs, then too long to be safe, then long enough where that helps. */
  private static Stream<Phase> flush(RootForecast forecast, Evidence evidence) {
    var figures = evidence.figures();
    var seen = forecast.look().on();
    var last = seen.plusDays(figures.count(ReadinessFigures.FORECAST_DAYS));
    var afterNubs =
        forecast.seenMm() >= figures.of(RootFigures.NUB_MOST)
            ? seen
            : forecast.lastAsNubs(figures).plusDays(1);
    var safe =
        evidence.longEnough().isPresent()
            ? after(forecast, evidence.longEnough().getAsDouble(), seen, evidence)
            : last.plusDays(1);
    return switch (evidence.rule()) {
      case TIPS_GROWING -> Stream.of(new Phase(Phase.Kind.OPEN, seen, last));
      case NUB_ONLY, NUB_OR_LONG, START_OF_GROWTH ->
          Stream.of(
              new Phase(Phase.Kind.OPEN, seen, afterNubs.minusDays(1)),
              new Phase(Phase.Kind.UNSAFE, afterNubs, earlier(safe.minusDays(1), last)),
              new Phase(Phase.Kind.OPEN, safe, last));
      case LONG_FIRST ->
          Stream.of(
              new Phase(Phase.Kind.UNSAFE, seen, earlier(safe.minusDays(1), last)),
              new Phase(Phase.Kind.OPEN, safe, last));
      case ANY_TIME, INTACT_ONLY -> Stream.empty();
    };
  }

  /** The first day past a length; the day of the look where it was passed then. */
  private static LocalDate after(
      RootForecast forecast, double mm, LocalDate seen, Evidence evidence) {
    return forecast.seenMm() >= mm
        ? seen
        : forecast.passes(mm, evidence.figures()).likely().plusDays(1);
  }

  private static LocalDate earlier(LocalDate a, LocalDate b) {
    return a.isBefore(b) ? a : b;
  }
}
