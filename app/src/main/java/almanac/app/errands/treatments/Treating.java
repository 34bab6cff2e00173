package almanac.app.errands.treatments;

import almanac.app.ground.refusals.BadEntry;
import almanac.app.ground.refusals.NotFound;
import almanac.app.judged.judging.Judging;
import almanac.app.record.collection.Keeping;
import almanac.app.record.collection.PlantInPlace;
import almanac.app.record.collection.Plants;
import almanac.app.record.collection.Walk;
import almanac.app.record.collection.Written;
import almanac.app.record.journal.NewAct;
import almanac.core.checks.diary.Courses;
import almanac.core.history.Happening;
import almanac.core.history.Treatment;
import almanac.core.treatments.Beside;
import almanac.core.treatments.Course;
import almanac.core.treatments.Treated;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeSet;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Fights pests and rot in courses. */
@Service
@Transactional
class Treating {
  private final Plants plants;
  private final Judging judging;
  private final Keeping keeping;

  Treating(Plants plants, Judging judging, Keeping keeping) {
    this.plants = plants;
    this.judging = judging;
    this.keeping = keeping;
  }

  /** A plant of a course, and how far it is. */
  record OnPlant(PlantInPlace plant, LocalDate since, Treated treated) {}

  /** A plant beside one of a course, and how it looks. */
  record BesidePlant(PlantInPlace plant, Beside beside) {}

  /** A course that runs. */
  record Running(Course course, List<OnPlant> plants, List<BesidePlant> beside) {}

  /** The courses that run, each with its plants in the order of a walk. */
  @Transactional(readOnly = true)
  public List<Running> running() {
    var courses = new Courses(judging.figures());
    var running = new LinkedHashMap<UUID, Running>();
    for (var plant : plants.all().stream().sorted(Walk.ORDER).toList()) {
      var card = plant.card();
      courses
          .treated(plant.plant())
          .ifPresent(
              treated ->
                  of(running, card.inHand().treatment())
                      .plants()
                      .add(new OnPlant(plant, since(card.inHand().treatment()), treated)));
      courses
          .watched(plant.plant())
          .ifPresent(
              beside ->
                  of(running, card.inHand().beside()).beside().add(new BesidePlant(plant, beside)));
    }
    return List.copyOf(running.values());
  }

  private static Running of(Map<UUID, Running> running, @Nullable Treatment treatment) {
    var course = Objects.requireNonNull(treatment).course();
    return running.computeIfAbsent(
        course.uid(), uid -> new Running(course, new ArrayList<>(), new ArrayList<>()));
  }

  private static LocalDate since(@Nullable Treatment treatment) {
    return Objects.requireNonNull(treatment).since();
  }

  /** Those that stand so near to some plants that they should be looked at too. */
  @Transactional(readOnly = true)
  public List<PlantInPlace> neighbours(List<Long> ids, int reach) {
    var row = plants.all().stream().sorted(Walk.ORDER).toList();
    var near = new TreeSet<Integer>();
    for (int i = 0; i < row.size(); i++) {
      if (ids.contains(row.get(i).id())) {
        int at = i;
        IntStream.rangeClosed(i - reach, i + reach)
            .filter(each -> each >= 0 && each < row.size())
            .filter(each -> row.get(each).place().id() == row.get(at).place().id())
            .forEach(near::add);
      }
    }
    return near.stream()
        .map(row::get)
        .filter(plant -> !ids.contains(plant.id()) && plant.card().inHand().treatment() == null)
        .toList();
  }

  /**
   * Begins a course, as one act.
   *
   * @param apart whether its plants are kept apart from now on
   * @throws BadEntry naming a plant that is under treatment already
   */
  Written begin(
      Course course, List<Long> treated, List<Long> beside, boolean apart, LocalDate today) {
    var happenings = new LinkedHashMap<Long, List<Happening>>();
    for (int i = 0; i < treated.size(); i++) {
      var plant = free(treated.get(i), "plants[%d]".formatted(i));
      var begun = new ArrayList<Happening>();
      begun.add(new Happening.CourseBegun(course, today));
      if (apart && plant.card().inHand().apartSince() == null) {
        begun.add(new Happening.KeptApart(today));
      }
      happenings.put(plant.id(), begun);
    }
    for (int i = 0; i < beside.size(); i++) {
      var path = "neighbours[%d]".formatted(i);
      var plant = free(beside.get(i), path);
      if (happenings.containsKey(plant.id())) {
        throw new BadEntry(path, "%s is treated itself.".formatted(plant.called()));
      }
      happenings.put(plant.id(), List.of(new Happening.Beside(course, today)));
    }
    return keeping.write(NewAct.of(today, happenings), today);
  }

  private PlantInPlace free(long id, String path) {
    var plant = plants.one(id);
    var runs = plant.card().inHand().treatment();
    if (!plant.plant().here()) {
      throw new BadEntry(path, "%s is no longer here.".formatted(plant.called()));
    }
    if (runs != null) {
      throw new BadEntry(
          path,
          "%s is under treatment already, with %s. End that first."
              .formatted(plant.called(), runs.course().product()));
    }
    return plant;
  }

  /** Takes plants into a course that runs. */
  Written join(UUID uid, List<Long> ids, LocalDate today) {
    var course = course(uid);
    return write(
        ids, today, (plant, path) -> List.of(new Happening.CourseBegun(course, today)), this::free);
  }

  /**
   * Writes that plants of a course were treated today.
   *
   * @throws BadEntry naming one that was treated today already
   */
  Written treated(UUID uid, List<Long> ids, LocalDate today) {
    return write(
        ids,
        today,
        (plant, path) -> {
          var last = new Courses(judging.figures()).treated(plant.plant());
          if (last.flatMap(Treated::lastTreated).filter(today::equals).isPresent()) {
            throw new BadEntry(path, "%s was treated today already.".formatted(plant.called()));
          }
          return List.of(new Happening.Treated(uid, today));
        },
        (id, path) -> of(uid, id, path, plant -> plant.card().inHand().treatment()));
  }

  /** Writes that nothing was found on plants of a course, or beside it. */
  Written clean(UUID uid, List<Long> ids, LocalDate today) {
    var nothing = course(uid).foe().nothingFound(today);
    return write(
        ids,
        today,
        (plant, path) -> List.of(new Happening.Inspected(nothing)),
        (id, path) -> concerned(uid, id, path));
  }

  /**
   * Ends a course for some plants, whether they were treated or stood beside; who was kept apart
   * for it goes back to the others.
   */
  Written end(UUID uid, List<Long> ids, LocalDate today) {
    return write(
        ids,
        today,
        (plant, path) ->
            Courses.freedWith(plant.plant())
                ? List.of(new Happening.CourseEnded(uid), new Happening.LetIn())
                : List.of(new Happening.CourseEnded(uid)),
        (id, path) -> concerned(uid, id, path));
  }

  private PlantInPlace concerned(UUID uid, long id, String path) {
    return of(
        uid,
        id,
        path,
        plant ->
            plant.card().inHand().treatment() != null
                ? plant.card().inHand().treatment()
                : plant.card().inHand().beside());
  }

  private PlantInPlace of(
      UUID uid, long id, String path, Function<PlantInPlace, @Nullable Treatment> which) {
    var plant = plants.one(id);
    var runs = which.apply(plant);
    if (runs == null || !runs.course().uid().equals(uid)) {
      throw new BadEntry(path, "%s is not in this course any more.".formatted(plant.called()));
    }
    return plant;
  }

  private interface What {
    List<Happening> on(PlantInPlace plant, String path);
  }

  private interface Which {
    PlantInPlace at(long id, String path);
  }

  private Written write(List<Long> ids, LocalDate today, What what, Which which) {
    var happenings = new LinkedHashMap<Long, List<Happening>>();
    for (int i = 0; i < ids.size(); i++) {
      var path = "plants[%d]".formatted(i);
      var plant = which.at(ids.get(i), path);
      happenings.put(plant.id(), what.on(plant, path));
    }
    return keeping.write(NewAct.of(today, happenings), today);
  }

  private Course course(UUID uid) {
    return running().stream()
        .map(Running::course)
        .filter(course -> course.uid().equals(uid))
        .findFirst()
        .orElseThrow(() -> new NotFound("This course does not run any more."));
  }
}
