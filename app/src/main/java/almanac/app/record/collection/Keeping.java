package almanac.app.record.collection;

import static java.util.stream.Collectors.toMap;

import almanac.app.ground.refusals.Conflict;
import almanac.app.ground.refusals.NotFound;
import almanac.app.record.journal.Acts;
import almanac.app.record.journal.NewAct;
import almanac.core.checks.diary.Courses;
import almanac.core.history.Act;
import almanac.core.history.Card;
import almanac.core.history.Happening;
import almanac.core.history.Journal;
import almanac.core.history.Line;
import almanac.core.history.OnePot;
import almanac.core.history.Plant;
import almanac.core.history.Standing;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Writes acts into the journals. Each call is one transaction: all of an act is kept or nothing.
 */
@Service
@Transactional
public class Keeping {
  private final Plants plants;
  private final Acts acts;
  private final PlantTable table;

  Keeping(Plants plants, Acts acts, PlantTable table) {
    this.plants = plants;
    this.acts = acts;
    this.table = table;
  }

  /**
   * Writes what was done, on plants that are in the collection. If it corrects an act, what it does
   * not tell anew of that is carried over.
   */
  public Written write(NewAct act, LocalDate today) {
    var all = withOthers(act.supersedes() == null ? act : whole(act));
    var before = asTheyStand(all.happenings().keySet());
    var written = acts.write(all, today);
    written.lines().forEach((id, lines) -> goesOn(plant(before, id), lines));
    return new Written(written.act(), written.lines().keySet().stream().map(plants::one).toList());
  }

  /**
   * Writes what happened before anybody wrote it down here, as it comes from other notes.
   *
   * @return the names of the acts, in their order
   */
  public List<UUID> bringIn(List<NewAct> past, LocalDate today) {
    var before =
        asTheyStand(past.stream().flatMap(act -> act.happenings().keySet().stream()).toList());
    var lines = new LinkedHashMap<Long, List<Line>>();
    var uids = new ArrayList<UUID>();
    for (var act : past) {
      var written = acts.write(act, today);
      uids.add(written.act().uid());
      written
          .lines()
          .forEach((id, more) -> lines.computeIfAbsent(id, one -> new ArrayList<>()).addAll(more));
    }
    lines.forEach((id, more) -> goesOn(plant(before, id), more));
    return uids;
  }

  /**
   * What is found again on a plant under treatment begins the looks of its neighbours again; who
   * shares a pot goes with it.
   */
  private NewAct withOthers(NewAct act) {
    var all = plants.everybody().stream().map(PlantInPlace::plant).toList();
    var others = new LinkedHashMap<Long, Happening>(Courses.begunAgain(act.happenings(), all));
    others.putAll(OnePot.following(act.happenings(), all));
    var happenings = new LinkedHashMap<>(act.happenings());
    others.forEach(
        (id, more) ->
            happenings.merge(
                id,
                List.of(more),
                (told, other) -> Stream.concat(told.stream(), other.stream()).toList()));
    return new NewAct(act.on(), act.note(), act.supersedes(), happenings);
  }

  /** Plants before something is written of them; read afterwards, they would have it already. */
  private Map<Long, Plant> asTheyStand(Collection<Long> ids) {
    return ids.stream().distinct().map(plants::told).collect(toMap(Plant::id, Function.identity()));
  }

  private static Plant plant(Map<Long, Plant> before, long id) {
    return Objects.requireNonNull(before.get(id));
  }

  private NewAct whole(NewAct correction) {
    var wrong = Objects.requireNonNull(correction.supersedes());
    var all = new LinkedHashMap<Long, List<Happening>>();
    for (var id : acts.plants(wrong.uid())) {
      var anew = new ArrayList<>(correction.happenings().getOrDefault(id, List.of()));
      var happenings = new ArrayList<Happening>();
      for (var line : plants.told(id).journal().lines()) {
        if (line.act().id() == wrong.id()) {
          happenings.add(
              anew.stream()
                  .filter(each -> each.getClass() == line.happening().getClass())
                  .findFirst()
                  .orElse(line.happening()));
        }
      }
      anew.removeAll(happenings);
      happenings.addAll(anew);
      all.put(id, happenings);
    }
    return new NewAct(correction.on(), correction.note(), wrong, all);
  }

  /**
   * Writes how a plant came into the collection, and what that means for others.
   *
   * @param happenings what happened to the plant itself; they give it all that stands on its card
   * @param others what happened to others by it, once its id is known
   */
  public Written begin(LocalDate on, List<Happening> happenings, ToOthers others, LocalDate today) {
    var begun = begun(happenings);
    return written(
        others.add(begun.id(), NewAct.of(on, begun.id(), happenings.toArray(Happening[]::new))),
        Set.of(begun),
        today);
  }

  /**
   * Writes what was done to a plant, and how others came from it by the same act.
   *
   * @param daughters what happened to each, by the number it is given
   */
  public Written part(
      LocalDate on,
      long mother,
      List<Happening> happenings,
      List<Function<String, List<Happening>>> daughters,
      LocalDate today) {
    var all = new LinkedHashMap<Long, List<Happening>>();
    var ofMother = new ArrayList<>(happenings);
    all.put(mother, ofMother);
    var begun = new HashSet<PlantTable.Begun>();
    for (var daughter : daughters) {
      var told = daughter.apply(table.nextNumber(today));
      var row = begun(told);
      begun.add(row);
      all.put(row.id(), told);
      ofMother.add(new Happening.Divided(row.id()));
    }
    return written(NewAct.of(on, all), begun, today);
  }

  /**
   * Writes how several plants came into the collection by one act.
   *
   * @param note in the collector's own words
   * @param told what happened to each; they give it all that stands on its card
   */
  public Written beginAll(LocalDate on, String note, List<List<Happening>> told, LocalDate today) {
    var all = new LinkedHashMap<Long, List<Happening>>();
    var begun = new HashSet<PlantTable.Begun>();
    for (var happenings : told) {
      var row = begun(happenings);
      begun.add(row);
      all.put(row.id(), happenings);
    }
    return written(NewAct.of(on, all).noting(note), begun, today);
  }

  private PlantTable.Begun begun(List<Happening> happenings) {
    var draft = new Card.Draft();
    happenings.forEach(draft::mark);
    return table.begin(draft.card());
  }

  private Written written(NewAct act, Set<PlantTable.Begun> begun, LocalDate today) {
    var uids = begun.stream().collect(toMap(PlantTable.Begun::id, PlantTable.Begun::uid));
    var before =
        asTheyStand(
            act.happenings().keySet().stream().filter(id -> !uids.containsKey(id)).toList());
    var written = acts.write(act, today);
    written
        .lines()
        .forEach(
            (id, lines) -> {
              var uid = uids.get(id);
              if (uid == null) {
                goesOn(plant(before, id), lines);
              } else {
                plants.written(Plant.of(id, uid, Journal.of(lines)));
              }
            });
    return new Written(written.act(), written.lines().keySet().stream().map(plants::one).toList());
  }

  /** What an act that brings a plant means for others. */
  @FunctionalInterface
  public interface ToOthers {
    NewAct add(long plantId, NewAct act);
  }

  /** The number of the next plant that comes this year. */
  public String nextNumber(LocalDate today) {
    return table.nextNumber(today);
  }

  /**
   * The numbers of the next plants that come this year.
   *
   * @param given numbers that others are about to have
   */
  public NextNumbers nextNumbers(LocalDate today, Collection<String> given) {
    return table.nextNumbers(today).after(given);
  }

  /** The numbers of all plants. */
  public Set<String> numbers() {
    return table.numbers();
  }

  /** Whether another plant has that number. */
  public boolean numberTaken(String number, long id) {
    return table.taken(number, id);
  }

  private void goesOn(Plant before, List<Line> more) {
    goesOn(before, before.and(more));
  }

  /** A plant with more lines in its journal; most of them leave its card as it was. */
  private void goesOn(Plant before, Plant after) {
    plants.written(after);
    if (!after.card().equals(before.card())
        || after.journal().begun() != before.journal().begun()) {
      table.draw(after);
    }
  }

  /**
   * Takes back an act that should not have been written, whole; it stays readable. To take back
   * what took an act back puts that act in its place again.
   *
   * @return the plants it was on, as they stand now, without one whose coming was taken back
   * @throws NotFound if there is no such act
   * @throws Conflict if it does not hold any more, or something else rests on it
   */
  public Written withdraw(UUID uid, LocalDate today) {
    var before = asTheyStand(acts.plants(uid));
    var on = acts.plants(uid).stream().map(id -> plant(before, id)).toList();
    if (on.isEmpty()) {
      throw new NotFound("There is no such line in any journal.");
    }
    var act = on.get(0).journal().act(uid).orElseThrow();
    on.forEach(plant -> refuseWhatStays(plant, act));
    var taking = new LinkedHashMap<Long, List<Happening>>();
    on.forEach(plant -> taking.put(plant.id(), List.of(new Happening.Withdrawn())));
    var written = acts.write(new NewAct(today, "", act, taking), today);
    var left = new ArrayList<PlantInPlace>();
    written
        .lines()
        .forEach(
            (id, lines) -> {
              var stood = plant(before, id);
              var stands = stood.and(lines);
              refuseWhereItCannotStand(stands);
              goesOn(stood, stands);
              if (stands.journal().begun()) {
                left.add(plants.one(id));
              }
            });
    return new Written(written.act(), left);
  }

  /**
   * Takes several acts back, the last of them first; all or none.
   *
   * @param uids in the order of writing
   */
  public void withdrawAll(List<UUID> uids, LocalDate today) {
    for (int i = uids.size() - 1; i >= 0; i--) {
      withdraw(uids.get(i), today);
    }
  }

  private void refuseWhatStays(Plant plant, Act act) {
    var journal = plant.journal();
    if (journal.standing(act) != Standing.HOLDS) {
      throw new Conflict("This line was corrected or taken back meanwhile. Load the page again.");
    }
    var lines = journal.lines().stream().filter(line -> line.act().id() == act.id()).toList();
    if (lines.stream().anyMatch(Keeping::ofAnOlderProgram)) {
      throw new Conflict("This comes from an older version and cannot be taken back.");
    }
    if (act.id() == journal.lines().get(0).act().id()
        && journal.holding().stream().anyMatch(line -> line.act().id() != act.id())) {
      throw new Conflict(
          ("What was written of %s since it came rests on this. Take that back first, or say on its"
                  + " card what became of it.")
              .formatted(plant.card().who().names().name()));
    }
  }

  private static boolean ofAnOlderProgram(Line line) {
    return line.happening() instanceof Happening.TakenOver
        || line.happening() instanceof Happening.Recounted;
  }

  private void refuseWhereItCannotStand(Plant plant) {
    if (plant.journal().twoInOnePlace()) {
      throw new Conflict("It was corrected otherwise by now. Take that back first.");
    }
    if (!plant.journal().begun()) {
      return;
    }
    var card = plant.card();
    if (table.taken(card.who().number(), plant.id())) {
      throw new Conflict("Another plant has the number %s by now.".formatted(card.who().number()));
    }
    if (!plants.exists(card.stand())) {
      throw new Conflict("The place where it stood then is gone.");
    }
    if (!plants.exists(card.who().kind())) {
      throw new Conflict("The kind that it was of then was removed.");
    }
  }
}
