package almanac.app.errands.bench;

import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * How what was told of a job is kept until it is finished: with the number of its form, so that a
 * job that was begun with an older program goes on with this one.
 *
 * <p>Whoever changes what is kept in a way that an older text does not follow raises {@link #FORM},
 * turns the older form into the new one in {@link #inThisForm}, and leaves the older text among the
 * tests.
 */
@Component
class KeptTold {
  /**
   * 1: told alone. 2: behind the number of its form. 3: with its day and its ending. 4: with what
   * was given to the roots, and each piece with its mix and tally.
   */
  private static final int FORM = 4;

  private final JsonMapper json;

  KeptTold(JsonMapper json) {
    this.json = json;
  }

  String written(JobTold told) {
    return json.writeValueAsString(new Kept(FORM, json.valueToTree(told)));
  }

  /**
   * @throws IllegalStateException if a newer program kept it
   */
  JobTold read(String text) {
    return json.treeToValue(inThisForm(json.readTree(text)), JobTold.class);
  }

  private static JsonNode inThisForm(JsonNode kept) {
    int form = kept.path("form").asInt(1);
    return switch (form) {
      case 1 -> kept;
      // What came with the later forms may be left out of the former.
      case 2, 3, FORM -> kept.path("told");
      default ->
          throw new IllegalStateException(
              "What was told of a job is kept in form %d, which only a newer program reads."
                  .formatted(form));
    };
  }

  private record Kept(int form, JsonNode told) {}
}
