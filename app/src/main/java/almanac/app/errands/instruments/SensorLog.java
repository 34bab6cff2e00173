package almanac.app.errands.instruments;

import static almanac.app.db.Tables.PLACE;
import static almanac.app.db.Tables.SENSOR_DAY;
import static java.util.stream.Collectors.averagingDouble;
import static java.util.stream.Collectors.groupingBy;
import static org.jooq.impl.DSL.not;

import almanac.app.ground.refusals.InstrumentFault;
import almanac.app.ground.refusals.NotFound;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.jooq.DSLContext;
import org.jooq.Query;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** What the grow-space sensors have said, day by day. */
@Repository
class SensorLog {
  private static final int MONTHS = 12;

  private final DSLContext db;
  private final GrowSpaceSensor sensor;

  SensorLog(DSLContext db, GrowSpaceSensor sensor) {
    this.db = db;
    this.sensor = sensor;
  }

  /** One day as it is kept. */
  record Kept(LocalDate on, GrowSpaceSensor.Day day) {}

  /**
   * Fetches what the sensor of a place has kept of the last twelve months and was not fetched
   * before.
   *
   * @return how many days were new
   * @throws InstrumentFault if it does not answer; what was fetched before stays
   * @throws NotFound if there is no such place
   */
  @Transactional
  public int fetch(long placeId, LocalDate today) {
    if (!db.fetchExists(PLACE, PLACE.ID.eq(placeId).and(not(PLACE.GONE)))) {
      throw new NotFound("There is no place %d.".formatted(placeId));
    }
    var known =
        db.select(SENSOR_DAY.ON_DAY)
            .from(SENSOR_DAY)
            .where(SENSOR_DAY.PLACE_ID.eq(placeId))
            .fetchSet(SENSOR_DAY.ON_DAY);
    var fresh = new ArrayList<Query>();
    for (var day = today.minusMonths(MONTHS); day.isBefore(today); day = day.plusDays(1)) {
      if (!known.contains(day)) {
        var read = sensor.day(placeId, day);
        fresh.add(
            db.insertInto(SENSOR_DAY)
                .set(SENSOR_DAY.PLACE_ID, placeId)
                .set(SENSOR_DAY.ON_DAY, day)
                .set(SENSOR_DAY.CELSIUS, read.celsius())
                .set(SENSOR_DAY.HUMIDITY, read.humidity())
                .set(SENSOR_DAY.LIGHT_HOURS, read.lightHours()));
      }
    }
    db.batch(fresh).execute();
    return fresh.size();
  }

  /** What was fetched of a place, oldest first. */
  List<Kept> of(long placeId) {
    return db.selectFrom(SENSOR_DAY)
        .where(SENSOR_DAY.PLACE_ID.eq(placeId))
        .orderBy(SENSOR_DAY.ON_DAY)
        .fetch(
            row ->
                new Kept(
                    row.getOnDay(),
                    new GrowSpaceSensor.Day(
                        row.getCelsius(), row.getHumidity(), row.getLightHours())));
  }

  /**
   * Mean temperatures of the months from January to December, °C to a tenth; of a month that was
   * measured in several years, over all of its days. Null for a month without a reading.
   */
  static List<@Nullable Double> means(List<Kept> kept) {
    var byMonth =
        kept.stream()
            .collect(
                groupingBy(
                    each -> each.on().getMonthValue(),
                    averagingDouble(each -> each.day().celsius())));
    return IntStream.rangeClosed(1, MONTHS).mapToObj(byMonth::get).map(SensorLog::tenth).toList();
  }

  private static @Nullable Double tenth(@Nullable Double celsius) {
    return celsius == null ? null : Math.rint(celsius * 10) / 10;
  }
}
