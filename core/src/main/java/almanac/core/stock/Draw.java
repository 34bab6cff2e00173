package almanac.core.stock;

import java.util.UUID;

/**
 * So much was taken from the stock.
 *
 * @param item what it was taken of
 * @param amount pots by number, components in ml; under 0 if it was put back
 * @param ml whether it is measured, not counted
 * @param words what it was called then
 */
public record Draw(UUID item, double amount, boolean ml, String words) {}
