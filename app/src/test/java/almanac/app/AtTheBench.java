package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.start.RunningApplication;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Somebody at the bench, as programs see it. */
final class AtTheBench {
  private final RunningApplication app;

  AtTheBench(RunningApplication app) {
    this.app = app;
  }

  long id(String name) throws Exception {
    return app.get("/api/plants")
        .body()
        .valueStream()
        .filter(plant -> plain(plant.path("name").asString()).equals(name))
        .findFirst()
        .orElseThrow()
        .path("id")
        .asLong();
  }

  /**
   * Without the number that stands beside the name of twins; the one with the lowest comes first.
   */
  private static String plain(String called) {
    return called.replaceFirst(" \\([^ ]+\\)$", "");
  }

  JsonNode begin(String name) throws Exception {
    return app.post("/api/plants/%d/job".formatted(id(name)), "{}").body();
  }

  JsonNode save(JsonNode job, ObjectNode told) throws Exception {
    var answer = app.put(address(job), told.toString());
    assertThat(answer.status()).as("%s", answer.body()).isEqualTo(200);
    return answer.body();
  }

  RunningApplication.Answer tell(JsonNode job, String field, String json) throws Exception {
    return app.put(address(job), with(job, field, json).toString());
  }

  RunningApplication.Answer finish(JsonNode job) throws Exception {
    return app.post(address(job).replace("?", "/finish?"), "{}");
  }

  /** The whole page of a plant, but for the lines of its journal. */
  ObjectNode page(long id) throws Exception {
    var page = ((ObjectNode) app.get("/api/plants/" + id).body()).deepCopy();
    page.remove("journal");
    return page;
  }

  static String address(JsonNode job) {
    return "/api/jobs/%s?version=%d"
        .formatted(job.path("uid").asString(), job.path("version").asInt());
  }

  static ObjectNode with(JsonNode job, String field, String json) {
    var told = ((ObjectNode) job.path("told")).deepCopy();
    told.set(field, RunningApplication.json(json));
    return told;
  }

  static Stream<String> tasks(JsonNode job) {
    return job.path("steps").valueStream().map(step -> step.path("task").asString());
  }
}
