package almanac.core.history;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.medium.Component;
import almanac.core.medium.Mix;
import almanac.core.medium.Moisture;
import almanac.core.medium.PottedOn;
import almanac.core.pot.Pot;
import java.time.LocalDate;
import java.util.List;
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
}
