package almanac.core.judgement;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.figures.Figure;
import almanac.core.figures.Figures;
import almanac.core.figures.Unit;
import almanac.core.judgement.evidence.Situation;
import almanac.core.judgement.figures.NeedFigures;
import almanac.core.judgement.figures.ReadinessFigures;
import almanac.core.judgement.moments.Wait;
import almanac.core.judgement.verdict.Judge;
import almanac.core.judgement.verdict.Judgement;
import almanac.core.medium.Temperatures;
import almanac.core.season.Conditions;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.BiFunction;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/**
 * A day, a degree, a millimetre or a point more or less moves the next move by little. Where a gate
 * shuts or a need becomes one that cannot wait there is an edge; few plants stand on one.
 */
@Tag("long")
class NoCliffsTest {
  private static final Figures FIGURES = Figures.standard();
  private static final List<Generated> PLANTS = Generated.plants();

  /** A month, or for what is far off an eighth of the time till then. */
  private static final int LITTLE_DAYS = 30;

  private static final double LITTLE_SHARE = 1 / 8.0;

  private record Pair(Situation one, Situation other, Figures others) {
    Pair(Situation one, Situation other) {
      this(one, other, FIGURES);
    }

    /** Why they are far apart; nothing if they are not. */
    Optional<String> apart() {
      var a = new Judge(FIGURES).judge(one);
      var b = new Judge(others).judge(other);
      var first = likely(a);
      var then = likely(b);
      if (first.isEmpty() && then.isEmpty()) {
        return Optional.empty();
      }
      var words = "%s on %s: %s, but %s".formatted(one.kind().key(), one.today(), first, then);
      if (first.isEmpty() || then.isEmpty()) {
        return Optional.of(words);
      }
      long far =
          ChronoUnit.DAYS.between(
              one.today(), first.get().isAfter(then.get()) ? first.get() : then.get());
      long days = Math.abs(ChronoUnit.DAYS.between(first.get(), then.get()));
      return Optional.of(words).filter(any -> days > Math.max(LITTLE_DAYS, far * LITTLE_SHARE));
    }

    private static Optional<LocalDate> likely(Judgement judged) {
      return judged.ahead().nextMove().map(Wait::likely);
    }
  }

  /** Of all pairs no more than so many of a thousand may be far apart. */
  private static void fewApart(int inAThousand, BiFunction<Generated, Random, Pair> pair) {
    var apart = new ArrayList<String>();
    for (var generated : PLANTS) {
      pair.apply(generated, new Random(generated.seed())).apart().ifPresent(apart::add);
    }
    assertThat(apart)
        .as("of %d:%n%s", PLANTS.size(), String.join("\n", apart))
        .hasSizeLessThanOrEqualTo(PLANTS.size() * inAThousand / 1000);
  }

  @Test
  void aDay() {
    fewApart(
        6,
        (generated, any) -> {
          var today = generated.plant().situation();
          return new Pair(today, PlantAtHand.on(today, today.today().plusDays(1)));
        });
  }

  @Test
  void aDayOfAge() {
    fewApart(
        6,
        (generated, any) -> {
          var day = generated.today().minusDays(200 + any.nextInt(900));
          return new Pair(
              generated.plant().pottedOn(day).daysAgo(0).situation(),
              generated.plant().pottedOn(day.minusDays(1)).daysAgo(0).situation());
        });
  }

  @Test
  void aMillimetre() {
    fewApart(
        6,
        (generated, any) -> {
          double mm = 1 + any.nextInt(60);
          int days = any.nextInt(14);
          return new Pair(
              generated.plant().daysAgo(days).rootsOf(mm).situation(),
              generated.plant().daysAgo(days).rootsOf(mm + 1).situation());
        });
  }

  @Test
  void halfADegree() {
    fewApart(
        20,
        (generated, any) -> {
          double january = 12 + any.nextInt(8);
          double july = 18 + any.nextInt(10);
          return new Pair(
              warm(generated.plant().situation(), january, july),
              warm(generated.plant().situation(), january + 0.5, july + 0.5));
        });
  }

  private static Situation warm(Situation situation, double january, double july) {
    var place = situation.conditions();
    var means = Temperatures.between(january, july);
    return new Situation(
        situation.today(),
        situation.kind(),
        situation.history(),
        new Conditions(place.light(), place.lampHours(), Optional.of(means)),
        situation.arrival(),
        situation.aim(),
        situation.rootSpeed());
  }

  @Test
  void aPoint() {
    var points = new ArrayList<Figure>();
    points.addAll(NeedFigures.GROUP.figures());
    points.addAll(ReadinessFigures.GROUP.figures());
    points.removeIf(figure -> figure.unit() != Unit.POINTS);
    assertThat(points).hasSizeGreaterThan(20);
    fewApart(
        6,
        (generated, any) -> {
          var figure = points.get(any.nextInt(points.size()));
          var situation = generated.plant().situation();
          double less = FIGURES.of(figure) - 1;
          return new Pair(situation, situation, FIGURES.with(figure, Math.max(0, less)));
        });
  }
}
