package almanac.core.sheet;

import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What the collection has already.
 *
 * @param kinds names of kinds by their keys
 * @param places names of places by their ids, in the order of the walk
 * @param numbers of all plants that have one
 * @param names of all plants that are here
 */
public record Known(
    Map<String, String> kinds, Map<Long, String> places, Set<String> numbers, List<String> names) {}
