package almanac.core.stock;

import almanac.core.medium.Component;
import almanac.core.pot.Grade;
import almanac.core.pot.Pot;
import org.jspecify.annotations.Nullable;

/** Something that lies ready for the bench. */
public sealed interface Goods {

  /** What it is, without how much of it there is. */
  String words();

  /** Pots of one size, by number; each measured across. */
  record Pots(Pot pot) implements Goods {
    @Override
    public String words() {
      return pot.type().words();
    }
  }

  /**
   * A component of mixes, in ml.
   *
   * @param grade how coarse it is; null where its name says so, or nobody does
   */
  record Loose(Component component, @Nullable Grade grade) implements Goods {
    @Override
    public String words() {
      return grade == null
          ? component.words()
          : "%s, %s".formatted(component.words(), grade.words());
    }
  }

  /** Whatever is used up, such as labels or a dressing, by {@link StockLevel}. */
  record Thing(String name) implements Goods {
    @Override
    public String words() {
      return name;
    }
  }
}
