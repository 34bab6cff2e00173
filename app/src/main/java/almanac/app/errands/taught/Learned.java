package almanac.app.errands.taught;

import almanac.app.record.rules.Rules;
import almanac.app.record.site.Settings;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Which of the collector's own figures were taken over from the record of the collection. */
@Service
public class Learned {
  private static final String SETTING = "learning.taken";
  private static final String BETWEEN = " ";
  private static final String IS = "=";

  private final Rules rules;
  private final Settings settings;

  Learned(Rules rules, Settings settings) {
    this.rules = rules;
    this.settings = settings;
  }

  /** Their values by their keys; one that was changed by hand since is none any more. */
  public Map<String, Double> figures() {
    var own = rules.own();
    return taken().entrySet().stream()
        .filter(each -> each.getValue().equals(own.get(each.getKey())))
        .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
  }

  /** Takes a figure over, or gives it back. */
  @Transactional
  public void take(String key, @Nullable Double value) {
    var changes = new HashMap<String, @Nullable Double>();
    changes.put(key, value);
    rules.change(changes);
    var taken = new TreeMap<>(taken());
    if (value == null) {
      taken.remove(key);
    } else {
      taken.put(key, value);
    }
    settings.set(
        SETTING,
        taken.entrySet().stream()
            .map(each -> each.getKey() + IS + each.getValue())
            .collect(Collectors.joining(BETWEEN)));
  }

  private Map<String, Double> taken() {
    return settings
        .get(SETTING)
        .filter(text -> !text.isBlank())
        .map(
            text ->
                Arrays.stream(text.split(BETWEEN))
                    .map(each -> each.split(IS))
                    .collect(Collectors.toMap(each -> each[0], each -> Double.valueOf(each[1]))))
        .orElse(Map.of());
  }
}
