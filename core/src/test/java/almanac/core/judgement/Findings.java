package almanac.core.judgement;

import almanac.core.history.Aim;
import almanac.core.history.Approach;
import almanac.core.inspection.Item;
import almanac.core.inspection.LookSpot;
import almanac.core.medium.Component;
import almanac.core.medium.Mix;
import almanac.core.words.Answer;
import java.time.LocalDate;
import java.time.Month;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;

/** Reads a situation as a grower tells it, from one row of {@code situations.csv}. */
final class Findings {
  private Findings() {}

  static PlantAtHand plant(
      String kind, String where, int months, String medium, String told, String looks) {
    var plant = PlantAtHand.of(kind, day(where));
    if (where.contains("south")) {
      plant.inTheSouth();
    }
    if (where.contains("warm")) {
      plant.atAMeanOf(24);
    }
    if (where.contains("lit")) {
      plant.underLights();
    }
    if (where.contains("cold")) {
      plant.atAMeanOf(9);
    }
    plant.potted(months, mix(medium));
    words(told, ", ").forEach(word -> tell(plant, word));
    words(looks, " \\| ").forEach(look -> see(plant, look.split("=")));
    return plant;
  }

  /** The middle of the month that is named; that of December and of May are the tests' own days. */
  private static LocalDate day(String where) {
    var month = Month.valueOf(where.replaceAll(".* in ", "").toUpperCase(Locale.ROOT));
    return switch (month) {
      case DECEMBER -> PlantAtHand.DECEMBER;
      case MAY -> PlantAtHand.MAY;
      default -> LocalDate.of(2027, month, 15);
    };
  }

  private static List<String> words(String text, String between) {
    return text == null ? List.of() : List.of(text.split(between));
  }

  /** {@code medium bark}, or {@code pumice 3 : medium bark 1}. */
  private static Mix mix(String words) {
    var parts = new EnumMap<Component, Double>(Component.class);
    for (var part : words.split(" : ")) {
      var name = part.replaceAll(" \\d+$", "");
      var amount = part.substring(name.length());
      parts.put(component(name), amount.isEmpty() ? 1 : Double.parseDouble(amount));
    }
    return new Mix(parts);
  }

  private static Component component(String words) {
    if (words.equals("sphagnum")) {
      return Component.SPHAGNUM_BEST;
    }
    return Arrays.stream(Component.values())
        .filter(each -> each.words().equals(words))
        .findFirst()
        .orElseThrow(() -> new IllegalArgumentException(words));
  }

  private static void tell(PlantAtHand plant, String word) {
    if (word.startsWith("came rootless")) {
      plant.arrivedRootless(Integer.parseInt(word.replaceAll("\\D", "")));
    } else if (word.startsWith("came")) {
      plant.arrived(Integer.parseInt(word.replaceAll("\\D", "")));
    } else {
      Arrays.stream(Aim.values()).filter(aim -> aim.words().equals(word)).forEach(plant::aim);
    }
  }

  static Approach approach(String told) {
    return words(told, ", ").stream()
        .flatMap(
            word ->
                Arrays.stream(Approach.values())
                    .filter(approach -> approach.words().equalsIgnoreCase(word)))
        .findFirst()
        .orElse(Approach.HOUSE_RULES);
  }

  private static void see(PlantAtHand plant, String[] look) {
    var spot = LookSpot.named(look[0]).orElseThrow(() -> new IllegalArgumentException(look[0]));
    see(plant, spot, spot.item(), look[1]);
  }

  /** A number is what was measured, anything else an answer in its words. */
  private static <A extends Enum<A> & Answer> void see(
      PlantAtHand plant, LookSpot spot, Item<A> item, String words) {
    if (words.matches("-?\\d+")) {
      plant.measured(item, spot.lead(), Double.parseDouble(words));
      return;
    }
    plant.saw(
        item,
        spot.lead(),
        item.answers().stream()
            .filter(answer -> answer.words().equals(words))
            .findFirst()
            .orElseThrow(() -> new IllegalArgumentException(item + ": " + words)));
  }
}
