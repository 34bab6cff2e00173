package almanac.core.judgement.moments;

import almanac.core.figures.Figure;
import almanac.core.figures.Figures;
import almanac.core.inspection.Bloom;
import almanac.core.inspection.GrowthStage;
import almanac.core.inspection.InspectionFigures;
import almanac.core.inspection.Items;
import almanac.core.inspection.Look;
import almanac.core.judgement.evidence.Evidence;
import almanac.core.judgement.evidence.Season;
import almanac.core.judgement.figures.JudgementFigures;
import almanac.core.judgement.figures.ReadinessFigures;
import almanac.core.judgement.readiness.Footing;
import almanac.core.kinds.ReadyRule;
import almanac.core.kinds.Trait;
import almanac.core.rest.RestFigures;
import almanac.core.rest.Resting;
import almanac.core.roots.RootFigures;
import almanac.core.roots.RootForecast;
import almanac.core.roots.RootStage;
import almanac.core.season.GrowthPace;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalLong;

/**
 * What a plant will be like on a later day, if all goes on as it was seen: its roots lengthen and
 * go in, the next ones come, flowers go over, wounds close. Rules: The moments ahead.
 */
final class Course {
  private static final double FIRST_MM = 1;

  /** How what is foretold with a range comes. */
  enum Comes {
    EARLY,
    LIKELY,
    LATE
  }

  private final Comes comes;

  private final Evidence evidence;
  private final Figures figures;
  private final LocalDate today;
  private final Footing now;
  private final GrowthPace pace;
  private final double speed;
  private final List<NextRoots> flushes = new ArrayList<>();
  private final Optional<LocalDate> flowersOver;
  private final Optional<LocalDate> eye;
  private final Optional<LocalDate> plump;

  Course(Evidence evidence, LocalDate end) {
    this(evidence, end, Comes.LIKELY);
  }

  Course(Evidence evidence, LocalDate end, Comes comes) {
    this.comes = comes;
    this.evidence = evidence;
    this.figures = evidence.figures();
    this.today = evidence.today();
    this.now = Footing.of(evidence);
    this.pace = evidence.situation().conditions().pace(evidence.kind().warmth(), figures);
    this.speed =
        evidence
            .forecast()
            .map(forecast -> forecast.speed().mmAWeek())
            .orElseGet(() -> evidence.kind().of(Trait.ROOT_SPEED));
    this.flowersOver = flowers();
    this.eye = mended();
    this.plump = wet();
    var next = NextRoots.of(evidence);
    while (!next.likely().isAfter(end)) {
      flushes.add(afterRest(next));
      next = next.after();
    }
  }

  /** The next roots, or starts of growth, that lie in sight; the first first. */
  List<NextRoots> flushes() {
    return flushes;
  }

  /** No root comes in a rest: it comes with the growth after. */
  private NextRoots afterRest(NextRoots next) {
    var rest = evidence.restOn(next.likely());
    return evidence.rule() != ReadyRule.START_OF_GROWTH && rest.holdsAMove()
        ? next.notBefore(rest.wakes())
        : next;
  }

  /** The first day on which roots that showed on a day are surely so long. */
  LocalDate longEnough(LocalDate showed, double mm) {
    return pace.after(showed, mm / speed).plusDays(1);
  }

  /** The day on which what flowers has flowered, if that was seen lately. */
  Optional<LocalDate> flowersOver() {
    return flowersOver;
  }

  private Optional<LocalDate> flowers() {
    return evidence
        .bloom()
        .flatMap(Course::lasts)
        .map(figure -> seenOn(evidence.look(Items.BLOOM)).plusDays(figures.count(figure)))
        .map(this::notBeforeToday);
  }

  private static Optional<Figure> lasts(Bloom bloom) {
    return switch (bloom) {
      case SPIKE -> Optional.of(JudgementFigures.FLOWERS_SPIKE);
      case BUDS -> Optional.of(JudgementFigures.FLOWERS_BUDS);
      case OPEN -> Optional.of(JudgementFigures.FLOWERS_OPEN);
      case FADING -> Optional.of(JudgementFigures.FLOWERS_FADING);
      case NONE, FINISHED -> Optional.empty();
    };
  }

  /** The day from which the last move counts no more than that; nothing if it does not by now. */
  Optional<LocalDate> overcome(Figure days) {
    return evidence.daysSinceMove().isPresent()
            && evidence.daysSinceMove().getAsLong() <= figures.of(days)
        ? Optional.of(
            today.plusDays(figures.count(days) - evidence.daysSinceMove().getAsLong() + 1))
        : Optional.empty();
  }

  /** The day by which an eye has swollen in the place of a lead that was snapped off. */
  Optional<LocalDate> eye() {
    return eye;
  }

  private Optional<LocalDate> mended() {
    return evidence
        .leadSnappedOn()
        .map(day -> day.plusDays(figures.count(ReadinessFigures.SNAPPED_AGAIN)))
        .map(this::notBeforeToday);
  }

  /** The day by which a plant that had dried out is plump again. */
  Optional<LocalDate> plump() {
    return plump;
  }

  private Optional<LocalDate> wet() {
    return evidence
        .thirstySince()
        .map(day -> day.plusDays(figures.count(InspectionFigures.ABOVE) + 1L))
        .map(this::notBeforeToday);
  }

  /** What it stands on that day. */
  Footing on(LocalDate day) {
    if (!day.isAfter(today)) {
      return now;
    }
    var showed = began(day);
    var roots = showed.map(flush -> ofFlush(flush, day)).orElseGet(() -> ofToday(day));
    var growth = showed.isPresent() ? growthAfter(showed.get(), day) : now.growth();
    boolean tips = roots.stage().filter(RootStage::measurable).isPresent();
    var rest = restOn(day, showed);
    var season = Season.on(day, evidence.situation(), tips, rest, figures);
    boolean rests = showed.isEmpty() && now.season().resting();
    return new Footing(
        now.rule(),
        roots,
        growth,
        rests ? season.atRest() : season,
        flowersOver.filter(over -> !over.isAfter(day)).isPresent()
            ? Optional.of(Bloom.FINISHED)
            : now.bloom(),
        now.daysSinceMove().isPresent()
            ? OptionalLong.of(now.daysSinceMove().getAsLong() + ChronoUnit.DAYS.between(today, day))
            : now.daysSinceMove(),
        now.rootless(),
        now.snapped() && eye.filter(mended -> !mended.isAfter(day)).isEmpty(),
        now.dehydrated() && plump.filter(wet -> !wet.isAfter(day)).isEmpty(),
        now.intact());
  }

  /** What has just shown roots or a growth does not rest, whatever the calendar says. */
  private Resting restOn(LocalDate day, Optional<LocalDate> showed) {
    int stirs = figures.count(RestFigures.STIRS);
    return showed.filter(on -> day.isBefore(on.plusDays(stirs))).isPresent()
        ? Resting.inGrowth(evidence.kind().rest(), day)
        : evidence.restOn(day);
  }

  /** What it would stand on if its next roots, or its next growth, just showed on that day. */
  Footing justShowing(LocalDate day) {
    var then = on(day);
    return switch (evidence.rule()) {
      case START_OF_GROWTH -> then.starting();
      case TIPS_GROWING -> then.withRoots(RootStage.SHORT, OptionalDouble.empty());
      default -> then.withRoots(RootStage.NUB, OptionalDouble.empty());
    };
  }

  /** The last flush that has shown by a day; nothing while its roots are those of today. */
  Optional<NextRoots> showed(LocalDate day) {
    for (int i = flushes.size() - 1; i >= 0; i--) {
      if (!when(flushes.get(i)).isAfter(day)) {
        return Optional.of(flushes.get(i));
      }
    }
    return Optional.empty();
  }

  /** The day on which that flush showed. */
  Optional<LocalDate> began(LocalDate day) {
    return showed(day).map(this::when);
  }

  private LocalDate when(NextRoots flush) {
    return switch (comes) {
      case EARLY -> flush.earliest();
      case LIKELY -> flush.likely();
      case LATE -> flush.latest();
    };
  }

  private Footing.Roots ofFlush(LocalDate showed, LocalDate day) {
    if (evidence.rule() == ReadyRule.START_OF_GROWTH) {
      return new Footing.Roots(Optional.of(RootStage.NONE), OptionalDouble.empty());
    }
    if (ChronoUnit.DAYS.between(showed, day) > figures.of(ReadinessFigures.FORECAST_DAYS)) {
      return goneIn();
    }
    double mm = Math.max(FIRST_MM, speed * pace.weeks(showed, day));
    if (evidence.rule() == ReadyRule.TIPS_GROWING) {
      mm = Math.max(mm, figures.of(RootFigures.NUB_MOST) + FIRST_MM);
    }
    return new Footing.Roots(Optional.of(RootStage.ofLength(mm, figures)), OptionalDouble.of(mm));
  }

  /** Roots that grow today have grown on by then; after some months they have gone in. */
  private Footing.Roots ofToday(LocalDate day) {
    if (evidence.forecast().isEmpty() || !growing()) {
      return now.roots();
    }
    var forecast = evidence.forecast().get();
    long age = ChronoUnit.DAYS.between(forecast.look().on(), day);
    return age > figures.of(ReadinessFigures.FORECAST_DAYS)
        ? goneIn()
        : new Footing.Roots(
            Optional.of(RootStage.ofLength(length(forecast, day), figures)),
            OptionalDouble.of(length(forecast, day)));
  }

  private double length(RootForecast forecast, LocalDate day) {
    return switch (comes) {
      case EARLY -> forecast.spanOn(day, figures).most();
      case LIKELY -> forecast.lengthOn(day);
      case LATE -> forecast.spanOn(day, figures).least();
    };
  }

  private boolean growing() {
    return evidence.stage().filter(stage -> !stage.nothingToMeasure()).isPresent();
  }

  private static Footing.Roots goneIn() {
    return new Footing.Roots(Optional.of(RootStage.ANCHORED), OptionalDouble.empty());
  }

  private Optional<GrowthStage> growthAfter(LocalDate showed, LocalDate day) {
    if (evidence.rule() != ReadyRule.START_OF_GROWTH) {
      return Optional.of(GrowthStage.HALF_GROWN);
    }
    int safe = figures.count(JudgementFigures.WINDOW_SOON);
    return Optional.of(
        day.isAfter(showed.plusDays(safe)) ? GrowthStage.HALF_GROWN : GrowthStage.STARTING);
  }

  private static LocalDate seenOn(Look<?> look) {
    return look.seen().orElseThrow().on();
  }

  private LocalDate notBeforeToday(LocalDate day) {
    return day.isBefore(today) ? today : day;
  }
}
