package almanac.core.medium;

import almanac.core.figures.Figures;
import almanac.core.refusals.Entered;
import almanac.core.refusals.Refused;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * A potting mix: components in parts by volume.
 *
 * @param parts component → parts, each above 0 and at most 100, at least one
 */
public record Mix(Map<Component, Double> parts) {
  private static final double MOST_PARTS = 100;

  /**
   * @throws Refused if there is no component, or a number of parts is not above 0 and at most 100
   */
  public Mix {
    if (parts.isEmpty()) {
      throw new Refused(Entered.MIX, "A mix needs at least one component.");
    }
    parts.forEach(
        (component, amount) -> {
          if (!(amount > 0 && amount <= MOST_PARTS)) {
            throw new Refused(
                Entered.MIX, "%s: parts go from above 0 to 100.".formatted(component.words()));
          }
        });
    parts = Map.copyOf(parts);
  }

  /** A mix of one component alone. */
  public static Mix of(Component component) {
    return new Mix(Map.of(component, 1.0));
  }

  /** This mix with so many parts of one component more. */
  public Mix and(Component component, double amount) {
    var more = new EnumMap<Component, Double>(parts);
    more.merge(component, amount, Double::sum);
    return new Mix(more);
  }

  /** Share of the volume, 0 to 1. */
  public double share(Component component) {
    double all = 0;
    for (double amount : parts.values()) {
      all += amount;
    }
    return parts.getOrDefault(component, 0.0) / all;
  }

  /** Whether nothing in it decays, so that it has no clock. */
  public boolean inert() {
    for (var component : parts.keySet()) {
      if (component.organic()) {
        return false;
      }
    }
    return true;
  }

  /** Whether everybody knows what it is. */
  public boolean known() {
    return !parts.containsKey(Component.UNKNOWN);
  }

  /** Whether it is no mix at all but a slab or branch. */
  public boolean mounted() {
    return share(Component.MOUNT) == 1;
  }

  /**
   * Life used in a month at the temperature the lives are given for, dried between waterings: the
   * fastest component of a quarter of the volume or more governs the whole; smaller amounts count
   * by volume. Whichever is faster, so that something faster in the place of a part never makes a
   * mix last longer.
   *
   * @return share of the life, 0 for an inert mix
   */
  public double useAMonth(Figures figures) {
    double byVolume = 0;
    double governing = 0;
    double governs = figures.of(MediumFigures.GOVERNING_SHARE) / 100;
    for (var component : parts.keySet()) {
      if (component.life().isEmpty()) {
        continue;
      }
      double use = 1 / figures.of(component.life().get());
      double share = share(component);
      byVolume += share * use;
      if (share >= governs) {
        governing = Math.max(governing, use);
      }
    }
    return Math.max(byVolume, governing);
  }

  /** As a grower says it: {@code medium bark 3 : perlite 1}. */
  public String words() {
    return parts.entrySet().stream()
        .sorted(
            Map.Entry.<Component, Double>comparingByValue(Comparator.reverseOrder())
                .thenComparing(Map.Entry.comparingByKey()))
        .map(
            part ->
                parts.size() == 1
                    ? part.getKey().words()
                    : part.getKey().words() + " " + trimmed(part.getValue()))
        .collect(Collectors.joining(" : "));
  }

  private static String trimmed(double amount) {
    return amount == Math.rint(amount) ? String.valueOf((long) amount) : String.valueOf(amount);
  }
}
