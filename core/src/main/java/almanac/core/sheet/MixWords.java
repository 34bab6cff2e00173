package almanac.core.sheet;

import almanac.core.medium.Component;
import almanac.core.medium.Mix;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;

/** What people call what they pot in. */
final class MixWords {
  private static final Map<String, Component> CALLED = new LinkedHashMap<>();

  static {
    // The longer of two names that both fit is written first.
    called(Component.BARK_FINE, "fine bark, small bark, seedling bark");
    called(Component.BARK_COARSE, "coarse bark, large bark, big bark");
    called(Component.BARK_PREMIUM, "premium bark, hard bark, resinous bark");
    called(Component.BARK_MEDIUM, "medium bark, bark");
    called(Component.SPHAGNUM_BASKET, "basket moss");
    called(Component.SPHAGNUM_BEST, "sphagnum, moss, sphag");
    called(Component.COCONUT_CHIPS, "coconut chips, husk chips, coco chips, coconut husk, husk");
    called(Component.COCONUT_FIBRE, "coconut fibre, coconut fiber, coir, coco, peat, plug");
    called(Component.TREE_FERN, "tree fern, treefern");
    called(Component.CORK_CHARCOAL, "charcoal, cork");
    called(Component.POTTING_SOIL, "potting soil, soil, compost");
    called(Component.PUMICE, "pumice");
    called(Component.LAVA, "lava, lava rock, scoria");
    called(Component.FIRED_CLAY, "fired clay, clay pebbles, clay balls, expanded clay, clay");
    called(Component.PERLITE, "perlite, sponge rock");
    called(Component.GRAVEL, "gravel, stones, rock");
    called(Component.SYNTHETIC_FIBRE, "synthetic fibre, rockwool, rock wool");
    called(Component.MOUNT, "mount, mounted, slab, bare root");
  }

  private static final Pattern BETWEEN =
      Pattern.compile("\\s*(?:[/+,;&:]|\\band\\b|\\bwith\\b)\\s*");
  private static final Pattern RATIO =
      Pattern.compile("\\(?\\b(\\d{1,2}(?:\\.\\d)?(?: ?[:/] ?\\d{1,2}(?:\\.\\d)?)+)\\b\\)?");
  private static final Pattern AMOUNT =
      Pattern.compile("\\b(\\d{1,3}(?:\\.\\d)?) ?%?(?: ?parts?\\b)?");
  private static final double MOST_PARTS = 100;

  private MixWords() {}

  private static void called(Component component, String names) {
    for (var name : names.split(", ")) {
      CALLED.put(name, component);
    }
  }

  /**
   * The mix that some words speak of: {@code bark}, {@code bark/perlite 3:1}, {@code 3 parts bark,
   * 1 perlite}; nothing if any of them is not known.
   */
  static Optional<Mix> read(String text) {
    var plain = text.strip().toLowerCase(Locale.ROOT);
    var ratio = RATIO.matcher(plain);
    var amounts = new ArrayList<Double>();
    if (ratio.find()) {
      for (var part : ratio.group(1).split("[:/]")) {
        amounts.add(Double.parseDouble(part.strip()));
      }
      plain = plain.substring(0, ratio.start()) + plain.substring(ratio.end());
    }
    return mix(List.of(BETWEEN.split(plain.strip())), amounts);
  }

  private static Optional<Mix> mix(List<String> names, List<Double> amounts) {
    if (!amounts.isEmpty() && amounts.size() != names.size()) {
      return Optional.empty();
    }
    var parts = new EnumMap<Component, Double>(Component.class);
    for (int i = 0; i < names.size(); i++) {
      var component = component(names.get(i));
      double amount = amounts.isEmpty() ? amount(names.get(i)) : amounts.get(i);
      if (component.isEmpty() || amount <= 0 || amount > MOST_PARTS) {
        return Optional.empty();
      }
      parts.merge(component.get(), amount, Double::sum);
    }
    return Optional.of(new Mix(parts));
  }

  private static double amount(String part) {
    var amount = AMOUNT.matcher(part);
    return amount.find() ? Double.parseDouble(amount.group(1)) : 1;
  }

  private static Optional<Component> component(String part) {
    var plain = Plain.words(part);
    return CALLED.entrySet().stream()
        .filter(each -> Plain.stands(each.getKey(), plain))
        .map(Map.Entry::getValue)
        .findFirst();
  }
}
