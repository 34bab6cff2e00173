package almanac.app.start.demo;

import almanac.app.record.journal.NewAct;
import almanac.core.history.Happening;
import almanac.core.inspection.Items;
import almanac.core.inspection.Pests;
import almanac.core.treatments.Course;
import almanac.core.treatments.Foe;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;

/** Scale on the east sill, fought with soft soap, in its second week. */
final class DemoCourse {
  private static final int BEGUN = 10;
  private static final int SINCE = 3;
  private static final int BETWEEN = 5;
  private static final Course SOAP =
      new Course(
          UUID.nameUUIDFromBytes(new byte[] {1}), "Soft soap spray from the shed", Foe.PESTS, 7, 3);

  private final DemoBooks books;
  private final List<DemoPlant> treated;
  private final List<DemoPlant> beside;

  DemoCourse(DemoBooks books, Map<String, DemoPlant> plants) {
    this.books = books;
    this.treated =
        Stream.of("Psychopsis Barge Horse", "Coelogyne White Paddle").map(plants::get).toList();
    this.beside =
        Stream.of("Phalaenopsis Thimble", "Angraecum Star Post").map(plants::get).toList();
  }

  void all() {
    treated.forEach(plant -> plant.look(BEGUN, look -> look.saw(Items.PESTS, Pests.SCALE)));
    var begun = new LinkedHashMap<Long, List<Happening>>();
    var on = day(BEGUN);
    treated.forEach(plant -> begun.put(plant.id(), List.of(new Happening.CourseBegun(SOAP, on))));
    beside.forEach(plant -> begun.put(plant.id(), List.of(new Happening.Beside(SOAP, on))));
    write(on, begun);
    treat(BEGUN);
    beside.get(0).look(BEGUN, look -> look.saw(Items.PESTS, Pests.NONE));
    treat(SINCE);
    treated.forEach(plant -> plant.look(SINCE, look -> look.saw(Items.PESTS, Pests.NONE)));
    beside.get(0).look(BETWEEN, look -> look.saw(Items.PESTS, Pests.NONE));
  }

  private void treat(int daysAgo) {
    var on = day(daysAgo);
    var happenings = new LinkedHashMap<Long, List<Happening>>();
    treated.forEach(
        plant -> happenings.put(plant.id(), List.of(new Happening.Treated(SOAP.uid(), on))));
    write(on, happenings);
  }

  private void write(LocalDate on, Map<Long, List<Happening>> happenings) {
    books.keeping().write(NewAct.of(on, happenings), on);
  }

  private LocalDate day(int daysAgo) {
    return books.today().get().minusDays(daysAgo);
  }
}
