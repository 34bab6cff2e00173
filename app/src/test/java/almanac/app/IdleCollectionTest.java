package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.start.RunningApplication;
import com.zaxxer.hikari.HikariDataSource;
import java.sql.Connection;
import java.util.ArrayList;
import java.util.List;
import javax.sql.DataSource;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/**
 * After quiet minutes the pool has closed all connections but a few. Whatever hangs on the one that
 * made the tables is broken then, as long as another keeps the database open.
 */
class IdleCollectionTest {
  @RegisterExtension static final RunningApplication APP = RunningApplication.empty();

  private static String written(String method, String path, String json) throws Exception {
    var answer = APP.once("idle-" + System.nanoTime(), method, path, json);
    assertThat(answer.status()).as("%s %s %s", method, path, answer.body()).isBetween(200, 299);
    return answer.body().path("act").asString();
  }

  private static void everyKindOfWrite(String name) throws Exception {
    written("POST", "/api/places", "{\"name\":\"%s\",\"lampHours\":12}".formatted(name));
    long place =
        APP.get("/api/places")
            .body()
            .valueStream()
            .reduce((a, b) -> b)
            .orElseThrow()
            .path("id")
            .asLong();
    written(
        "POST",
        "/api/plants",
        """
        {"label":"%s","kind":"oncidium","placeId":%d,"pottedOn":"2025-01",
         "mix":[{"component":"BARK_MEDIUM","parts":1}]}"""
            .formatted(name, place));
    long plant =
        APP.get("/api/plants")
            .body()
            .valueStream()
            .mapToLong(p -> p.path("id").asLong())
            .max()
            .orElseThrow();
    var path = "/api/plants/" + plant;
    var look =
        written(
            "POST",
            path + "/inspections",
            "{\"on\":\"2027-05-15\",\"looks\":{\"newRoots\":{\"answers\":[],\"measured\":8}}}");
    written("POST", "/api/acts/%s/withdrawal".formatted(look), "");
    written(
        "POST",
        path + "/repots",
        "{\"on\":\"2027-05-15\",\"mix\":[{\"component\":\"PUMICE\",\"parts\":1}]}");
    var check = APP.get(path).body().path("checks").path(0).path("id").asString();
    written("POST", path + "/checks/%s/answer".formatted(check), "{\"answer\":\"AS_HOPED\"}");
    written("PUT", path + "/hold", "{\"held\":true}");
    written("PUT", "/api/aside", "{\"plants\":[%d],\"aside\":true}".formatted(plant));
    written("PUT", "/api/site", "{\"latitude\":56}");
    written("PUT", "/api/rules", "{\"values\":{\"medium.q10\":2.1}}");
    written("POST", "/api/instruments/sensor/" + place, "");
  }

  @Test
  void everythingIsStillSavedAfterQuietMinutes() throws Exception {
    var source = (HikariDataSource) APP.bean(DataSource.class);
    everyKindOfWrite("Before the pause");
    List<Connection> many = new ArrayList<>();
    for (int i = 0; i < source.getMaximumPoolSize(); i++) {
      many.add(source.getConnection());
    }
    try (var newest = many.remove(many.size() - 1)) {
      for (var connection : many) {
        connection.close();
      }
      source.getHikariPoolMXBean().softEvictConnections();
      assertThat(source.getHikariPoolMXBean().getIdleConnections())
          .as("all but the one in use were retired")
          .isZero();
      assertThat(newest.isValid(1)).as("the database stays open meanwhile").isTrue();
      everyKindOfWrite("After the pause");
    }
  }
}
