package almanac.core.judgement.risk;

/**
 * What one way of moving a plant breaks on one day.
 *
 * @param tips share of the new root tips that would break, 0 to 1
 * @param lost share of them that would be lost for good, 0 to 1
 */
public record Broken(double tips, double lost) {}
