package almanac.core.judgement.moments;

import java.time.LocalDate;
import java.util.List;

/**
 * A day on which a plant could be moved, and what it would be like then. Its points are whole ones:
 * what reads 25 is 25. Rules: The moments ahead.
 *
 * @param brings what comes true by then and brings it about; nothing for today
 * @param earliest the first day on which that may be
 * @param likely the day on which it probably will be
 * @param latest by then it should
 * @param need how much the plant wants a move then, 0 to 100
 * @param readiness how well it takes one then, 0 to 100
 * @param foretold whether its readiness rests on roots that have not begun to show
 * @param open whether light and warmth let it be moved then
 */
public record Moment(
    List<WaitCondition> brings,
    LocalDate earliest,
    LocalDate likely,
    LocalDate latest,
    double need,
    double readiness,
    boolean foretold,
    boolean open) {

  /** What is waited for, and when. */
  public Wait awaited() {
    return new Wait(brings, earliest, likely, latest);
  }
}
