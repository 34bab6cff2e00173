package almanac.app.errands.year;

import almanac.app.errands.benchdays.BenchDays;
import almanac.app.judged.judging.Judging;
import almanac.app.judged.judging.WorkedOut;
import almanac.app.record.collection.PlantInPlace;
import almanac.app.record.collection.Plants;
import almanac.app.record.collection.Walk;
import almanac.core.checks.diary.Courses;
import almanac.core.checks.diary.OpenCheck;
import almanac.core.year.PlantYear;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/**
 * The coming year of all plants; each line is worked out anew once what it rests on has changed.
 */
@Service
class YearAhead {
  private final Plants plants;
  private final Judging judging;
  private final BenchDays bench;
  private final WorkedOut<YearLine> lines = new WorkedOut<>();

  YearAhead(Plants plants, Judging judging, BenchDays bench) {
    this.plants = plants;
    this.judging = judging;
    this.bench = bench;
  }

  /** In the order of a walk. */
  List<YearLine> on(LocalDate today) {
    var basis = judging.basis(today);
    var laid = bench.laid(today);
    var all = new ArrayList<YearLine>();
    for (var plant : plants.all().stream().sorted(Walk.ORDER).toList()) {
      all.add(
          lines.of(plant, basis, () -> line(plant, today)).at(all.size(), laid.get(plant.id())));
    }
    return all;
  }

  private YearLine line(PlantInPlace plant, LocalDate today) {
    var judged = judging.judge(plant, today);
    var year = PlantYear.of(judging.evidence(plant, today), judged);
    return new YearLine(
        plant.id(),
        plant.called(),
        plant.kind().name(),
        plant.place().name(),
        0,
        year.opens(today).orElse(null),
        year.phases().stream()
            .map(phase -> new YearLine.YearPhase(phase.kind(), phase.from(), phase.until()))
            .toList(),
        year.meant()
            .map(
                meant ->
                    new YearLine.YearMeant(
                        meant.from(), meant.likely(), meant.until(), meant.waits()))
            .orElse(null),
        year.nextMove().orElse(null),
        year.due().orElse(null),
        year.spent().orElse(null),
        judging.checks(plant, today, judged).stream().map(YearAhead::look).toList(),
        treated(plant, today),
        null);
  }

  private @Nullable YearSpan treated(PlantInPlace plant, LocalDate today) {
    return new Courses(judging.figures())
        .treated(plant.plant())
        .map(course -> course.overFrom().isBefore(today) ? today : course.overFrom())
        .map(over -> new YearSpan(today, over))
        .orElse(null);
  }

  private static YearLine.YearLook look(OpenCheck open) {
    var window = open.check().window();
    return new YearLine.YearLook(
        open.check().title(), window.early(), window.best(), window.late());
  }
}
