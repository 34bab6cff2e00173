package almanac.core.season;

import almanac.core.figures.Figures;
import almanac.core.kinds.Warmth;
import almanac.core.medium.Temperatures;
import java.time.LocalDate;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.concurrent.ConcurrentHashMap;

/** Light and warmth where a plant stands. Immutable; what follows from them is remembered. */
public final class Conditions {
  private final LightYear light;
  private final OptionalDouble lampHours;
  private final Optional<Temperatures> means;
  private final Map<Warmth, Paced> paces = new ConcurrentHashMap<>();

  /**
   * How fast roots grow here by those figures, on which days the gate is open, and nothing short.
   */
  private record Paced(Figures figures, GrowthPace pace, GateYear open, GateYear grows) {}

  /**
   * @param light day lengths of the site
   * @param lampHours hours a day that lamps are on; absent where the sun alone gives light
   * @param means place means by month; absent where nobody has measured
   */
  public Conditions(LightYear light, OptionalDouble lampHours, Optional<Temperatures> means) {
    this.light = light;
    this.lampHours = lampHours;
    this.means = means;
  }

  public LightYear light() {
    return light;
  }

  public OptionalDouble lampHours() {
    return lampHours;
  }

  public Optional<Temperatures> means() {
    return means;
  }

  /** How fast roots of a kind grow here through the year; worked out once for many judgements. */
  public GrowthPace pace(Warmth wanted, Figures figures) {
    return paced(wanted, figures).pace();
  }

  private Paced paced(Warmth wanted, Figures figures) {
    var known = paces.get(wanted);
    if (known == null || known.figures() != figures) {
      known =
          known != null && figures.sameIn(SeasonFigures.GROUP, known.figures())
              ? new Paced(figures, known.pace(), known.open(), known.grows())
              : workedOut(wanted, figures);
      paces.put(wanted, known);
    }
    return known;
  }

  private Paced workedOut(Warmth wanted, Figures figures) {
    return new Paced(
        figures,
        GrowthPace.at(this, wanted, figures),
        new GateYear(day -> opens(day, wanted, figures)),
        new GateYear(day -> lacks(day, wanted, figures).isEmpty()));
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Conditions conditions
        && light.equals(conditions.light)
        && lampHours.equals(conditions.lampHours)
        && means.equals(conditions.means);
  }

  @Override
  public int hashCode() {
    return Objects.hash(light, lampHours, means);
  }

  /** Hours of useful light on a day: of the sun or of the lamps, whichever lasts longer. */
  public double hoursOn(LocalDate day) {
    return Math.max(light.hoursOn(day), lampHours.orElse(0));
  }

  /** The same by the day of a year without a leap day, from 0. */
  double hoursIn(int dayOfYear) {
    return Math.max(light.hoursIn(dayOfYear), lampHours.orElse(0));
  }

  /**
   * What a moved plant would be short of on that day; nothing if light and warmth carry growth.
   * Where nobody has measured, the warmth is not doubted.
   */
  public Optional<Lack> lacks(LocalDate day, Warmth wanted, Figures figures) {
    var warmth = lacksWarmth(day, wanted);
    if (warmth.isPresent()) {
      return warmth;
    }
    return hoursOn(day) < figures.of(SeasonFigures.LEAST_LIGHT)
        ? Optional.of(Lack.LIGHT)
        : Optional.empty();
  }

  private Optional<Lack> lacksWarmth(LocalDate day, Warmth wanted) {
    if (means.isEmpty()) {
      return Optional.empty();
    }
    double mean = means.get().on(day);
    if (mean < wanted.nightLeast()) {
      return Optional.of(Lack.COLD);
    }
    return mean > wanted.dayMost() ? Optional.of(Lack.HEAT) : Optional.empty();
  }

  /** How much of the light that carries growth is missing on that day: 0 nothing, 1 all. */
  public double lightMissing(LocalDate day, Figures figures) {
    double enough = figures.of(SeasonFigures.LEAST_LIGHT);
    double none = figures.of(SeasonFigures.NO_LIGHT);
    double hours = hoursOn(day);
    if (hours >= enough) {
      return 0;
    }
    return hours <= none ? 1 : (enough - hours) / (enough - none);
  }

  /** Whether that day lies in the season in which what can wait need not wait. */
  public boolean gateOpen(LocalDate day, Warmth wanted, Figures figures) {
    return paced(wanted, figures).open().on(day);
  }

  private boolean opens(LocalDate day, Warmth wanted, Figures figures) {
    return hoursOn(day) >= figures.of(SeasonFigures.GATE) && lacksWarmth(day, wanted).isEmpty();
  }

  /** Whether the place is known to be warm for a kind on that day. */
  public boolean warm(LocalDate day, Warmth wanted, Figures figures) {
    double share = figures.of(SeasonFigures.WARM_FROM) / 100;
    double from = wanted.nightLeast() + share * (wanted.dayMost() - wanted.nightLeast());
    return means.isPresent() && means.get().on(day) >= from && lacksWarmth(day, wanted).isEmpty();
  }

  /** The first day of the coming year, from the given one on, on which the gate is open. */
  public Optional<LocalDate> gateOpensFrom(LocalDate day, Warmth wanted, Figures figures) {
    return paced(wanted, figures).open().from(day);
  }

  /** The first day of the coming year, from the given one on, on which nothing is short. */
  public Optional<LocalDate> growsFrom(LocalDate day, Warmth wanted, Figures figures) {
    return paced(wanted, figures).grows().from(day);
  }

  /** The last day before it shuts, if it is open on the given one and shuts within a year. */
  public Optional<LocalDate> gateOpenUntil(LocalDate day, Warmth wanted, Figures figures) {
    return paced(wanted, figures)
        .open()
        .notFrom(day)
        .map(shut -> shut.minusDays(1))
        .filter(last -> !last.isBefore(day));
  }
}
