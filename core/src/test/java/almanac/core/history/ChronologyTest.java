package almanac.core.history;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import almanac.core.inspection.Inspection;
import almanac.core.inspection.Items;
import almanac.core.inspection.Leaves;
import almanac.core.medium.Component;
import almanac.core.medium.Mix;
import almanac.core.medium.Moisture;
import almanac.core.medium.PottedOn;
import almanac.core.refusals.Entered;
import almanac.core.refusals.Refused;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.Optional;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What comes before what in the life of a plant, and the field that is named where it cannot. */
class ChronologyTest {
  private static final LocalDate CAME = LocalDate.of(2024, 4, 10);

  private final Chronicle chronicle = new Chronicle();
  private final Act came = chronicle.on(CAME, potted(PottedOn.on(CAME)));

  private static Potting potting(PottedOn on) {
    return new Potting(on, CAME, Mix.of(Component.PUMICE), Moisture.DRIES_BETWEEN);
  }

  private static Happening.Potted potted(PottedOn on) {
    return new Happening.Potted(potting(on));
  }

  private void cameOn(LocalDate on) {
    chronicle.with(
        came, new Happening.Came(new Origin(Optional.of(new Arrival(on, false)), "", "", "")));
  }

  private static void refused(ThrowingCallable what, String field, String... words) {
    assertThatThrownBy(what)
        .hasMessageContainingAll(words)
        .isInstanceOfSatisfying(
            Refused.class, bad -> assertThat(bad.field().key()).isEqualTo(field));
  }

  @Test
  void nothingIsSeenBeforeItCame() {
    cameOn(CAME);
    var plant = chronicle.plant();
    assertThatCode(() -> Chronology.refuseBeforeArrival(plant, Entered.ON, CAME))
        .doesNotThrowAnyException();
    refused(
        () -> Chronology.refuseBeforeArrival(plant, Entered.ON, CAME.minusDays(1)),
        "on",
        "2024-04-09 lies before it came on 2024-04-10");
  }

  @Test
  void ofOneOfWhichNobodyKnowsWhenItCameEverythingMayBe() {
    assertThatCode(
            () -> Chronology.refuseBeforeArrival(chronicle.plant(), Entered.ON, CAME.minusYears(9)))
        .doesNotThrowAnyException();
  }

  @Test
  void itCameBeforeItWasLookedAt() {
    chronicle.on(
        CAME.plusDays(9),
        new Happening.Inspected(
            Inspection.on(CAME.plusDays(9)).with(Items.LEAVES, Items.LEAVES.saw(Leaves.FIRM))));
    chronicle.on(
        CAME.plusDays(2),
        new Happening.Inspected(
            Inspection.on(CAME.plusDays(2)).with(Items.LEAVES, Items.LEAVES.saw(Leaves.LIMP))));
    var plant = chronicle.plant();
    assertThatCode(() -> Chronology.refuseAfterLooks(plant, new Arrival(CAME.plusDays(2), false)))
        .doesNotThrowAnyException();
    refused(
        () -> Chronology.refuseAfterLooks(plant, new Arrival(CAME.plusDays(3), false)),
        "arrivedOn",
        "2024-04-12");
  }

  @ParameterizedTest(name = "a potting of {0}: {1}")
  @CsvSource({
    "2024-04-10, true",
    "2024-04-09, false",
    "2024-04, true",
    "2024-03, false",
    "2024, true",
    "2023, false"
  })
  void aNewPottingLiesBehindTheLast(String text, boolean taken) {
    var plant = chronicle.plant();
    ThrowingCallable potted =
        () -> Chronology.refuseOutOfOrder(plant, null, potting(PottedOn.parse(text)));
    if (taken) {
      assertThatCode(potted).doesNotThrowAnyException();
    } else {
      refused(potted, "on", "before its potting of 2024-04-10");
    }
  }

  @Test
  void aCorrectedOneLiesBetweenTheOneBeforeAndTheNext() {
    var middle = CAME.plusDays(100);
    var last = CAME.plusDays(200);
    chronicle.on(middle, potted(PottedOn.on(middle)));
    chronicle.on(last, potted(PottedOn.on(last)));
    var plant = chronicle.plant();
    var wrong = plant.journal().holding().get(1);
    for (var day : new LocalDate[] {CAME, middle, last}) {
      assertThatCode(() -> Chronology.refuseOutOfOrder(plant, wrong, potting(PottedOn.on(day))))
          .doesNotThrowAnyException();
    }
    refused(
        () -> Chronology.refuseOutOfOrder(plant, wrong, potting(PottedOn.on(CAME.minusDays(1)))),
        "on",
        "before its potting");
    refused(
        () -> Chronology.refuseOutOfOrder(plant, wrong, potting(PottedOn.on(last.plusDays(1)))),
        "on",
        "after its next potting of " + last);
  }

  @Test
  void oneOfWhichNobodyKnowsTheDayIsInNobodysWay() {
    assertThatCode(
            () ->
                Chronology.refuseOutOfOrder(
                    chronicle.plant(), null, potting(new PottedOn.Unknown())))
        .doesNotThrowAnyException();
    var unknown = new Chronicle();
    unknown.on(CAME, potted(new PottedOn.Unknown()));
    assertThatCode(
            () ->
                Chronology.refuseOutOfOrder(
                    unknown.plant(),
                    null,
                    potting(PottedOn.parse(YearMonth.from(CAME).minusMonths(9).toString()))))
        .doesNotThrowAnyException();
  }
}
