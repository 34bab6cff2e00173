package almanac.core.taught;

import almanac.core.figures.Figures;
import almanac.core.history.Happening;
import almanac.core.history.Plant;
import almanac.core.history.Potting;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Items;
import almanac.core.inspection.Lead;
import almanac.core.kinds.Kind;
import almanac.core.kinds.Trait;
import almanac.core.medium.MediumClock;
import almanac.core.medium.MediumTest;
import almanac.core.medium.PottedOn;
import almanac.core.medium.Temperatures;
import almanac.core.roots.RootForecast;
import almanac.core.roots.RootLook;
import almanac.core.roots.RootSpeed;
import almanac.core.roots.RootStage;
import almanac.core.season.GrowthPace;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;

/**
 * What was foretold of a plant, and whether it came inside its range. Rules: What it taught.
 *
 * @param said the day of the look from which it was foretold
 * @param seen the day of the look that tells
 * @param came whether what was seen lies inside the range that was foretold for that day
 */
public record Foretold(What what, LocalDate said, LocalDate seen, boolean came) {
  /** What is foretold with a range. */
  public enum What {
    ROOTS("how long new roots would be"),
    MEDIUM("how far the medium would be used"),
    RIM("how near the leads would be to the rim");

    private final String words;

    What(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }
  }

  /**
   * All that was foretold of a plant from each look for the next one like it, oldest first.
   *
   * @param whole the plant with all lines of its journal
   * @param pace how its place lets roots grow
   * @param means of its place by month
   */
  public static List<Foretold> of(
      Plant whole, Kind kind, GrowthPace pace, Temperatures means, Figures figures) {
    var pottings =
        whole.journal().holding().stream()
            .flatMap(
                line ->
                    line.happening() instanceof Happening.Potted told
                        ? Stream.of(told.potting())
                        : Stream.empty())
            .sorted(Comparator.comparing(Potting::since))
            .toList();
    var all = new ArrayList<Foretold>();
    for (int i = 0; i < pottings.size(); i++) {
      var until = i + 1 < pottings.size() ? pottings.get(i + 1).since() : LocalDate.MAX;
      var potting = pottings.get(i);
      var looks =
          whole.history().life().stream()
              .filter(look -> !look.on().isBefore(potting.since()) && look.on().isBefore(until))
              .toList();
      for (var lead : Lead.values()) {
        all.addAll(roots(rootLooks(lead, looks), kind, pace, figures));
        all.addAll(RimForetold.of(lead, looks, kind, pace));
      }
      all.addAll(medium(potting, looks, means, figures));
    }
    all.sort(Comparator.comparing(Foretold::seen));
    return List.copyOf(all);
  }

  private static List<RootLook> rootLooks(Lead lead, List<Inspection> looks) {
    return looks.stream()
        .flatMap(
            inspection -> {
              var look = inspection.look(Items.NEW_ROOTS, lead);
              return look.answer().stream()
                  .map(stage -> new RootLook(inspection.on(), stage, look.measured()));
            })
        .toList();
  }

  private static List<Foretold> roots(
      List<RootLook> looks, Kind kind, GrowthPace pace, Figures figures) {
    var told = new ArrayList<Foretold>();
    var speed = RootSpeed.ofKind(kind.of(Trait.ROOT_SPEED), figures);
    for (int i = 0; i + 1 < looks.size(); i++) {
      var next = looks.get(i + 1);
      long days = ChronoUnit.DAYS.between(looks.get(i).on(), next.on());
      if (days < figures.of(LearningFigures.FORETOLD_FROM)
          || days > figures.of(LearningFigures.FORETOLD_TO)
          || next.stage().nothingToMeasure()) {
        continue;
      }
      RootForecast.of(looks.subList(0, i + 1), speed, pace, figures)
          .filter(forecast -> !anew(forecast, next, figures))
          .ifPresent(forecast -> told.add(roots(forecast, next, figures)));
    }
    return told;
  }

  /** What is shorter than the roots were is of a new flush. */
  private static boolean anew(RootForecast forecast, RootLook next, Figures figures) {
    return next.longestMm().isPresent()
        ? next.longestMm().getAsDouble() < forecast.seenMm()
        : next.stage().compareTo(RootStage.ofLength(forecast.seenMm(), figures)) < 0;
  }

  private static Foretold roots(RootForecast forecast, RootLook next, Figures figures) {
    var span = forecast.spanOn(next.on(), figures);
    boolean came =
        next.longestMm().isPresent()
            ? within(next.longestMm().getAsDouble(), span)
            : RootStage.ofLength(span.least(), figures).compareTo(next.stage()) <= 0
                && RootStage.ofLength(span.most(), figures).compareTo(next.stage()) >= 0;
    return new Foretold(What.ROOTS, forecast.look().on(), next.on(), came);
  }

  private static boolean within(double mm, RootForecast.Span span) {
    return mm >= Math.rint(span.least()) && mm <= Math.rint(span.most());
  }

  /** From the calendar and the pieces that were felt before. */
  private static List<Foretold> medium(
      Potting potting, List<Inspection> looks, Temperatures means, Figures figures) {
    if (!(potting.pottedOn() instanceof PottedOn.Between)) {
      return List.of();
    }
    var clock =
        new MediumClock(
            potting.pottedOn(),
            potting.knownSince(),
            potting.mix(),
            potting.moisture(),
            means,
            Optional.empty(),
            figures);
    var told = new ArrayList<Foretold>();
    var felt = new ArrayList<MediumTest>();
    var said = potting.since();
    for (var look : looks) {
      var piece = look.look(Items.MEDIUM_PIECE).answer();
      if (piece.isEmpty()) {
        continue;
      }
      var band = piece.get().band(figures);
      var used = clock.usedOn(look.on(), felt);
      if (used.isPresent()
          && used.get().known()
          && ChronoUnit.DAYS.between(said, look.on())
              >= figures.of(LearningFigures.FORETOLD_FROM)) {
        boolean came = used.get().least() <= band.most() && most(used.get().most()) >= band.least();
        told.add(new Foretold(What.MEDIUM, said, look.on(), came));
      }
      felt.add(new MediumTest(look.on(), band, piece.get().words()));
      said = look.on();
    }
    return told;
  }

  private static double most(OptionalDouble used) {
    return used.orElse(Double.POSITIVE_INFINITY);
  }

  /** Those that came to be known lately enough to say something of today's forecasts. */
  public static List<Foretold> lately(List<Foretold> all, LocalDate today, Figures figures) {
    var since = today.minusDays(figures.count(LearningFigures.FORETOLD_DAYS));
    return all.stream().filter(each -> !each.seen().isBefore(since)).toList();
  }
}
