package almanac.app.errands.treatments;

import almanac.app.ground.refusals.BadEntry;
import almanac.app.judged.judging.Judging;
import almanac.app.record.collection.Keeping;
import almanac.app.record.collection.PlantInPlace;
import almanac.app.record.collection.Plants;
import almanac.app.record.collection.Walk;
import almanac.app.record.collection.Written;
import almanac.app.record.journal.NewAct;
import almanac.core.checks.diary.Bookings;
import almanac.core.history.Booking;
import almanac.core.history.Happening;
import almanac.core.inspection.Fix;
import almanac.core.judgement.verdict.SmallJob;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The small jobs of all plants: what their slips name, and what the collector wants besides. */
@Service
class SmallJobs {
  private final Plants plants;
  private final Judging judging;
  private final Keeping keeping;

  SmallJobs(Plants plants, Judging judging, Keeping keeping) {
    this.plants = plants;
    this.judging = judging;
    this.keeping = keeping;
  }

  /**
   * One of them.
   *
   * @param job of the slip; null if it is the collector's own
   * @param task the collector's own; null if it is of the slip
   * @param booking the booking by which it is due; null if it is due until it is done
   */
  record ToDo(
      PlantInPlace plant,
      @Nullable SmallJob job,
      @Nullable String task,
      @Nullable Booking booking) {
    Happening done(LocalDate today) {
      return booking == null
          ? new Happening.Done(String.valueOf(task))
          : Bookings.met(booking, today);
    }
  }

  /** In the order of a round. */
  List<ToDo> on(LocalDate today) {
    return plants.all().stream().sorted(Walk.ROUND).flatMap(plant -> of(plant, today)).toList();
  }

  /** Those of one plant. */
  List<ToDo> of(long plant, LocalDate today) {
    return of(plants.one(plant), today).toList();
  }

  private Stream<ToDo> of(PlantInPlace plant, LocalDate today) {
    return Stream.of(
            judging.judge(plant, today).besides().smallJobs().stream()
                .map(job -> new ToDo(plant, job, null, null)),
            plant.card().inHand().tasks().stream().map(task -> new ToDo(plant, null, task, null)),
            Bookings.jobs(plant.plant(), today).stream()
                .map(booking -> new ToDo(plant, null, booking.words(), booking)))
        .flatMap(Function.identity());
  }

  /** What was ticked off on one plant. */
  record Ticked(long plant, @Nullable Fix fix, @Nullable String task) {}

  /**
   * Writes what was done into each journal, as one act.
   *
   * @throws BadEntry naming what is not to be done any more; then nothing is written
   */
  @Transactional
  Written done(List<Ticked> ticked, LocalDate today) {
    var happenings = new LinkedHashMap<Long, List<Happening>>();
    for (int i = 0; i < ticked.size(); i++) {
      var each = ticked.get(i);
      var plant = plants.one(each.plant());
      var path = "done[%d]".formatted(i);
      var todo =
          of(plant, today)
              .filter(one -> same(one, each))
              .findFirst()
              .orElseThrow(
                  () ->
                      new BadEntry(path, "%s has no such job any more.".formatted(plant.called())));
      happenings
          .computeIfAbsent(each.plant(), id -> new ArrayList<>())
          .add(each.fix() != null ? new Happening.Fixed(each.fix(), today) : todo.done(today));
    }
    return keeping.write(NewAct.of(today, happenings), today);
  }

  private static boolean same(ToDo todo, Ticked ticked) {
    return ticked.fix() != null
        ? todo.job() != null && todo.job().fix() == ticked.fix()
        : todo.task() != null && todo.task().equals(ticked.task());
  }

  /** Gives some plants a small job of the collector's own. */
  Written ask(String task, List<Long> ids, LocalDate today) {
    Map<Long, List<Happening>> happenings = new LinkedHashMap<>();
    ids.forEach(id -> happenings.put(plants.one(id).id(), List.of(new Happening.Asked(task))));
    return keeping.write(NewAct.of(today, happenings), today);
  }
}
