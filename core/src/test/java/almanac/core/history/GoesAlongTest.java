package almanac.core.history;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.medium.Component;
import almanac.core.medium.Mix;
import almanac.core.medium.Moisture;
import almanac.core.medium.PottedOn;
import almanac.core.pot.Pot;
import almanac.core.tally.RootFate;
import almanac.core.tally.RootTally;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class GoesAlongTest {
  private static final LocalDate CAME = LocalDate.of(2026, 4, 2);

  private static Happening.Potted potted(LocalDate on) {
    var potting =
        new Potting(PottedOn.on(on), on, Mix.of(Component.PUMICE), Moisture.DRIES_BETWEEN);
    return new Happening.Potted(potting, Pot.NOT_NOTED, false);
  }

  @Test
  void whatIsOfThePlantGoesAlongAndWhatIsOfTheCollectionStays() {
    var chronicle = new Chronicle();
    var came = chronicle.on(CAME, potted(CAME));
    chronicle.with(came, new Happening.Numbered("26-001"));
    chronicle.with(came, new Happening.Named(new Names("Brassia Lock Keeper", "", "")));
    chronicle.on(CAME.plusDays(1), new Happening.Moved(new Stand(3, 4)));
    var moved = chronicle.on(CAME.plusYears(1), potted(CAME.plusYears(1)));
    chronicle.on(CAME.plusYears(1), moved, new Happening.Withdrawn());
    chronicle.on(CAME.plusYears(1), new Happening.Noted("Keeps its old bulbs."));

    var deeds = GoesAlong.of(chronicle.plant());

    assertThat(deeds)
        .extracting(GoesAlong.Deed::happenings)
        .containsExactly(
            List.of(potted(CAME), new Happening.Named(new Names("Brassia Lock Keeper", "", ""))),
            List.of(new Happening.Noted("Keeps its old bulbs.")));
    assertThat(deeds).extracting(GoesAlong.Deed::potted).containsExactly(true, false);
  }

  @Test
  void aPieceBringsTheHistoryOfItsMotherUntilTheyWereParted() {
    var mothers = new Chronicle();
    mothers.on(CAME, potted(CAME));
    mothers.on(CAME.plusDays(3), new Happening.Noted("seen by the mother"));
    var day = CAME.plusYears(1);
    var parted = mothers.on(day, potted(day));
    var counted =
        new Happening.Worked(RootTally.EMPTY.and(RootFate.SOFT, 4), 30, "", "", Way.OPENED);
    mothers.with(parted, counted);
    mothers.on(day.plusDays(9), new Happening.Noted("the mother alone"));
    var mother = mothers.plant();

    var lines = new ArrayList<Line>();
    for (Happening happening :
        List.of(
            new Happening.PartedFrom(1L),
            potted(day),
            new Happening.Named(new Names("Brassia Lock Keeper", "", "")))) {
      lines.add(new Line(lines.size() + 1, parted, happening));
    }
    var piece = Plant.of(2, new UUID(1, 2), Journal.of(lines));
    assertThat(GoesAlong.withItsMothers(piece, id -> Optional.of(mother)))
        .extracting(GoesAlong.Deed::happenings)
        .containsExactly(
            List.of(potted(CAME)),
            List.of(new Happening.Noted("seen by the mother")),
            List.of(
                potted(day),
                new Happening.Named(new Names("Brassia Lock Keeper", "", "")),
                counted));
    assertThat(GoesAlong.withItsMothers(piece, id -> Optional.empty()))
        .as("she is not here any more")
        .isEqualTo(GoesAlong.of(piece));
    assertThat(GoesAlong.withItsMothers(mother, id -> Optional.empty()))
        .isEqualTo(GoesAlong.of(mother));
  }
}
