package almanac.core.history;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.figures.Figures;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Items;
import almanac.core.inspection.Tag;
import almanac.core.medium.Component;
import almanac.core.medium.Mix;
import almanac.core.medium.Moisture;
import almanac.core.medium.PottedOn;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class HandledTest {
  private static final LocalDate CAME = LocalDate.of(2026, 1, 10);
  private static final LocalDate MOVED = LocalDate.of(2027, 5, 1);
  private static final LocalDate TODAY = LocalDate.of(2027, 5, 15);

  private static Line line(long id, LocalDate on, Happening happening) {
    return new Line(id, new Act(id, new UUID(0, id), on, on, null, ""), happening);
  }

  private static Happening potted(LocalDate on) {
    return new Happening.Potted(
        new Potting(PottedOn.on(on), on, Mix.of(Component.LAVA), Moisture.DRIES_BETWEEN));
  }

  private static Plant plant(long id, Line... more) {
    var lines = new ArrayList<Line>();
    lines.add(line(1, CAME, potted(CAME)));
    lines.addAll(List.of(more));
    return Plant.of(id, new UUID(1, id), Journal.of(lines));
  }

  private static Line moved(LocalDate on) {
    return line(2, on, potted(on));
  }

  private static Line tagRead(LocalDate on) {
    return line(
        3,
        on,
        new Happening.Inspected(Inspection.on(on).with(Items.TAG, Items.TAG.saw(Tag.READABLE))));
  }

  private static List<Handled> together(Plant... plants) {
    return Handled.together(List.of(plants), TODAY, Figures.standard());
  }

  @Test
  void twoOfTheSameDayAreCheckedAgainstEachOther() {
    var one = plant(1, moved(MOVED));
    var other = plant(2, moved(MOVED));
    assertThat(together(one, plant(3, moved(MOVED.plusDays(1))), other))
        .containsExactly(new Handled(MOVED, List.of(one, other)));
  }

  @Test
  void onceAllTheirTagsWereReadSinceTheyAreNot() {
    var read = plant(1, moved(MOVED), tagRead(MOVED));
    assertThat(together(read, plant(2, moved(MOVED), tagRead(MOVED.plusDays(1))))).isEmpty();
    assertThat(together(read, plant(2, moved(MOVED), tagRead(MOVED.minusDays(1))))).hasSize(1);
  }

  @Test
  void whatAPlantCameInWasPottedElsewhere() {
    assertThat(together(plant(1), plant(2))).isEmpty();
  }

  @Test
  void longAgoTheFlowersTell() {
    var day = TODAY.minusDays(60);
    assertThat(together(plant(1, moved(day)), plant(2, moved(day)))).isEmpty();
    assertThat(together(plant(1, moved(day.plusDays(1))), plant(2, moved(day.plusDays(1)))))
        .hasSize(1);
  }
}
