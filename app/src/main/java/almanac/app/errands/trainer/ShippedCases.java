package almanac.app.errands.trainer;

import static almanac.core.words.Sentence.say;

import almanac.app.errands.whatif.OpenSituation;
import almanac.app.record.entries.LookEntry;
import almanac.core.figures.Figures;
import almanac.core.inspection.Finding;
import almanac.core.inspection.LookSpot;
import almanac.core.judgement.verdict.Asks;
import almanac.core.judgement.verdict.Verdict;
import almanac.core.kinds.StandardKinds;
import almanac.core.season.LightYear;
import almanac.core.trainer.TrainingCase;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/**
 * The cases that ship with the program. They are judged by the rules and kinds as they ship, so
 * that what is told of them stays true.
 */
@Component
public class ShippedCases {
  static final String BEGINS = "made-up.";
  private static final String FILE = "trainer/cases.json";

  /** Read when it is first asked for, so that no start waits for it. */
  private static final class File {
    static final Map<String, Shipped> CASES = read();
    static final Map<Double, LightYear> LIGHT =
        CASES.values().stream()
            .map(Shipped::latitude)
            .distinct()
            .collect(Collectors.toMap(Function.identity(), LightYear::at));

    private static Map<String, Shipped> read() {
      try (var file = new ClassPathResource(FILE).getInputStream()) {
        return Stream.of(JsonMapper.builder().build().readValue(file, Shipped[].class))
            .collect(
                Collectors.toMap(
                    each -> BEGINS + each.key(),
                    Function.identity(),
                    (one, other) -> {
                      throw new IllegalStateException("Two cases are " + one.key());
                    },
                    LinkedHashMap::new));
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
    }
  }

  /**
   * A case as it stands in the file.
   *
   * @param shows what it is about
   * @param situation as the open interface takes it
   * @param knows what a look would show that nobody has taken
   * @param asks what is to be done, by what had been seen
   * @param how how; null where that is not the point
   */
  public record Shipped(
      String key,
      String name,
      String shows,
      OpenSituation situation,
      Map<String, LookEntry> knows,
      Asks asks,
      @Nullable Verdict how,
      String done,
      String came) {
    /** As it is asked. */
    public TrainingCase asked() {
      var kind = StandardKinds.named(situation.kind()).orElseThrow();
      var day = Objects.requireNonNull(situation.on());
      var figures = Figures.standard();
      return new TrainingCase(
          situation.situation(
              kind, File.LIGHT.get(latitude()), OpenSituation.Units.METRIC, day, figures),
          situation.approachOrHouse(),
          seen(day, figures));
    }

    private double latitude() {
      return situation.latitude(Double.NaN);
    }

    private Map<LookSpot, Finding<?>> seen(LocalDate day, Figures figures) {
      return LookEntry.inspection(day, new LinkedHashMap<>(knows), figures).findings();
    }
  }

  /** Their names. */
  public List<String> keys() {
    return List.copyOf(File.CASES.keySet());
  }

  /** All of them, by their names. */
  public Map<String, Shipped> byKey() {
    return Collections.unmodifiableMap(File.CASES);
  }

  List<Shipped> all() {
    return List.copyOf(File.CASES.values());
  }

  Optional<Told> named(String key) {
    return Optional.ofNullable(File.CASES.get(key))
        .map(
            each ->
                new Told(
                    each.name(),
                    Optional.empty(),
                    each.asked(),
                    each.shows(),
                    say(each.done()),
                    say(each.came())));
  }
}
