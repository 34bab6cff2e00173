package almanac.core.stock;

import static almanac.core.words.Sentence.say;

import almanac.core.medium.Component;
import almanac.core.pot.Pot;
import almanac.core.words.Measure;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;

/**
 * One sum of all that jobs take from the stock: what runs short, and by when it must be there. What
 * may not be needed counts by its chance. Rules: Mix and fill, What runs short.
 */
public final class Shopping {
  /** A pot that differs by less is the same size in the shop, mm. */
  private static final double SAME_MM = 5;

  /** So that sums of chances such as a tenth come out whole. */
  private static final double NEXT_TO_NOTHING = 1e-9;

  private final Stock stock;
  private final List<Wanted> wanted;

  private Shopping(Stock stock, List<Wanted> wanted) {
    this.stock = stock;
    this.wanted = wanted.stream().sorted(Comparator.comparing(Wanted::by)).toList();
  }

  /** The shopping list: what is needed first stands first, then what is out or low anyway. */
  public static List<Lack> of(Stock stock, List<Wanted> wanted) {
    return new Shopping(stock, wanted).lacks();
  }

  /** What of pots and components is missing, and since the first job for which there is none. */
  public static Map<Ware, Missing> missing(Stock stock, List<Wanted> wanted) {
    return new Shopping(stock, wanted).missing();
  }

  /** What is used up of things that nobody counts, one for a plant, and since which job. */
  public static Map<Ware, Missing> usedUp(List<Wanted> wanted) {
    var used = new LinkedHashMap<Ware, Missing>();
    for (var each : wanted.stream().sorted(Comparator.comparing(Wanted::by)).toList()) {
      each.need()
          .supplies()
          .forEach(
              (supply, count) -> {
                if (supply.counted()) {
                  used.merge(
                      new Ware.UsedUp(supply),
                      new Missing(each.by(), count * each.chance()),
                      Missing::and);
                }
              });
    }
    return used;
  }

  /**
   * So much of something is missing.
   *
   * @param by the day of the first job for which there is none
   * @param amount more than 0
   */
  public record Missing(LocalDate by, double amount) {
    private Missing and(Missing more) {
      return new Missing(by, amount + more.amount);
    }
  }

  private List<Lack> lacks() {
    return Stream.concat(
            missing().entrySet().stream()
                .map(
                    each ->
                        new Lack(
                            each.getKey().words(whole(each.getValue())),
                            Optional.of(each.getValue().by))),
            low().stream())
        .sorted(Comparator.comparing(lack -> lack.by().orElse(LocalDate.MAX)))
        .toList();
  }

  private Map<Ware, Missing> missing() {
    var missing = new LinkedHashMap<Ware, Missing>();
    pots(missing);
    loose(missing);
    return missing;
  }

  private void loose(Map<Ware, Missing> missing) {
    var left = new EnumMap<Component, Double>(Component.class);
    var parts = new EnumMap<Component, Missing>(Component.class);
    for (var each : wanted) {
      each.need()
          .looseMl()
          .forEach(
              (component, ml) -> {
                double there = left.computeIfAbsent(component, stock::ml);
                double lacking = ml * each.chance() - there;
                left.put(component, Math.max(0, -lacking));
                if (lacking > NEXT_TO_NOTHING) {
                  parts.merge(component, new Missing(each.by(), lacking), Missing::and);
                }
              });
    }
    parts.forEach((component, amount) -> missing.put(new Ware.Part(component), amount));
  }

  private void pots(Map<Ware, Missing> missing) {
    var left = new HashMap<UUID, Double>();
    stock.pots().forEach(item -> left.put(item.uid(), item.amount()));
    wanted.forEach(
        each -> each.need().chosen().forEach(uid -> left.merge(uid, -each.chance(), Double::sum)));
    for (var each : wanted) {
      for (var pot : each.need().pots()) {
        if (!taken(pot, each.chance(), left)) {
          missing.merge(
              new Ware.Size(pot.type(), Math.round(across(pot))),
              new Missing(each.by(), each.chance()),
              Missing::and);
        }
      }
    }
  }

  /** One of its own type before one of another; none is better than none. */
  private boolean taken(Pot pot, double chance, Map<UUID, Double> left) {
    var there =
        stock.pots().stream()
            .filter(item -> Math.abs(across(pot(item)) - across(pot)) <= SAME_MM)
            .filter(item -> left.getOrDefault(item.uid(), 0.0) >= chance - NEXT_TO_NOTHING)
            .min(Comparator.comparing(item -> pot(item).type() == pot.type() ? 0 : 1));
    there.ifPresent(item -> left.merge(item.uid(), -chance, Double::sum));
    return there.isPresent();
  }

  private List<Lack> low() {
    var low = new ArrayList<Lack>();
    for (var item : stock.items()) {
      if (item.goods() instanceof Goods.Thing thing && item.level() != StockLevel.YES) {
        low.add(low(thing, item.level()));
      }
    }
    return low;
  }

  /** By how many jobs want it, and the first that does; any job may want what nobody counts. */
  private Lack low(Goods.Thing thing, StockLevel level) {
    var supplies = Arrays.stream(Supply.values()).filter(each -> each.isIn(thing)).toList();
    var first = wanted.stream().filter(each -> supplies.isEmpty() || of(supplies, each) > 0);
    var counted = supplies.stream().filter(Supply::counted).toList();
    double count =
        Math.ceil(
            wanted.stream().mapToDouble(each -> of(counted, each) * each.chance()).sum()
                - NEXT_TO_NOTHING);
    return new Lack(
        count > 0
            ? say("{}, {} wanted ({})", thing.name(), Measure.COUNT.of(count), level.words())
            : say("{} ({})", thing.name(), level.words()),
        first.findFirst().map(Wanted::by));
  }

  private static int of(List<Supply> supplies, Wanted wanted) {
    return supplies.stream()
        .mapToInt(supply -> wanted.need().supplies().getOrDefault(supply, 0))
        .max()
        .orElse(0);
  }

  private static double whole(Missing missing) {
    return Math.ceil(missing.amount - NEXT_TO_NOTHING);
  }

  private static Pot pot(StockItem item) {
    return ((Goods.Pots) item.goods()).pot();
  }

  private static double across(Pot pot) {
    return Objects.requireNonNull(pot.diameterMm());
  }
}
