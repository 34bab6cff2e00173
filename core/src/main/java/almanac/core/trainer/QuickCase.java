package almanac.core.trainer;

import almanac.core.inspection.Item;
import almanac.core.inspection.Items;
import almanac.core.words.Answer;
import java.util.List;
import java.util.Optional;

/**
 * A drawing that is to be named. Rules: The trainer.
 *
 * @param item what is drawn
 * @param shown the answer that it shows
 */
public record QuickCase(Item<?> item, Answer shown) {
  /** What a grower has to tell apart at a glance. */
  private static final List<Item<?>> DRAWN =
      List.of(Items.NEW_ROOTS, Items.ROOTS_IN_POT, Items.SMELL, Items.MEDIUM_PIECE);

  private static final String BEGINS = "drawing.";

  /** All of them, in the order in which growers look. */
  public static List<QuickCase> all() {
    return DRAWN.stream()
        .flatMap(
            item ->
                item.answers().stream()
                    .map(Answer.class::cast)
                    .map(answer -> new QuickCase(item, answer)))
        .toList();
  }

  /** The one of that name, if there is one. */
  public static Optional<QuickCase> named(String key) {
    return key.startsWith(BEGINS)
        ? all().stream().filter(each -> each.key().equals(key)).findFirst()
        : Optional.empty();
  }

  /** The name under which its answers are kept. */
  public String key() {
    return BEGINS + item.key() + "." + shown.name();
  }

  /** What it was taken for, held against what it shows. */
  public Mark mark(String taken) {
    return shown.name().equals(taken) ? Mark.RIGHT : Mark.MISTOOK;
  }
}
