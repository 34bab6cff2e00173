package almanac.core.checks.diary;

import almanac.core.checks.Aftercare;
import almanac.core.checks.Check;
import almanac.core.checks.Move;
import almanac.core.checks.Series;
import almanac.core.figures.Figures;
import almanac.core.history.Happening;
import almanac.core.history.Line;
import almanac.core.history.Plant;
import almanac.core.history.Way;
import almanac.core.holding.Holding;
import almanac.core.holding.KeptApart;
import almanac.core.kinds.Rest;
import almanac.core.pot.PlaceFigures;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * Works out which checks of a plant are open. None is kept: they follow from what was written, each
 * as it stood on the day of that writing, so that a check that was missed stays missed. Rules:
 * Follow-up checks.
 */
public final class Diary {
  private final Figures figures;
  private final Rest rest;

  /**
   * @param rest how the plant's kind rests
   */
  public Diary(Figures figures, Rest rest) {
    this.figures = figures;
    this.rest = rest;
  }

  /**
   * The checks that are still to be made, the next one first.
   *
   * @param judged the look that the plant's judgement asks for, as it was judged on a day
   */
  public List<OpenCheck> of(Plant plant, Function<LocalDate, Check> judged, LocalDate today) {
    if (!plant.here()) {
      return List.of();
    }
    var aftercare = aftercare(plant, today);
    var courses = new Courses(figures);
    var wounds = new Wounds(plant, figures);
    var wound = wounds.wound();
    var eye = wounds.eye(today);
    return Stream.of(
            aftercare,
            asJudged(plant, judged, List.of(aftercare, wound, eye)),
            apart(plant, today),
            held(plant),
            courses.treat(plant),
            courses.underTreatment(plant),
            courses.beside(plant),
            wound,
            eye,
            Trials.look(plant, figures),
            Bookings.look(plant, figures))
        .flatMap(Optional::stream)
        .map(open -> asPromised(open, plant))
        .sorted(Comparator.comparing(open -> open.check().window().best()))
        .toList();
  }

  /**
   * The next check after the last move; nothing while it stands in what it came in. What was missed
   * gives way to the next one once that is due, and that one says so.
   */
  public Optional<OpenCheck> aftercare(Plant plant, LocalDate today) {
    return answered(plant).map(open -> givingWay(open, plant, today));
  }

  private OpenCheck givingWay(OpenCheck missed, Plant plant, LocalDate today) {
    if (asPromised(missed, plant).urgency(today) != Urgency.OVERDUE) {
      return missed;
    }
    return Aftercare.of(move(plant, plant.potted()), figures).stream()
        .filter(check -> check.purpose().compareTo(missed.check().purpose()) > 0)
        .filter(check -> !check.window().early().isAfter(today))
        .reduce((former, latter) -> latter)
        .map(check -> OpenCheck.since(missed.name().since(), check.insteadOf(missed.check())))
        .orElse(missed);
  }

  private Optional<OpenCheck> answered(Plant plant) {
    if (plant.inWhatItCameIn()) {
      return Optional.empty();
    }
    var line = plant.potted();
    var moved = line.act().on();
    var move = move(plant, line);
    var open =
        Aftercare.first(move, line.act().recordedOn(), figures)
            .map(check -> OpenCheck.since(moved, check));
    var holding = plant.journal().holding();
    for (var later : holding.subList(holding.indexOf(line) + 1, holding.size())) {
      if (later.happening() instanceof Happening.Checked checked
          && checked.check().purpose().series() == Series.AFTERCARE
          && !later.act().on().isBefore(moved)) {
        var written = later(later.act().recordedOn(), line.act().recordedOn());
        open =
            Aftercare.next(checked.check().purpose(), checked.answer(), move, written, figures)
                .map(check -> OpenCheck.since(later.act().on(), check));
      }
    }
    return open;
  }

  /** The looks of the year after the last move that come after the next one, if all is as hoped. */
  public List<Check> yearAfterMove(Plant plant, LocalDate today) {
    return aftercare(plant, today)
        .map(
            next ->
                Aftercare.of(move(plant, plant.potted()), figures).stream()
                    .filter(check -> check.purpose().compareTo(next.check().purpose()) > 0)
                    .filter(check -> !check.window().late().isBefore(today))
                    .toList())
        .orElse(List.of());
  }

  /** A move as its act tells it. */
  private Move move(Plant plant, Line potted) {
    var told =
        plant.journal().holding().stream()
            .filter(line -> line.act().id() == potted.act().id())
            .map(Line::happening)
            .toList();
    var worked =
        told.stream()
            .filter(Happening.Worked.class::isInstance)
            .map(Happening.Worked.class::cast)
            .findFirst();
    var moved =
        Move.of(
            potted.act().on(),
            ((Happening.Potted) potted.happening()).inFlower(),
            worked.map(Happening.Worked::tally).filter(tally -> tally.nursed(figures)).isPresent(),
            worked.filter(work -> work.way() == Way.WHOLE).isPresent(),
            told.stream()
                .anyMatch(
                    happening ->
                        happening instanceof Happening.Divided
                            || happening instanceof Happening.PartedFrom),
            rest);
    return muchWider(plant, potted) ? moved.thenRoomy() : moved;
  }

  private boolean muchWider(Plant plant, Line potted) {
    var holding = plant.journal().holding();
    var before =
        holding.subList(0, holding.indexOf(potted)).stream()
            .map(Line::happening)
            .filter(Happening.Potted.class::isInstance)
            .map(happening -> ((Happening.Potted) happening).pot().diameterMm())
            .filter(Objects::nonNull)
            .reduce((former, latter) -> latter);
    var now = ((Happening.Potted) potted.happening()).pot().diameterMm();
    return now != null
        && before.isPresent()
        && now - before.get() > figures.of(PlaceFigures.WIDER_MOST);
  }

  /** On the day to which somebody put it off, if anybody did since it is known by its name. */
  private static OpenCheck asPromised(OpenCheck open, Plant plant) {
    return plant.journal().holding().stream()
        .map(Line::happening)
        .filter(Happening.PutOff.class::isInstance)
        .map(Happening.PutOff.class::cast)
        .filter(putOff -> putOff.check().equals(open.name()))
        .reduce((former, latter) -> latter)
        .map(putOff -> open.putOff(putOff.until(), putOff.reason()))
        .orElse(open);
  }

  private static LocalDate later(LocalDate one, LocalDate other) {
    return one.isAfter(other) ? one : other;
  }

  /** As the plant was judged when somebody last wrote of it. */
  private static Optional<OpenCheck> asJudged(
      Plant plant, Function<LocalDate, Check> judged, List<Optional<OpenCheck>> booked) {
    var newest =
        plant.journal().holding().stream()
            .filter(Diary::looked)
            .max(Comparator.comparing(line -> line.act().id()))
            .orElseThrow();
    var day = newest.act().recordedOn();
    var notBefore = newest.happening() instanceof Happening.Checked ? day.plusDays(1) : day;
    var check = judged.apply(day);
    var sooner =
        booked.stream()
            .flatMap(Optional::stream)
            .map(OpenCheck::check)
            .min(Comparator.comparing(each -> each.window().best()));
    return Aftercare.leavesRoomFor(check, sooner)
        ? Optional.of(
            OpenCheck.since(newest.act().on(), check.on(check.window().notBefore(notBefore))))
        : Optional.empty();
  }

  private static boolean looked(Line line) {
    return line.happening() instanceof Happening.Potted
        || line.happening() instanceof Happening.Inspected
        || line.happening() instanceof Happening.Checked;
  }

  private Optional<OpenCheck> apart(Plant plant, LocalDate today) {
    var since = plant.card().inHand().apartSince();
    if (since == null || Courses.lookForPests(plant)) {
      return Optional.empty();
    }
    var apart = KeptApart.of(plant.history().life(), since, today, figures);
    return apart.over()
        ? Optional.empty()
        : Optional.of(OpenCheck.since(apart.last(), apart.check()));
  }

  private Optional<OpenCheck> held(Plant plant) {
    var since = plant.card().inHand().heldSince();
    if (since == null) {
      return Optional.empty();
    }
    var held = Holding.of(plant.history().life(), since, figures);
    return Optional.of(OpenCheck.since(held.last().orElse(since), held.check()));
  }
}
