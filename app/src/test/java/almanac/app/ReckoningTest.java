package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.ground.web.Reckons;
import almanac.app.start.RunningApplication;
import io.swagger.v3.oas.annotations.Operation;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.Executors;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.springframework.http.HttpMethod;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** What only reckons neither waits for who writes, nor lets anybody wait who does. */
class ReckoningTest {
  @RegisterExtension static final RunningApplication APP = RunningApplication.withDemo();

  private static final Pattern KEEPS_NOTHING =
      Pattern.compile("(?i).*(nothing is (stored|saved)|keeps nothing|without keeping|sums/).*");

  private record Asked(String method, String path) {}

  private static List<Asked> reckoning(boolean marked) {
    var all = new ArrayList<Asked>();
    APP.bean("requestMappingHandlerMapping", RequestMappingHandlerMapping.class)
        .getHandlerMethods()
        .forEach(
            (mapping, method) -> {
              var operation = method.getMethodAnnotation(Operation.class);
              var path = mapping.getPatternValues().iterator().next();
              boolean asks =
                  mapping.getMethodsCondition().getMethods().stream()
                      .anyMatch(each -> each != RequestMethod.GET);
              boolean chosen =
                  marked
                      ? method.hasMethodAnnotation(Reckons.class)
                      : operation != null
                          && KEEPS_NOTHING.matcher(operation.summary() + " " + path).matches();
              if (asks && chosen) {
                all.add(
                    new Asked(
                        mapping.getMethodsCondition().getMethods().iterator().next().name(), path));
              }
            });
    return all;
  }

  @Test
  void whateverSaysThatItKeepsNothingIsMarked() {
    var marked = new TreeSet<>(reckoning(true).stream().map(Asked::path).toList());
    assertThat(reckoning(false)).hasSizeGreaterThan(12);
    assertThat(marked).containsAll(reckoning(false).stream().map(Asked::path).toList());
    assertThat(marked).contains("/api/bench-days", "/api/bench-days/plan");
  }

  @Test
  void whoOnlyReckonsDoesNotWaitForWhoWrites() throws Exception {
    var writing = new CountDownLatch(1);
    var done = new CountDownLatch(1);
    var transactions = new TransactionTemplate(APP.bean(PlatformTransactionManager.class));
    var writer = Executors.newSingleThreadExecutor();
    try {
      var written =
          writer.submit(
              () ->
                  transactions.executeWithoutResult(
                      status -> {
                        writing.countDown();
                        try {
                          done.await();
                        } catch (InterruptedException e) {
                          Thread.currentThread().interrupt();
                        }
                      }));
      writing.await();
      for (var asked : reckoning(true)) {
        if (!asked.method().equals(HttpMethod.PUT.name())) {
          var path = asked.path().replaceAll("\\{[^}]+}", "1");
          var answer = APP.once("reckons-" + System.nanoTime(), asked.method(), path, "{}");
          assertThat(answer.status()).as("%s: %s", path, answer.body()).isNotEqualTo(503);
        }
      }
      var waits =
          APP.once("writes-" + System.nanoTime(), "POST", "/api/places", "{\"name\":\"Shelf\"}");
      assertThat(waits.status()).as("who writes waits its turn").isEqualTo(503);
      done.countDown();
      written.get();
    } finally {
      done.countDown();
      writer.shutdownNow();
    }
  }

  @Test
  void benchDaysThatAreSentTwiceAreKeptOnceAndOtherOnesAreAConflict() throws Exception {
    var page = APP.get("/api/bench-days").body();
    var entry = "{\"days\":[{\"on\":\"2027-06-01\",\"minutes\":90}],\"pins\":[],\"version\":%s}";
    var wanted = entry.formatted(page.path("version"));
    var kept = APP.put("/api/bench-days", wanted);
    assertThat(kept.status()).as("%s", kept.body()).isEqualTo(200);
    var again = APP.put("/api/bench-days", wanted);
    assertThat(again.status()).as("%s", again.body()).isEqualTo(200);
    assertThat(again.body()).isEqualTo(kept.body());
    var other = APP.put("/api/bench-days", wanted.replace("90", "60"));
    assertThat(other.status()).isEqualTo(409);
  }
}
