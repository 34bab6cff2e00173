package almanac.core.trials;

import almanac.core.figures.Figures;
import almanac.core.inspection.Item;
import almanac.core.inspection.Items;
import almanac.core.refusals.Longest;
import almanac.core.refusals.Refused;
import almanac.core.season.LightYear;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;

/**
 * A trial. Rules: Trials.
 *
 * @param uid by which its plants are known
 * @param name what is tried, as the collector says it
 * @param looks what is looked at, in the order of looking
 * @param since its first day
 * @param judgeOn the day on which it is to be judged
 */
public record Trial(
    UUID uid,
    String name,
    Tried tried,
    Against against,
    List<Item<?>> looks,
    LocalDate since,
    LocalDate judgeOn) {
  private static final int LONGEST_YEARS = 5;
  private static final List<Item<?>> MAY_LOOK =
      List.of(
          Items.LEAVES,
          Items.BULBS,
          Items.GROWTH,
          Items.NEW_GROWTHS,
          Items.NEWEST_SIZE,
          Items.BLOOM,
          Items.STABILITY,
          Items.NEW_ROOTS,
          Items.ROOT_TIPS,
          Items.MEDIUM_PIECE,
          Items.SMELL,
          Items.DAYS_TO_DRY,
          Items.SOAK_PH,
          Items.SALTS);

  /**
   * @throws Refused naming the entry, if it has no name, nothing to look at, or no end
   */
  public Trial {
    if (name.isBlank() || name.length() > Longest.LINE) {
      throw new Refused(
          () -> "name", "Say what is tried in 1 to %d characters.".formatted(Longest.LINE));
    }
    if (looks.isEmpty()) {
      throw new Refused(() -> "looks", "Choose at least one thing to look at.");
    }
    if (!judgeOn.isAfter(since) || judgeOn.isAfter(since.plusYears(LONGEST_YEARS))) {
      throw new Refused(
          () -> "judgeOn",
          "Choose its end: a day after %s, and within %d years.".formatted(since, LONGEST_YEARS));
    }
    looks = Items.inLookingOrder().stream().filter(looks::contains).toList();
  }

  /** What can be looked at again and again without harm. */
  public static List<Item<?>> mayLook() {
    return MAY_LOOK;
  }

  /**
   * The first day on which a trial may be judged: half a year on, and through one change of season.
   *
   * @param light of the place; where days never pass twelve hours there is no change to wait for
   */
  public static LocalDate honestFrom(LocalDate since, LightYear light, Figures figures) {
    var first = since.plusDays(figures.count(TrialFigures.HONEST_FROM));
    boolean longer = light.hoursOn(since) > figures.of(TrialFigures.TURN);
    return since
        .datesUntil(since.plusYears(1))
        .filter(day -> light.hoursOn(day) > figures.of(TrialFigures.TURN) != longer)
        .findFirst()
        .filter(turned -> turned.isAfter(first))
        .orElse(first);
  }

  /** Whether it may be judged on a day. */
  public boolean mayJudge(LocalDate day) {
    return !day.isBefore(judgeOn);
  }
}
