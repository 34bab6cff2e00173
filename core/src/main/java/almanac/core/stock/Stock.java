package almanac.core.stock;

import static almanac.core.words.Sentence.say;

import almanac.core.medium.Component;
import almanac.core.pot.Grade;
import almanac.core.pot.Pot;
import almanac.core.words.Measure;
import almanac.core.words.Sentence;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** All that lies ready. Immutable. Rules: Mix and fill. */
public record Stock(List<StockItem> items) {
  /** A pot that differs by less is the same size in the shop, mm. */
  private static final double SAME_MM = 5;

  public Stock {
    items = List.copyOf(items);
  }

  /**
   * What a need takes from the stock: never more than there is, the grade that is wanted first.
   * What is not kept in stock is taken from elsewhere.
   */
  public List<Draw> draws(StockNeed need) {
    var draws = new ArrayList<Draw>();
    for (var item : items) {
      double wanted = Collections.frequency(need.chosen(), item.uid());
      double taken = Math.min(wanted, item.amount());
      if (taken > 0) {
        draws.add(new Draw(item.uid(), taken, false, item.goods().words()));
      }
    }
    need.looseMl()
        .forEach(
            (component, ml) -> {
              double missing = ml;
              for (var item : loose(component, need.grade().orElse(null)).toList()) {
                double taken = Math.min(missing, item.amount());
                if (taken > 0) {
                  draws.add(new Draw(item.uid(), taken, true, item.goods().words()));
                  missing -= taken;
                }
              }
            });
    return List.copyOf(draws);
  }

  private Stream<StockItem> loose(Component component, @Nullable Grade wanted) {
    return items.stream()
        .filter(item -> item.goods() instanceof Goods.Loose loose && loose.component() == component)
        .sorted(
            Comparator.comparing(item -> ((Goods.Loose) item.goods()).grade() == wanted ? 0 : 1));
  }

  /** How much there is of a component, in all grades, ml. */
  public double ml(Component component) {
    return loose(component, null).mapToDouble(StockItem::amount).sum();
  }

  /** Whether a component is kept in stock at all. */
  public boolean keeps(Component component) {
    return loose(component, null).findAny().isPresent();
  }

  /** The pots that there are at least one of. */
  public List<StockItem> pots() {
    return items.stream()
        .filter(item -> item.goods() instanceof Goods.Pots && item.amount() >= 1)
        .toList();
  }

  /**
   * What runs short if all of these are met, as a shopping list; then what is out or low anyway.
   */
  public List<Sentence> lacking(List<StockNeed> needs) {
    var lacking = new ArrayList<Sentence>();
    pots(needs, lacking);
    var wanted = new EnumMap<Component, Double>(Component.class);
    needs.forEach(
        need -> need.looseMl().forEach((each, ml) -> wanted.merge(each, ml, Double::sum)));
    wanted.forEach(
        (component, ml) -> {
          double missing = Math.ceil(ml - ml(component));
          if (missing > 0) {
            lacking.add(say("{} of {}", Measure.ML.of(missing), component.words()));
          }
        });
    for (var item : items) {
      if (item.goods() instanceof Goods.Thing thing && item.level() != StockLevel.YES) {
        lacking.add(say("{} ({})", thing.name(), item.level().words()));
      }
    }
    return List.copyOf(lacking);
  }

  private void pots(List<StockNeed> needs, List<Sentence> lacking) {
    var left = new LinkedHashMap<UUID, Double>();
    pots().forEach(item -> left.put(item.uid(), item.amount()));
    var missing = new LinkedHashMap<Long, Integer>();
    for (var need : needs) {
      need.chosen().forEach(uid -> left.merge(uid, -1.0, Double::sum));
    }
    for (var need : needs) {
      for (var pot : need.pots()) {
        if (!taken(pot, left)) {
          missing.merge(Math.round(Objects.requireNonNull(pot.diameterMm())), 1, Integer::sum);
        }
      }
    }
    missing.forEach(
        (across, count) ->
            lacking.add(
                say(
                    "{} {} of {}",
                    Measure.COUNT.of(count),
                    count == 1 ? "pot" : "pots",
                    Measure.MM.of(across))));
  }

  private boolean taken(Pot pot, Map<UUID, Double> left) {
    for (var item : pots()) {
      var there = ((Goods.Pots) item.goods()).pot();
      double differs =
          Math.abs(
              Objects.requireNonNull(there.diameterMm())
                  - Objects.requireNonNull(pot.diameterMm()));
      if (differs <= SAME_MM && left.getOrDefault(item.uid(), 0.0) >= 1) {
        left.merge(item.uid(), -1.0, Double::sum);
        return true;
      }
    }
    return false;
  }
}
