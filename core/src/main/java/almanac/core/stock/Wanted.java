package almanac.core.stock;

import java.time.LocalDate;

/**
 * What a job takes from the stock, and when.
 *
 * @param by the day of the job
 * @param chance how likely it comes to that, above 0 to 1
 */
public record Wanted(LocalDate by, double chance, StockNeed need) {}
