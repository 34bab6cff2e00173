package almanac.core.benchdays;

import static almanac.core.benchdays.Seasons.TODAY;

import almanac.core.checks.Window;
import java.time.LocalDate;
import java.util.Optional;

/** A job of 40 minutes, from today to ten days on, best in five, of need 30; and such as differ. */
final class LittleJob {
  int minutes = 40;
  boolean hazard;
  double need = 30;
  String mix = "";
  Window window = new Window(TODAY, TODAY.plusDays(5), TODAY.plusDays(10));
  Optional<LocalDate> flowersOver = Optional.empty();
  Optional<LocalDate> pinned = Optional.empty();
  Optional<LocalDate> before = Optional.empty();
  Optional<AskedFor> asked = Optional.empty();

  BenchJob made(int number) {
    return new BenchJob(
        "j" + number,
        "Plant " + number,
        new BenchJob.Days(window, flowersOver, pinned, before, asked),
        minutes,
        hazard,
        need,
        mix,
        Soundness.HEALTHY);
  }
}
