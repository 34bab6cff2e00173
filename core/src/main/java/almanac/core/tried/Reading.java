package almanac.core.tried;

import almanac.core.inspection.Finding;
import almanac.core.inspection.LookSpot;
import java.time.LocalDate;

/** What was seen of one thing on a day. */
public record Reading(LocalDate on, LookSpot spot, Finding<?> finding) {}
