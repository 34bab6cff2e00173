package almanac.app.errands.trainer;

import almanac.app.ground.refusals.NotFound;
import almanac.app.record.rules.Rules;
import almanac.core.figures.Figures;
import almanac.core.trainer.QuickCase;
import java.util.List;
import org.springframework.stereotype.Component;

/** All that can be asked. */
@Component
class Cases {
  private final ShippedCases shipped;
  private final OwnCases own;
  private final Rules rules;

  Cases(ShippedCases shipped, OwnCases own, Rules rules) {
    this.shipped = shipped;
    this.own = own;
    this.rules = rules;
  }

  /**
   * The names of all cases.
   *
   * @param own those of the collection's own past
   */
  record Keys(List<String> shipped, List<String> own, List<String> drawings) {
    List<List<String>> sorts() {
      return List.of(shipped, own, drawings);
    }

    int count() {
      return shipped.size() + own.size() + drawings.size();
    }
  }

  Keys keys() {
    return new Keys(
        shipped.keys(), own.keys(), QuickCase.all().stream().map(QuickCase::key).toList());
  }

  /**
   * The plant of that name.
   *
   * @throws NotFound if there is none
   */
  Told told(String key) {
    return shipped.named(key).or(() -> own.named(key)).orElseThrow(() -> none(key));
  }

  /**
   * The drawing of that name.
   *
   * @throws NotFound if there is none
   */
  QuickCase drawn(String key) {
    return QuickCase.named(key).orElseThrow(() -> none(key));
  }

  /** By what a case is judged: what was made up, by the rules as they ship. */
  Figures figures(String key) {
    return key.startsWith(ShippedCases.BEGINS) ? Figures.standard() : rules.figures();
  }

  private static NotFound none(String key) {
    return new NotFound("There is no case “%s”.".formatted(key));
  }
}
