package almanac.app.errands.trainer;

import static almanac.core.words.Sentence.say;

import almanac.app.errands.whatif.OpenSituation;
import almanac.app.record.entries.LookEntry;
import almanac.core.figures.Figures;
import almanac.core.judgement.verdict.Asks;
import almanac.core.judgement.verdict.Verdict;
import almanac.core.kinds.StandardKinds;
import almanac.core.season.LightYear;
import almanac.core.trainer.TrainingCase;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Lazy;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/**
 * The cases that ship with the program. They are judged by the rules and kinds as they ship, so
 * that what is told of them stays true.
 */
@Component
@Lazy
class ShippedCases {
  static final String BEGINS = "made-up.";
  private static final String FILE = "trainer/cases.json";

  private final Map<String, Shipped> cases;

  ShippedCases() {
    try (var file = new ClassPathResource(FILE).getInputStream()) {
      cases =
          List.of(JsonMapper.builder().build().readValue(file, Shipped[].class)).stream()
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

  /**
   * A case as it stands in the file.
   *
   * @param shows what it is about
   * @param situation as the open interface takes it
   * @param knows what a look would show that nobody has taken
   * @param asks what is to be done, by what had been seen
   * @param how how; null where that is not the point
   */
  record Shipped(
      String key,
      String name,
      String shows,
      OpenSituation situation,
      Map<String, LookEntry> knows,
      Asks asks,
      @Nullable Verdict how,
      String done,
      String came) {
    TrainingCase asked() {
      var kind = StandardKinds.named(situation.kind()).orElseThrow();
      var day = Objects.requireNonNull(situation.on());
      var figures = Figures.standard();
      return new TrainingCase(
          situation.situation(
              kind,
              LightYear.at(situation.latitude(Double.NaN)),
              OpenSituation.Units.METRIC,
              day,
              figures),
          situation.approachOrHouse(),
          seen(day, figures));
    }

    private Map<almanac.core.inspection.LookSpot, almanac.core.inspection.Finding<?>> seen(
        LocalDate day, Figures figures) {
      return LookEntry.inspection(day, new LinkedHashMap<>(knows), figures).findings();
    }
  }

  /** Their names. */
  List<String> keys() {
    return List.copyOf(cases.keySet());
  }

  List<Shipped> all() {
    return List.copyOf(cases.values());
  }

  Optional<Told> named(String key) {
    return Optional.ofNullable(cases.get(key))
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
