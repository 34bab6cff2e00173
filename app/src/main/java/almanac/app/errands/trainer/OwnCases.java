package almanac.app.errands.trainer;

import static almanac.core.words.Sentence.say;

import almanac.app.errands.taught.Remembered;
import almanac.app.judged.judging.Judging;
import almanac.app.judged.judging.OfEverybody;
import almanac.app.record.collection.PlantInPlace;
import almanac.app.record.collection.Plants;
import almanac.app.record.site.Today;
import almanac.core.taught.MoveTold;
import almanac.core.trainer.Lookback;
import almanac.core.trainer.TrainingCase;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** The cases that the collection's own past makes. */
@Component
class OwnCases {
  static final String BEGINS = "own.";

  private final Plants plants;
  private final Remembered remembered;
  private final Judging judging;
  private final Today today;
  private final OfEverybody<List<String>> known = new OfEverybody<>();

  OwnCases(Plants plants, Remembered remembered, Judging judging, Today today) {
    this.plants = plants;
    this.remembered = remembered;
    this.judging = judging;
    this.today = today;
  }

  /** Their names. */
  List<String> keys() {
    var everybody = plants.everybody();
    return known.of(everybody, judging.basis(today.get()), () -> keys(everybody));
  }

  private List<String> keys(List<PlantInPlace> everybody) {
    var past = remembered.all(everybody);
    var keys = new ArrayList<String>();
    for (int i = 0; i < everybody.size(); i++) {
      for (var day : lookbacks(past.get(i))) {
        keys.add(key(everybody.get(i), day));
      }
    }
    return keys;
  }

  private List<Lookback> lookbacks(Remembered.Past past) {
    return Lookback.of(past.looks(), past.moves(), today.get(), judging.figures());
  }

  private static String key(PlantInPlace plant, Lookback day) {
    return BEGINS + plant.plant().uid() + "." + day.on();
  }

  Optional<Told> named(String key) {
    return plants.everybody().stream()
        .filter(plant -> key.startsWith(BEGINS + plant.plant().uid()))
        .findFirst()
        .flatMap(
            plant -> {
              var past = remembered.of(plant);
              return lookbacks(past).stream()
                  .filter(day -> key(plant, day).equals(key))
                  .findFirst()
                  .flatMap(day -> told(plant, day, past));
            });
  }

  private Optional<Told> told(PlantInPlace plant, Lookback day, Remembered.Past past) {
    var whole = plants.whole(plant.id());
    var figures = judging.figures();
    var move =
        past.moves().stream()
            .filter(record -> record.move().on().equals(day.moved()))
            .map(record -> MoveTold.of(record, today.get(), figures))
            .findFirst()
            .orElseThrow();
    return whole
        .until(day.on())
        .map(plant::as)
        .map(
            then ->
                new Told(
                    plant.called(),
                    Optional.of(plant.id()),
                    new TrainingCase(
                        judging.situationThen(then, day.on()),
                        judging.approach(plant),
                        day.knows(whole, figures)),
                    "",
                    say("{}: {}.", day.moved(), move.move().sort().words()),
                    move.afterwards().words(move.move())));
  }
}
