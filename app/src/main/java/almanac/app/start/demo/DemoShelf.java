package almanac.app.start.demo;

import almanac.core.medium.Component;
import almanac.core.medium.Mix;
import almanac.core.pot.Pot;
import almanac.core.pot.PotType;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.EnumMap;
import java.util.List;
import org.springframework.core.io.ClassPathResource;

/** The plants of the demo, read from {@code demo/plants.csv}. */
final class DemoShelf {
  /** What is known of a plant's years here. */
  enum Past {
    /** Looked at through the seasons, up to now. */
    QUIET,
    /** As quiet, but for the last months, which are told by themselves. */
    TOLD,
    /** Came so many months ago; nobody knows when it was potted. */
    NEWCOMER
  }

  /** One row of the table. */
  record Row(String label, String kind, String place, Mix mix, int months, Pot pot, Past past) {
    /** Under lamps every month is as good as another. */
    boolean lit() {
      return place.contains("lights");
    }
  }

  /** Pots are nearly as deep as wide. */
  private static final double DEPTH = 0.9;

  private DemoShelf() {}

  static List<Row> rows() {
    return lines("demo/plants.csv").stream().map(DemoShelf::row).toList();
  }

  /** Those of a table below its heading. */
  static List<String> lines(String table) {
    var file = new ClassPathResource(table);
    try (var lines =
        new BufferedReader(new InputStreamReader(file.getInputStream(), StandardCharsets.UTF_8))) {
      return lines.lines().skip(1).toList();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static Row row(String line) {
    var cells = line.split(";");
    return new Row(
        cells[0],
        cells[1],
        cells[2],
        mix(cells[3]),
        Integer.parseInt(cells[4]),
        pot(cells[5], Double.parseDouble(cells[6])),
        Past.valueOf(cells[7]));
  }

  private static Pot pot(String type, double diameterMm) {
    return diameterMm == 0
        ? new Pot(PotType.valueOf(type), null, null, "")
        : new Pot(PotType.valueOf(type), diameterMm, Math.rint(diameterMm * DEPTH), "");
  }

  static Mix mix(String words) {
    var parts = new EnumMap<Component, Double>(Component.class);
    for (var part : words.split(" : ")) {
      var pair = part.split(" ");
      parts.put(Component.valueOf(pair[0]), Double.valueOf(pair[1]));
    }
    return new Mix(parts);
  }
}
