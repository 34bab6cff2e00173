package almanac.core.judgement.moments;

import java.time.LocalDate;

/**
 * How much a plant wants a move on a day, and how well it would take one then. Rules: The moments
 * ahead.
 *
 * @param need points, 0 to 100
 * @param readiness points, 0 to 100
 * @param open whether light and warmth carry then what can wait
 */
public record DayAhead(LocalDate day, Reach need, Reach readiness, boolean open) {}
