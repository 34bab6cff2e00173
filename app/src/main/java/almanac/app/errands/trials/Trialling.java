package almanac.app.errands.trials;

import static almanac.app.db.Tables.HAPPENING;
import static almanac.app.db.Tables.TRIAL_BEGUN;
import static org.jooq.impl.DSL.noCondition;

import almanac.app.ground.refusals.BadEntry;
import almanac.app.ground.refusals.NotFound;
import almanac.app.judged.judging.Judging;
import almanac.app.record.collection.Keeping;
import almanac.app.record.collection.Plants;
import almanac.app.record.collection.Written;
import almanac.app.record.journal.NewAct;
import almanac.core.checks.diary.Trials;
import almanac.core.history.Happening;
import almanac.core.history.Plant;
import almanac.core.trials.Against;
import almanac.core.trials.OnTrial;
import almanac.core.trials.OnTrial.Side;
import almanac.core.trials.Trial;
import almanac.core.tried.TrialRun;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Tries things on some plants, and holds them against others. */
@Service
@Transactional
class Trialling {
  private final DSLContext db;
  private final Plants plants;
  private final Judging judging;
  private final Keeping keeping;

  Trialling(DSLContext db, Plants plants, Judging judging, Keeping keeping) {
    this.db = db;
    this.plants = plants;
    this.judging = judging;
    this.keeping = keeping;
  }

  /** All trials, the newest first. */
  @Transactional(readOnly = true)
  public List<TrialRun> all() {
    return runs(noCondition());
  }

  private List<TrialRun> runs(Condition which) {
    var ids =
        db.selectDistinct(HAPPENING.PLANT_ID)
            .from(TRIAL_BEGUN)
            .join(HAPPENING)
            .on(HAPPENING.ID.eq(TRIAL_BEGUN.HAPPENING_ID))
            .where(which)
            .fetch(HAPPENING.PLANT_ID);
    var wholes = new ArrayList<Plant>();
    plants.eachWhole(ids, wholes::add);
    return TrialRun.of(wholes, judging.figures());
  }

  /**
   * One of them.
   *
   * @throws NotFound if there is none of that name
   */
  @Transactional(readOnly = true)
  public TrialRun one(UUID uid) {
    return runs(TRIAL_BEGUN.TRIAL.eq(uid)).stream()
        .filter(run -> run.trial().uid().equals(uid))
        .findFirst()
        .orElseThrow(() -> new NotFound("There is no such trial."));
  }

  /**
   * Begins a trial, as one act.
   *
   * @param others the other halves in the order of {@code tried}, others, or nobody
   * @throws BadEntry naming who cannot stand in it, and why
   */
  Written begin(Trial trial, List<Long> tried, List<Long> others, LocalDate today) {
    suits(trial.against(), tried, others);
    var happenings = new LinkedHashMap<Long, List<Happening>>();
    var taken = new HashSet<Long>();
    join(trial, Side.TRIED, tried, taken, happenings);
    join(trial, Side.AGAINST, others, taken, happenings);
    return keeping.write(NewAct.of(today, happenings), today);
  }

  private static void suits(Against against, List<Long> tried, List<Long> others) {
    if (against == Against.EARLIER && !others.isEmpty()) {
      throw new BadEntry("others", "It is held against its own years; choose nobody else.");
    }
    if (against == Against.OTHER_HALF && others.size() != tried.size()) {
      throw new BadEntry("others", "Choose the other half of each, in the same order.");
    }
    if (against == Against.OTHERS && others.isEmpty()) {
      throw new BadEntry("others", "Choose at least one plant to hold them against.");
    }
  }

  private void join(
      Trial trial,
      Side side,
      List<Long> ids,
      HashSet<Long> taken,
      LinkedHashMap<Long, List<Happening>> happenings) {
    for (int i = 0; i < ids.size(); i++) {
      var path = "%s[%d]".formatted(side == Side.TRIED ? "plants" : "others", i);
      var plant = plants.one(ids.get(i));
      if (!taken.add(plant.id())) {
        throw new BadEntry(path, "%s cannot be held against itself.".formatted(plant.called()));
      }
      if (!plant.plant().here()) {
        throw new BadEntry(path, "%s is no longer here.".formatted(plant.called()));
      }
      plant.card().inHand().trials().stream()
          .map(OnTrial::trial)
          .filter(other -> other.tried() == trial.tried())
          .filter(other -> Trials.leftOn(plant.plant(), other, judging.figures()).isEmpty())
          .findFirst()
          .ifPresent(
              other -> {
                throw new BadEntry(
                    path,
                    "%s stands in a trial of %s already: “%s”. Close that first."
                        .formatted(plant.called(), other.tried().words(), other.name()));
              });
      int pair = trial.against() == Against.OTHER_HALF ? i + 1 : 0;
      happenings.put(plant.id(), List.of(new Happening.TrialBegun(new OnTrial(trial, side, pair))));
    }
  }

  /**
   * Closes a trial in its keeper's words.
   *
   * @throws NotFound if there is none of that name
   * @throws BadEntry if it is closed already
   */
  Written close(UUID uid, String words, LocalDate today) {
    var run = one(uid);
    if (run.closed().isPresent()) {
      throw new BadEntry("words", "“%s” is closed already.".formatted(run.trial().name()));
    }
    var happenings = new LinkedHashMap<Long, List<Happening>>();
    run.members()
        .forEach(
            member ->
                happenings.put(member.plant().id(), List.of(new Happening.TrialEnded(uid, words))));
    return keeping.write(NewAct.of(today, happenings), today);
  }
}
