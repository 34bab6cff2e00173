package almanac.core.rest;

import almanac.core.figures.Figure;
import almanac.core.figures.Figures;
import almanac.core.history.PlantHistory;
import almanac.core.inspection.Bloom;
import almanac.core.inspection.GrowthStage;
import almanac.core.inspection.Items;
import almanac.core.inspection.Lead;
import almanac.core.inspection.LeafMarks;
import almanac.core.inspection.Look;
import almanac.core.kinds.Kind;
import almanac.core.kinds.Rest;
import almanac.core.roots.RootStage;
import java.time.LocalDate;
import java.time.Month;
import java.util.Comparator;
import java.util.Optional;

/**
 * The course of a plant's rest: by the calendar, moved by what was seen of its growth, its leaves
 * and its roots. Rules: Rest.
 */
public final class RestCourse {
  private static final int SHORTEST_DAY = 21;

  private final Rest way;
  private final PlantHistory history;
  private final boolean northern;
  private final LocalDate today;
  private final Figures figures;
  private final Optional<Look.Seen<GrowthStage>> growth;

  /**
   * @param northern whether the shortest day is in December
   * @param today up to which looks count
   */
  public RestCourse(
      Kind kind, PlantHistory history, boolean northern, LocalDate today, Figures figures) {
    this.way = kind.rest();
    this.history = history;
    this.northern = northern;
    this.today = today;
    this.figures = figures;
    this.growth = way == Rest.NONE ? Optional.empty() : newestGrowth();
  }

  /** How it rests on a day, today or later, as far as it was seen by today. */
  public Resting on(LocalDate day) {
    return switch (way) {
      case NONE -> Resting.inGrowth(way, day);
      case DRIER -> afterRipening(day);
      case DRY, ALMOST_DRY, COOL -> inWinter(day);
    };
  }

  private Resting afterRipening(LocalDate day) {
    var ripe =
        growth
            .filter(look -> ripe(look.finding().answer()))
            .filter(look -> !rooting(look.on()))
            .map(look -> ripeSince(look.on()).plusDays(count(RestFigures.RIPENS)));
    return ripe.filter(day::isBefore)
        .map(until -> new Resting(way, RestPhase.AT_REST, until))
        .orElseGet(() -> Resting.inGrowth(way, day));
  }

  private static boolean ripe(Optional<?> stage) {
    return stage
        .filter(each -> each == GrowthStage.MATURE || each == GrowthStage.RESTING)
        .isPresent();
  }

  private LocalDate ripeSince(LocalDate seen) {
    var since = seen;
    var life = history.life();
    for (int i = life.size() - 1; i >= 0; i--) {
      var look = life.get(i).look(Items.GROWTH);
      if (look.seen().isPresent() && !life.get(i).on().isAfter(since)) {
        if (!ripe(look.answer())) {
          return since;
        }
        since = life.get(i).on();
      }
    }
    return since;
  }

  private Resting inWinter(LocalDate day) {
    var shortest = shortestDay(day.getYear() - 1);
    while (!shortest.plusYears(1).minusDays(count(RestFigures.GOING)).isAfter(day)) {
      shortest = shortest.plusYears(1);
    }
    return new Winter(shortest).on(day);
  }

  private LocalDate shortestDay(int year) {
    return LocalDate.of(year, northern ? Month.DECEMBER : Month.JUNE, SHORTEST_DAY);
  }

  /** One rest, about one shortest day. */
  private final class Winter {
    private final LocalDate starts;
    private final LocalDate rests;
    private final LocalDate wakes;

    private Winter(LocalDate shortest) {
      this.starts = shortest.minusDays(count(RestFigures.GOING));
      this.rests = shortest.minusDays(count(RestFigures.AT_REST));
      this.wakes = shortest.plusDays(count(wakes()));
    }

    private Resting on(LocalDate day) {
      var seen = growth.filter(look -> !look.on().isBefore(starts));
      if (seen.isPresent()) {
        var stage = seen.get().finding().answer().orElse(null);
        if (stage == GrowthStage.EYE_SWELLING || stage == GrowthStage.STARTING) {
          return begun(seen.get().on(), day);
        }
        if (stage == GrowthStage.HALF_GROWN || stage == GrowthStage.NEARLY_MATURE) {
          return stillGrows(seen.get().on(), day);
        }
        if (stage == GrowthStage.MATURE && !seen.get().on().isBefore(wakes)) {
          return phase(RestPhase.IN_GROWTH);
        }
      }
      return budsSwell() ? phase(RestPhase.IN_GROWTH) : byCalendar(day, early());
    }

    /** A growth that starts: the kinds that rest dry are watered once its roots are out. */
    private Resting begun(LocalDate seen, LocalDate day) {
      boolean grows =
          way != Rest.DRY || rooting(seen) || day.isAfter(seen.plusDays(count(RestFigures.STIRS)));
      return phase(grows ? RestPhase.IN_GROWTH : RestPhase.WAKING);
    }

    /** What was half grown in late autumn rests later than the others. */
    private Resting stillGrows(LocalDate seen, LocalDate day) {
      boolean holds =
          !seen.isBefore(wakes.minusDays(count(RestFigures.SPREAD)))
              || !day.isAfter(seen.plusDays(count(RestFigures.SPREAD)));
      return holds ? phase(RestPhase.IN_GROWTH) : byCalendar(day, false);
    }

    /**
     * @param early whether it was seen to have stopped by now
     */
    private Resting byCalendar(LocalDate day, boolean early) {
      if (day.isBefore(rests) && !early) {
        return phase(RestPhase.GOING);
      }
      if (day.isBefore(wakes.minusDays(way == Rest.DRY ? count(RestFigures.SPREAD) : 0))) {
        return phase(RestPhase.AT_REST);
      }
      int last = count(way == Rest.DRY ? RestFigures.STIRS : RestFigures.SPREAD);
      return phase(day.isBefore(wakes.plusDays(last)) ? RestPhase.WAKING : RestPhase.IN_GROWTH);
    }

    /** Seen at rest, or without its leaves, since the year turned to it. */
    private boolean early() {
      boolean resting =
          growth
              .filter(look -> !look.on().isBefore(starts))
              .filter(
                  look -> look.finding().answer().filter(GrowthStage.RESTING::equals).isPresent())
              .isPresent();
      var leaves = history.latest(Items.LEAF_MARKS, today);
      return resting
          || way.dries()
              && leaves.saw(LeafMarks.LEAF_LOSS)
              && !leaves.seen().orElseThrow().on().isBefore(starts);
    }

    private boolean budsSwell() {
      var bloom = history.latest(Items.BLOOM, today);
      return way != Rest.DRY
          && (bloom.saw(Bloom.BUDS) || bloom.saw(Bloom.OPEN))
          && !bloom.seen().orElseThrow().on().isBefore(rests);
    }

    private Resting phase(RestPhase phase) {
      return new Resting(way, phase, wakes);
    }
  }

  private Figure wakes() {
    return switch (way) {
      case ALMOST_DRY -> RestFigures.WAKES_ALMOST_DRY;
      case COOL -> RestFigures.WAKES_COOL;
      default -> RestFigures.WAKES_DRY;
    };
  }

  /** The newest look at a newest growth, on any lead; of one day, the one that goes ahead. */
  private Optional<Look.Seen<GrowthStage>> newestGrowth() {
    Look.Seen<GrowthStage> newest = null;
    for (var lead : Lead.values()) {
      var seen = history.latest(Items.GROWTH, lead, today).seen().orElse(null);
      if (seen != null && (newest == null || AHEAD.compare(seen, newest) > 0)) {
        newest = seen;
      }
    }
    return Optional.ofNullable(newest);
  }

  private static final Comparator<Look.Seen<GrowthStage>> AHEAD =
      Comparator.<Look.Seen<GrowthStage>, LocalDate>comparing(Look.Seen::on)
          .thenComparing(seen -> seen.finding().answer().filter(GrowthStage::growing).isPresent());

  /** Whether roots were seen coming with it. */
  private boolean rooting(LocalDate since) {
    for (var lead : Lead.values()) {
      var roots = history.latest(Items.NEW_ROOTS, lead, today).seen();
      if (roots.isPresent()
          && !roots.get().on().isBefore(since)
          && roots.get().finding().answer().filter(RootStage::measurable).isPresent()) {
        return true;
      }
    }
    return false;
  }

  private int count(Figure figure) {
    return figures.count(figure);
  }
}
