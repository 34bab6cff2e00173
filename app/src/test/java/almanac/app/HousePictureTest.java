package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.Dependency;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/**
 * docs/house.svg shows the house as its imports say it is; run with -Dalmanac.write=true to draw it
 * anew.
 */
class HousePictureTest {
  private static final Path PICTURE = Path.of("..", "docs", "house.svg");
  private static final Path UI = Path.of("..", "ui");
  private static final List<String> WINGS =
      List.of("start", "copies", "errands", "judged", "record", "ground");

  /** Rooms on one floor, with what is written beside it. */
  private record Floor(String name, Map<String, Integer> rooms) {}

  private static Map<String, Set<JavaClass>> rooms(String house, int deep) {
    var rooms = new TreeMap<String, Set<JavaClass>>();
    for (var each :
        new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .withImportOption(location -> !location.contains("-tests.jar"))
            .importPackages("almanac." + house)) {
      var path = each.getPackageName().split("\\.");
      if (path.length > 2 && !path[2].equals("db")) {
        var room = String.join(".", Arrays.copyOfRange(path, 2, Math.min(path.length, 2 + deep)));
        rooms
            .computeIfAbsent(room, name -> new TreeSet<>(Comparator.comparing(JavaClass::getName)))
            .add(each);
      }
    }
    return rooms;
  }

  private static int files(Set<JavaClass> room) {
    return (int)
        room.stream()
            .filter(JavaClass::isTopLevelClass)
            // What the framework has written is no part of the house.
            .filter(each -> !each.getSimpleName().contains("__"))
            .count();
  }

  private static List<Floor> app() {
    var rooms = rooms("app", 2);
    return WINGS.stream()
        .map(
            wing ->
                new Floor(
                    wing,
                    rooms.entrySet().stream()
                        .filter(room -> (room.getKey() + ".").startsWith(wing + "."))
                        .collect(
                            Collectors.toMap(
                                room -> room.getKey().replaceFirst("^[^.]+\\.?", ""),
                                room -> files(room.getValue()),
                                Integer::sum,
                                TreeMap::new))))
        .toList();
  }

  /** Each room above all that it uses. */
  private static List<Floor> core() {
    var rooms = rooms("core", 2);
    var uses = new TreeMap<String, Set<String>>();
    rooms.forEach(
        (name, classes) ->
            uses.put(
                name,
                classes.stream()
                    .flatMap(each -> each.getDirectDependenciesFromSelf().stream())
                    .map(Dependency::getTargetClass)
                    .map(target -> target.getPackageName().split("\\."))
                    .filter(path -> path.length > 2 && path[1].equals("core"))
                    .map(
                        path ->
                            String.join(".", Arrays.copyOfRange(path, 2, Math.min(path.length, 4))))
                    .filter(other -> !other.equals(name))
                    .collect(Collectors.toCollection(TreeSet::new))));
    var floors = new ArrayList<Floor>();
    for (var left = new TreeSet<>(rooms.keySet()); !left.isEmpty(); ) {
      var above = Set.copyOf(left);
      var floor = new TreeMap<String, Integer>();
      for (var room : above) {
        if (uses.get(room).stream().noneMatch(above::contains)) {
          floor.put(room, files(rooms.get(room)));
        }
      }
      assertThat(floor).as("rooms that use only what lies below").isNotEmpty();
      left.removeAll(floor.keySet());
      floors.add(0, new Floor("", floor));
    }
    return floors;
  }

  /** The ground floor by the rule that holds it, and the errands above it. */
  private static List<Floor> ui() throws IOException {
    var rule = Files.readString(UI.resolve(".dependency-cruiser.cjs"));
    var named = Pattern.compile("const ground = \\[([^\\]]*)\\]").matcher(rule);
    assertThat(named.find()).isTrue();
    var ground =
        Arrays.stream(named.group(1).split(","))
            .map(each -> each.replaceAll("[\\s']", ""))
            .toList();
    var rooms = new TreeMap<String, Integer>();
    try (var folders = Files.list(UI.resolve("src/lib"))) {
      for (var folder : folders.filter(Files::isDirectory).toList()) {
        try (var files = Files.list(folder)) {
          rooms.put(
              folder.getFileName().toString(),
              (int)
                  files
                      .map(file -> file.getFileName().toString())
                      .filter(
                          file ->
                              file.matches(".*\\.(ts|svelte)")
                                  && !file.matches(".*\\.(test|d)\\.ts"))
                      .count());
        }
      }
    }
    rooms.values().removeIf(files -> files == 0);
    var errands = new TreeMap<>(rooms);
    ground.forEach(errands::remove);
    var floors = new ArrayList<Floor>();
    floors.add(new Floor("errands", errands));
    for (int i = ground.size() - 1; i >= 0; i--) {
      floors.add(new Floor("", Map.of(ground.get(i), rooms.get(ground.get(i)))));
    }
    return floors;
  }

  @Test
  void thePictureIsTheHouseAsItsImportsSay() throws IOException {
    var drawn = new Drawing();
    drawn.house("ui: what is seen", ui());
    drawn.house("app: what is kept and answered", app());
    drawn.house("core: the rules", core());
    var svg = drawn.svg();
    if (Boolean.getBoolean("almanac.write")) {
      Files.writeString(PICTURE, svg);
    }
    assertThat(Files.readString(PICTURE)).isEqualTo(svg);
  }

  /** Floors from the top down; boxes in a row that breaks where the paper ends. */
  private static final class Drawing {
    private static final int WIDTH = 980;
    private static final int LEFT = 120;
    private static final int ROW = 34;
    private final StringBuilder boxes = new StringBuilder();
    private int y = 12;

    void house(String title, List<Floor> floors) {
      text(12, y + 18, title, "house");
      y += ROW;
      for (var floor : floors) {
        text(12, y + 19, floor.name(), "wing");
        int x = LEFT;
        for (var room : floor.rooms().entrySet()) {
          var words = room.getKey().isEmpty() ? "(itself)" : room.getKey();
          int wide = 44 + 8 * words.length();
          if (x + wide > WIDTH - 12) {
            x = LEFT;
            y += ROW;
          }
          boxes.append(
              "<rect x=\"%d\" y=\"%d\" width=\"%d\" height=\"28\" rx=\"6\"/>\n"
                  .formatted(x, y, wide));
          text(x + 8, y + 19, words, "room");
          text(x + wide - 22, y + 19, String.valueOf(room.getValue()), "files");
          x += wide + 8;
        }
        y += ROW;
        boxes.append(
            "<line x1=\"%d\" x2=\"%d\" y1=\"%d\" y2=\"%d\"/>\n".formatted(LEFT, WIDTH - 12, y, y));
        y += 6;
      }
      y += 14;
    }

    private void text(int x, int at, String words, String kind) {
      boxes.append(
          "<text x=\"%d\" y=\"%d\" class=\"%s\">%s</text>\n".formatted(x, at, kind, words));
    }

    String svg() {
      return """
          <svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 %d %d" font-family="sans-serif" font-size="14">
          <style>
          svg { background: #fbf8f1 } rect { fill: #fff; stroke: #6b5d4a } line { stroke: #d9d0bd }
          .house { font-weight: bold; font-size: 16px } .wing { fill: #6b5d4a } .files { fill: #8a7c66; font-size: 11px }
          </style>
          <title>The house: every floor uses only what lies below it; the numbers are files</title>
          %s</svg>
          """
          .formatted(WIDTH, y, boxes);
    }
  }
}
