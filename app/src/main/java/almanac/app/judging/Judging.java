package almanac.app.judging;

import almanac.app.journal.PlantRecord;
import almanac.app.rules.CollectionApproach;
import almanac.app.rules.Rules;
import almanac.app.site.Site;
import almanac.core.figures.Figures;
import almanac.core.judgement.Approach;
import almanac.core.judgement.Comparison;
import almanac.core.judgement.DecidingLooks;
import almanac.core.judgement.Judge;
import almanac.core.judgement.Judgement;
import almanac.core.judgement.Situation;
import almanac.core.season.LightYear;
import java.time.LocalDate;
import org.springframework.stereotype.Service;

/** Judges plants by what their journals say. */
@Service
public class Judging {
  private final Site site;
  private final Rules rules;
  private final CollectionApproach collection;

  Judging(Site site, Rules rules, CollectionApproach collection) {
    this.site = site;
    this.rules = rules;
    this.collection = collection;
  }

  /** The figures in force. */
  public Figures figures() {
    return rules.figures();
  }

  /** All that judgements of a day rest on besides the plants themselves. */
  public Basis basis(LocalDate day) {
    return new Basis(day, figures(), collection.get(), site.light());
  }

  /** What judgements of a day rest on besides the plants themselves. */
  public record Basis(LocalDate day, Figures figures, Approach approach, LightYear light) {}

  /**
   * The approach that holds for a plant: its own, else that of its bench, else the collection's.
   */
  public Approach approach(PlantRecord plant) {
    if (plant.approach() != null) {
      return plant.approach();
    }
    var ofBench = plant.bench().approach();
    return ofBench == null ? collection.get() : ofBench;
  }

  /** The verdict on a plant on a day. */
  public Judgement judge(PlantRecord plant, LocalDate day) {
    return judge(plant, day, figures());
  }

  /** The verdict on a plant on a day, by other figures than those in force. */
  public Judgement judge(PlantRecord plant, LocalDate day, Figures figures) {
    return new Judge(figures, approach(plant)).judge(situation(plant, day));
  }

  /** The slip of a plant on a day. */
  public Slip slip(PlantRecord plant, LocalDate day) {
    return slip(situation(plant, day), approach(plant), figures());
  }

  /** The slip of any situation. */
  public static Slip slip(Situation situation, Approach approach, Figures figures) {
    var judge = new Judge(figures, approach);
    var judged = judge.judge(situation);
    return new Slips(situation, figures)
        .of(
            judged,
            new DecidingLooks(judge).of(situation, judged),
            Comparison.all(situation, judged, figures));
  }

  /** All that a plant's judgement rests on. */
  public Situation situation(PlantRecord plant, LocalDate day) {
    return new Situation(
        day,
        plant.profile(),
        plant.history(),
        plant.bench().conditions(site.light()),
        plant.arrival(),
        plant.aim());
  }
}
