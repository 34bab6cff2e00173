package almanac.app.copies.packages;

import java.io.IOException;
import java.util.HashMap;
import java.util.Map;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;

/**
 * What the description of a package says of it.
 *
 * @param format by which it was written
 * @param schema of the tables
 * @param sealed whether the package says at its end what all of it was
 * @param sums of the tables, by the names of their files, where they are said
 */
record Described(int format, int schema, boolean sealed, Map<String, String> sums) {
  private static final int LONGEST = 4_000_000;
  private static final String HASH = "sha256:";

  /**
   * @throws BadPackage if there is none, or it cannot be read
   */
  static Described of(Unpacking zip) throws IOException {
    JsonNode described;
    try (var in = zip.open(Description.FILE)) {
      described = Description.JSON.readTree(in.readNBytes(LONGEST));
    } catch (JacksonException e) {
      throw new BadPackage("%s cannot be read.".formatted(Description.FILE));
    }
    var sums = new HashMap<String, String>();
    for (var resource : described.path("resources")) {
      var hash = resource.path("hash").asString("");
      if (hash.startsWith(HASH)) {
        sums.put(resource.path("path").asString(""), hash.substring(HASH.length()));
      }
    }
    var ours = described.path(Description.OURS);
    return new Described(
        ours.path("format").asInt(0),
        ours.path("schema").asInt(0),
        ours.path("sealed").asBoolean(false),
        sums);
  }

  /**
   * @param read the sums of the files as they came
   * @throws BadPackage if a table is not what it was when it was written
   */
  void refuseOthers(Map<String, String> read) {
    sums.forEach(
        (file, sum) -> {
          var come = read.get(file);
          if (come == null) {
            throw new BadPackage("The package has no %s.".formatted(file));
          }
          if (!come.equals(sum)) {
            throw new BadPackage(
                "%s is not what it was when it was written. If you changed it yourself, take its “hash” and “sealed” out of %s."
                    .formatted(file, Description.FILE));
          }
        });
  }
}
