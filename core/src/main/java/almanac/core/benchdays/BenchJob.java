package almanac.core.benchdays;

import almanac.core.checks.Window;
import almanac.core.words.Sentence;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;

/**
 * A job that waits for a bench day.
 *
 * @param id by which it is known
 * @param name of the plant, for sentences
 * @param days on which it may lie
 * @param minutes how long it takes
 * @param hazard whether it cannot wait
 * @param need how much it is wanted, 0 to 100
 * @param mix what it goes into, so that the same is mixed once; empty where nothing is mixed
 */
public record BenchJob(
    String id,
    String name,
    Days days,
    int minutes,
    boolean hazard,
    double need,
    String mix,
    Soundness soundness) {

  /**
   * Days for a job.
   *
   * @param window when it may be done, and when best
   * @param flowersOver from when on its flowers are no reason to wait any more; nothing if they are
   *     none
   * @param pinned the day that somebody chose for it
   * @param before the day on which it lay in the last plan
   * @param asked since when it has been asked for and by when; nothing where that is not known
   */
  public record Days(
      Window window,
      Optional<LocalDate> flowersOver,
      Optional<LocalDate> pinned,
      Optional<LocalDate> before,
      Optional<AskedFor> asked) {}

  /** Since when it has been asked for and by when; nothing where that says nothing yet. */
  public Optional<Sentence> asked(LocalDate today) {
    return days.asked().flatMap(promise -> promise.words(today));
  }

  /** The same, if it lay on that day in the last plan, or on none. */
  public BenchJob lying(Optional<LocalDate> before) {
    return new BenchJob(
        id,
        name,
        new Days(days.window(), days.flowersOver(), days.pinned(), before, days.asked()),
        minutes,
        hazard,
        need,
        mix,
        soundness);
  }

  /** Whether it should have been done before its first day. */
  boolean late() {
    return days.asked().filter(promise -> promise.late(days.window().early())).isPresent();
  }

  /** How many whole weeks a day lies after the one by which it should have been done. */
  int weeksLate(LocalDate day) {
    return days.asked()
        .flatMap(AskedFor::by)
        .map(by -> Math.toIntExact(Math.max(0, ChronoUnit.WEEKS.between(by, day))))
        .orElse(0);
  }

  boolean mayLieOn(LocalDate day) {
    return outside(day) == 0 && !inFlower(day);
  }

  /** By how many days a day lies outside its window; 0 inside. */
  int outside(LocalDate day) {
    return Math.max(0, between(day, days.window().early()))
        + Math.max(0, between(days.window().late(), day));
  }

  boolean inFlower(LocalDate day) {
    return days.flowersOver().filter(day::isBefore).isPresent();
  }

  /** How many days a day lies from the best one. */
  int offBest(LocalDate day) {
    return Math.abs(between(day, days.window().best()));
  }

  private static int between(LocalDate from, LocalDate to) {
    return Math.toIntExact(ChronoUnit.DAYS.between(from, to));
  }
}
