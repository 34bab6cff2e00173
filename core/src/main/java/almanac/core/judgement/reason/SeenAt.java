package almanac.core.judgement.reason;

import almanac.core.inspection.LookSpot;
import java.time.LocalDate;

/**
 * The look a reason rests on.
 *
 * @param spot where somebody looked
 * @param on the day
 */
public record SeenAt(LookSpot spot, LocalDate on) {}
