package almanac.core.history;

/**
 * Where a plant is in its life here.
 *
 * @param because to whom it went or what it died of; may be empty while it is here
 */
public record Fate(PlantStatus status, String because) {
  /** As every plant begins. */
  public static final Fate GROWING = new Fate(PlantStatus.GROWING, "");
}
