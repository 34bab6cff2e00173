package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import almanac.app.start.RunningApplication;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** The stock: counted by hand, drawn from by jobs, and given back when they are undone. */
class StockKeptTest {
  @RegisterExtension static final RunningApplication APP = RunningApplication.withDemo();

  private static final AtTheBench BENCH = new AtTheBench(APP);

  private static JsonNode line(String words, double across) throws Exception {
    return APP.get("/api/stock")
        .body()
        .valueStream()
        .filter(line -> line.path("words").asString().equals(words))
        .filter(line -> across == 0 || line.path("pot").path("diameterMm").asDouble() == across)
        .findFirst()
        .orElseThrow();
  }

  private static double amount(String words, double across) throws Exception {
    return line(words, across).path("amount").asDouble();
  }

  private static JsonNode withPot(String plant, double across) throws Exception {
    var pot = line("clear pot", across);
    var job = BENCH.begin(plant);
    var told = AtTheBench.with(job, "pot", pot.path("pot").toString());
    told.set("potItem", pot.path("uid"));
    told.set("mix", RunningApplication.json("[{\"component\":\"BARK_MEDIUM\",\"parts\":4}]"));
    return BENCH.save(job, told);
  }

  @Test
  void aJobDrawsItsPotAndItsMixAndUndoneItGivesThemBack() throws Exception {
    double pots = amount("clear pot", 150);
    double bark = amount("medium bark", 0);
    var job = withPot("Phalaenopsis Nine Arches", 150);
    double needed = job.path("fill").path("mixMl").asDouble();
    assertThat(needed).isGreaterThan(1000);
    assertThat(job.path("fill").path("portions").path(0).path("inStockMl").asDouble())
        .isEqualTo(bark);
    assertThat(amount("clear pot", 150)).as("a job that is open draws nothing").isEqualTo(pots);
    var finished = BENCH.finish(job);
    assertThat(amount("clear pot", 150)).isEqualTo(pots - 1);
    assertThat(amount("medium bark", 0)).isCloseTo(bark - needed, within(1e-6));
    assertThat(
            finished
                .body()
                .path("plant")
                .path("journal")
                .valueStream()
                .map(RunningApplication::words))
        .anySatisfy(
            line -> assertThat(line).contains("From the stock: 1 clear pot").contains("bark"));
    APP.post("/api/acts/%s/withdrawal".formatted(finished.body().path("act").asString()), "{}");
    assertThat(amount("clear pot", 150)).isEqualTo(pots);
    assertThat(amount("medium bark", 0)).isCloseTo(bark, within(1e-6));
  }

  @Test
  void aPotThatIsSmallerThanTheBallIsRefusedAndAFindNeverIsForIt() throws Exception {
    var job = BENCH.begin("Miltonia Ripple Bank");
    var small = "{\"type\":\"CLEAR\",\"diameterMm\":80,\"depthMm\":70,\"topLayer\":\"\"}";
    var whole = BENCH.save(job, AtTheBench.with(job, "chosen", "\"MOVE_UP\""));
    assertThat(BENCH.tell(whole, "pot", small).fault("pot.diameterMm")).isPresent();
    var bare = BENCH.save(whole, AtTheBench.with(whole, "chosen", "\"FULL_REPOT\""));
    var potted = BENCH.save(bare, AtTheBench.with(bare, "pot", small));
    assertThat(potted.path("fill").path("mixMl").asDouble()).isPositive();
    var again = BENCH.save(potted, AtTheBench.with(potted, "chosen", "\"MOVE_UP\""));
    assertThat(again.path("fill").isNull()).as("it does not go in any more").isTrue();
    APP.delete("/api/jobs/" + job.path("uid").asString());
  }

  @Test
  void aJobNeverDrawsMoreThanThereIs() throws Exception {
    var job = withPot("Phalaenopsis Ice House", 150);
    var told = AtTheBench.with(job, "mix", "[{\"component\":\"BARK_FINE\",\"parts\":1}]");
    job = BENCH.save(job, told);
    assertThat(shopping()).anySatisfy(line -> assertThat(line).contains("fine bark"));
    var finished = BENCH.finish(job);
    assertThat(amount("fine bark", 0)).isZero();
    APP.post("/api/acts/%s/withdrawal".formatted(finished.body().path("act").asString()), "{}");
    assertThat(amount("fine bark", 0)).isEqualTo(350);
  }

  private static java.util.List<String> shopping() throws Exception {
    return APP.get("/api/bench-needs")
        .body()
        .path("lacking")
        .valueStream()
        .map(lack -> RunningApplication.plain(lack.path("what")))
        .toList();
  }

  @Test
  void whatIsLowOrOutIsOnTheShoppingList() throws Exception {
    assertThat(shopping()).contains("gloves (out)", "stakes and ties, 9 wanted (low)");
  }

  @Test
  void whatIsBoiledGoesBackIntoTheStock() throws Exception {
    double pumice = amount("pumice, 3–8 mm", 0);
    var job = BENCH.begin("Phragmipedium Culvert");
    job = BENCH.save(job, AtTheBench.with(job, "chosen", "\"FULL_REPOT\""));
    job =
        BENCH.save(job, AtTheBench.with(job, "fill", "{\"back\":{\"PUMICE\":400},\"topMm\":null}"));
    var finished = BENCH.finish(job);
    double after =
        Stream.of("pumice, 3–8 mm", "pumice, 8–12 mm")
            .mapToDouble(
                words -> {
                  try {
                    return amount(words, 0);
                  } catch (Exception failure) {
                    throw new IllegalStateException(failure);
                  }
                })
            .sum();
    assertThat(after).as("of %s before", pumice).isNotEqualTo(8500);
    assertThat(finished.body().toString()).contains("Back into the stock: ");
    APP.post("/api/acts/%s/withdrawal".formatted(finished.body().path("act").asString()), "{}");
    assertThat(amount("pumice, 3–8 mm", 0)).isEqualTo(pumice);
  }

  @Test
  void countingSaysHowMuchThereIsNow() throws Exception {
    var line = line("perlite", 0);
    var address = "/api/stock/" + line.path("uid").asString();
    APP.put(address, "{\"amount\":1234}");
    assertThat(amount("perlite", 0)).isEqualTo(1234);
    assertThat(APP.put(address, "{\"amount\":-1}").fault("amount")).isPresent();
    assertThat(amount("perlite", 0)).isEqualTo(1234);
    APP.put(address, "{\"amount\":%s}".formatted(line.path("amount").asDouble()));
  }

  @ParameterizedTest(name = "{0}")
  @CsvSource(
      delimiter = '|',
      value = {
        "pots nobody measured | {'pot':{'type':'CLEAR','topLayer':''},'amount':1} | pot.diameterMm",
        "half a pot | {'pot':{'type':'CLEAR','diameterMm':60,'topLayer':''},'amount':0.5} | amount",
        "less than nothing | {'component':'LAVA','amount':-5} | amount",
        "nothing at all | {'amount':1} | name",
      })
  void whatCannotBeInStockIsRefused(String what, String entry, String field) throws Exception {
    assertThat(APP.post("/api/stock", entry.replace('\'', '"')).fault(field)).isPresent();
  }

  @Test
  void theSameThingIsKeptOnce() throws Exception {
    var entry = "{\"component\":\"BARK_MEDIUM\",\"amount\":5}";
    assertThat(APP.post("/api/stock", entry).status()).isEqualTo(409);
  }

  @Test
  void recipesAreKeptByName() throws Exception {
    var mix = "[{\"component\":\"LAVA\",\"parts\":2},{\"component\":\"PUMICE\",\"parts\":1}]";
    var entry = "{\"name\":\"Stones\",\"mix\":%s}".formatted(mix);
    var kept = APP.post("/api/recipes", entry).body();
    APP.post("/api/recipes", entry.replace("\"parts\":2", "\"parts\":3"));
    var stones =
        APP.get("/api/recipes")
            .body()
            .valueStream()
            .filter(recipe -> recipe.path("name").asString().equals("Stones"))
            .toList();
    assertThat(stones)
        .singleElement()
        .satisfies(
            recipe -> assertThat(recipe.path("words").asString()).isEqualTo("lava 3 : pumice 1"));
    assertThat(APP.delete("/api/recipes/" + kept.path("uid").asString()).status()).isEqualTo(404);
    var none = "{\"name\":\"None\",\"mix\":[{\"component\":\"LAVA\",\"parts\":0}]}";
    assertThat(APP.post("/api/recipes", none).fault("mix")).isPresent();
  }
}
