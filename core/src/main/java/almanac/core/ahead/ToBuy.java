package almanac.core.ahead;

import almanac.core.stock.Ware;
import java.time.LocalDate;

/**
 * Something that has to be bought for the coming year. Rules: The year ahead.
 *
 * @param amount so much that it suffices, more than 0
 * @param by when the first of it must be there
 */
public record ToBuy(Ware ware, double amount, LocalDate by) {}
