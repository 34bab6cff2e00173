package almanac.core.treatments;

import java.util.UUID;

/**
 * How something is fought.
 *
 * @param uid by which the plants of one course are known
 * @param product what is used, as the collector types it; its label rules
 * @param foe what it is against
 * @param every how many days lie between one treatment and the next
 * @param times how often, from the beginning or from the last look that found something
 */
public record Course(UUID uid, String product, Foe foe, int every, int times) {
  /**
   * @throws IllegalArgumentException if it is nothing, or never
   */
  public Course {
    if (product.isBlank() || every < 1 || times < 1) {
      throw new IllegalArgumentException(
          "“%s” every %d days, %d times".formatted(product, every, times));
    }
  }
}
