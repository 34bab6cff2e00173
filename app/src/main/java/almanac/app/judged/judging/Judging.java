package almanac.app.judged.judging;

import almanac.app.record.collection.PlantInPlace;
import almanac.app.record.rules.CollectionApproach;
import almanac.app.record.rules.Rules;
import almanac.app.record.site.Site;
import almanac.app.record.site.Today;
import almanac.core.checks.Check;
import almanac.core.checks.diary.Diary;
import almanac.core.checks.diary.Listing;
import almanac.core.checks.diary.OpenCheck;
import almanac.core.figures.Figures;
import almanac.core.history.Approach;
import almanac.core.judgement.compare.Comparison;
import almanac.core.judgement.compare.JudgedApart;
import almanac.core.judgement.compare.Promised;
import almanac.core.judgement.compare.Since;
import almanac.core.judgement.evidence.Evidence;
import almanac.core.judgement.evidence.Situation;
import almanac.core.judgement.verdict.Judge;
import almanac.core.judgement.verdict.Judgement;
import almanac.core.roots.RootSpeed;
import almanac.core.season.Conditions;
import almanac.core.season.LightYear;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import org.springframework.stereotype.Service;

/** Judges plants by what their journals say. */
@Service
public class Judging {
  private final Site site;
  private final Rules rules;
  private final CollectionApproach collection;
  private final MeasuredSpeeds speeds;
  private final Today today;
  private final WorkedOut<List<OpenCheck>> checks = new WorkedOut<>();
  private final WorkedOut<Optional<LocalDate>> since = new WorkedOut<>();
  private final WorkedOut<Judgement> ofToday = new WorkedOut<>();

  Judging(
      Site site, Rules rules, CollectionApproach collection, MeasuredSpeeds speeds, Today today) {
    this.site = site;
    this.today = today;
    this.rules = rules;
    this.collection = collection;
    this.speeds = speeds;
  }

  /** The figures in force. */
  public Figures figures() {
    return rules.figures();
  }

  /** All that judgements of a day rest on besides the plants themselves. */
  public Basis basis(LocalDate day) {
    return new Basis(day, figures(), collection.get(), site.light(), speeds.now());
  }

  /** What judgements of a day rest on besides the plants themselves. */
  public record Basis(
      LocalDate day, Figures figures, Approach approach, LightYear light, Object speeds) {}

  /**
   * The approach that holds for a plant: its own, else that of its place, else the collection's.
   */
  public Approach approach(PlantInPlace plant) {
    var own = plant.card().wish().approach();
    if (own != null) {
      return own;
    }
    var ofPlace = plant.place().approach();
    return ofPlace == null ? collection.get() : ofPlace;
  }

  /** The verdict on a plant on a day; that of today is worked out once for all who ask. */
  public Judgement judge(PlantInPlace plant, LocalDate day) {
    return day.equals(today.get())
        ? ofToday.of(plant, basis(day), () -> judgeAnew(plant, day))
        : judgeAnew(plant, day);
  }

  private Judgement judgeAnew(PlantInPlace plant, LocalDate day) {
    var judge = judge(plant);
    var situation = situation(plant, day);
    var judged = judge.judge(situation);
    return Promised.of(judge, situation, judged, since(plant, day, judged));
  }

  /** All that is known of a plant on a day, as it is weighed. */
  public Evidence evidence(PlantInPlace plant, LocalDate day) {
    return new Evidence(situation(plant, day), figures(), approach(plant));
  }

  /** The verdict on a plant on a day, by other figures than those in force. */
  public Judgement judge(PlantInPlace plant, LocalDate day, Figures figures) {
    return new Judge(figures, approach(plant)).judge(situation(plant, day));
  }

  /** The checks of a plant that are still to be made, the next one first. */
  public List<OpenCheck> checks(PlantInPlace plant, LocalDate today) {
    return checks(plant, today, day -> judge(plant, day));
  }

  /** A check that is still to be made, and where it stands on the list of a day. */
  public record Listed(OpenCheck open, Listing listing) {}

  /** The checks of a plant as they stand on the list of today. */
  public List<Listed> listed(PlantInPlace plant, LocalDate today) {
    var judged = judge(plant, today);
    return checks(plant, today, judged).stream()
        .map(open -> new Listed(open, open.listing(today, judged.urgent(), figures())))
        .toList();
  }

  /** The looks of the year after its last move that come after the next one. */
  public List<Check> yearAfterMove(PlantInPlace plant, LocalDate today) {
    return diary(plant).yearAfterMove(plant.plant(), today);
  }

  private Diary diary(PlantInPlace plant) {
    return new Diary(figures(), plant.kind().rest());
  }

  /** The same, where it was judged today already. */
  public List<OpenCheck> checks(PlantInPlace plant, LocalDate today, Judgement judged) {
    return checks(plant, today, day -> day.equals(today) ? judged : judge(plant, day));
  }

  private List<OpenCheck> checks(
      PlantInPlace plant, LocalDate today, Function<LocalDate, Judgement> judged) {
    return checks.of(
        plant,
        basis(today),
        () -> diary(plant).of(plant.plant(), day -> judged.apply(day).looks().nextCheck(), today));
  }

  /** Since when a verdict has asked for what it asks for; nothing where it asks for nothing. */
  public Optional<LocalDate> since(PlantInPlace plant, LocalDate day, Judgement judged) {
    return since.of(plant, basis(day), () -> Since.of(judge(plant), situation(plant, day), judged));
  }

  /** By the key of each kind of which some were measured, what its plants say of their speed. */
  public Map<String, Collection<RootSpeed>> measuredSpeeds() {
    var byKind = new TreeMap<String, Collection<RootSpeed>>();
    speeds.now().byKind().forEach((kind, plants) -> byKind.put(kind, plants.values()));
    return byKind;
  }

  /** A plant by each of the four approaches today. */
  public JudgedApart byApproaches(PlantInPlace plant) {
    var day = today.get();
    return new JudgedApart(Comparison.all(situation(plant, day), judge(plant, day), figures()));
  }

  /** By whom a plant is judged: the figures in force, and the approach that holds for it. */
  public Judge judge(PlantInPlace plant) {
    return new Judge(figures(), approach(plant));
  }

  /** All that a plant's judgement rests on. */
  public Situation situation(PlantInPlace plant, LocalDate day) {
    return situation(plant, day, Optional.of(speeds.now().before(plant, figures())));
  }

  private Situation situation(PlantInPlace plant, LocalDate day, Optional<RootSpeed> speed) {
    return new Situation(
        day,
        plant.follows(),
        plant.history(),
        conditions(plant),
        plant.card().origin().arrival(),
        plant.card().wish().aim(),
        speed);
  }

  /** What light and warmth a plant has where it stands. */
  public Conditions conditions(PlantInPlace plant) {
    return plant.place().conditions(site.light());
  }

  /**
   * The verdict on a plant on a day gone by; how fast its roots grow was not measured yet.
   *
   * @param then as it was known on that day
   */
  public Judgement judgeThen(PlantInPlace then, LocalDate day) {
    return judge(then).judge(situationThen(then, day));
  }

  /**
   * All that a judgement of a day gone by rests on.
   *
   * @param then as it was known on that day
   */
  public Situation situationThen(PlantInPlace then, LocalDate day) {
    return situation(then, day, Optional.empty());
  }
}
