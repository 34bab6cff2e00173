package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.start.RunningApplication;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Whatever is made wrong in the example of an open interface, the answer names it, or what it lies
 * in, by the path under which it was sent.
 */
class FaultPathsTest {
  @RegisterExtension static final RunningApplication APP = RunningApplication.empty();

  private static final JsonMapper JSON = new JsonMapper();

  /** A growth under another name is no fault; the joint that names it then is. */
  private static final String NAMES = "growths\\[\\d+]\\.name";

  /** What is too long, too large, of another kind, or nothing that anybody means. */
  private static final List<String> NUMBERS = List.of("-1000000000000", "1e300", "\"x\"");

  private static final List<String> TEXTS =
      List.of("\"\"", "\"%s\"".formatted("q".repeat(5000)), "[]");
  private static final List<String> FLAGS = List.of("\"maybe\"");
  private static final List<String> LISTS = List.of("7", "[null]");
  private static final List<String> PARTS = List.of("7", "[]");

  private static Stream<String> leaves(JsonNode node, String path) {
    var inner =
        node.isObject()
            ? node.propertyNames().stream()
                .flatMap(name -> leaves(node.get(name), path.isEmpty() ? name : path + "." + name))
            : node.isArray()
                ? Stream.iterate(0, i -> i + 1)
                    .limit(node.size())
                    .flatMap(i -> leaves(node.get(i), path + "[" + i + "]"))
                : Stream.<String>empty();
    return path.isEmpty() ? inner : Stream.concat(Stream.of(path), inner);
  }

  private static List<String> wrong(JsonNode value) {
    return value.isNumber()
        ? NUMBERS
        : value.isString()
            ? TEXTS
            : value.isBoolean()
                ? FLAGS
                : value.isArray() ? LISTS : value.isObject() ? PARTS : List.of();
  }

  private static String pointer(String path) {
    return "/" + path.replace("/", "~1").replaceAll("\\[(\\d+)]", ".$1").replace('.', '/');
  }

  private static JsonNode with(JsonNode example, String path, String value) {
    var changed = example.deepCopy();
    var at = pointer(path);
    int last = at.lastIndexOf('/');
    var parent = last == 0 ? changed : changed.at(at.substring(0, last));
    var name = at.substring(last + 1).replace("~1", "/");
    if (parent instanceof ArrayNode list) {
      list.set(Integer.parseInt(name), JSON.readTree(value));
    } else {
      ((ObjectNode) parent).set(name, JSON.readTree(value));
    }
    return changed;
  }

  private static boolean near(String named, String path) {
    return named.equals(path) || named.startsWith(path) || path.startsWith(named);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "/api/aftercare",
        "/api/bench-days/plan",
        "/api/cut-plans",
        "/api/judgements",
        "/api/maps",
        "/api/outcomes",
        "/api/pot-advice",
        "/api/rounds/plan",
        "/api/sums/conversions",
        "/api/sums/day-length",
        "/api/sums/dilution",
        "/api/sums/feed",
        "/api/sums/fill",
        "/api/sums/ph",
        "/api/sums/roots",
        "/api/sums/used-life"
      })
  void whatIsWrongIsNamedAsItWasSent(String address) throws Exception {
    var description = APP.get("/api/openapi").body();
    var schema =
        description
            .at(
                "/paths/%s/post/requestBody/content/application~1json/schema/$ref"
                    .formatted(address.replace("/", "~1")))
            .asString();
    var given = description.at(schema.substring(1) + "/example");
    var example = given.isString() ? JSON.readTree(given.asString()) : given;
    assertThat(APP.post(address, example.toString()).status()).isEqualTo(200);
    int refused = 0;
    var astray = new ArrayList<String>();
    for (var path : leaves(example, "").filter(each -> !each.matches(".*" + NAMES)).toList()) {
      for (var value : wrong(example.at(pointer(path)))) {
        var answer = APP.post(address, with(example, path, value).toString());
        var faults = answer.body().path("faults");
        if (answer.status() == 400) {
          refused++;
          if (faults.valueStream().noneMatch(each -> near(each.path("field").asString(), path))) {
            astray.add("%s = %.20s: %s".formatted(path, value, answer.body()));
          }
        } else if (!Set.of(200).contains(answer.status())) {
          astray.add("%s = %.20s: %d".formatted(path, value, answer.status()));
        }
      }
    }
    assertThat(astray).isEmpty();
    assertThat(refused).as("cases that were refused").isGreaterThan(2);
  }
}
