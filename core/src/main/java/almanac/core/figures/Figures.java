package almanac.core.figures;

import almanac.core.refusals.Refused;
import java.util.Map;
import java.util.TreeMap;

/** The values in force: the defaults, and the collector's own values in their place. Immutable. */
public final class Figures {
  private static final Figures STANDARD = new Figures(Map.of());

  private final Map<String, Double> own;

  private Figures(Map<String, Double> own) {
    this.own = own;
  }

  /** The defaults. */
  public static Figures standard() {
    return STANDARD;
  }

  /** The value of a figure, in the figure's unit. */
  public double of(Figure figure) {
    return own.isEmpty() ? figure.standard() : own.getOrDefault(figure.key(), figure.standard());
  }

  /** The value of a figure counted in whole things, such as days, rounded. */
  public int count(Figure figure) {
    return (int) Math.round(of(figure));
  }

  /** Whether the figures of one part of the rules have the same values in both. */
  public boolean sameIn(FigureGroup group, Figures other) {
    return group.figures().stream().allMatch(figure -> of(figure) == other.of(figure));
  }

  /**
   * These figures with one of the collector's own.
   *
   * @throws Refused if the value lies outside the figure's range
   */
  public Figures with(Figure figure, double value) {
    if (!(value >= figure.least() && value <= figure.most())) {
      throw new Refused(
          figure,
          "%s can be from %s to %s %s."
              .formatted(figure.key(), figure.least(), figure.most(), figure.unit().words()));
    }
    var values = new TreeMap<>(own);
    values.put(figure.key(), value);
    return new Figures(Map.copyOf(values));
  }
}
