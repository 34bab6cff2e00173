package almanac.core.history;

/**
 * Where a plant stands.
 *
 * @param place the shelf, sill or stage, by its number
 * @param position along the walk; the plants of a place stand in the order of their positions
 */
public record Stand(long place, double position) {}
