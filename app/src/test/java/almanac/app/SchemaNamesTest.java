package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** The document of the interface knows its schemas by their short names alone. */
class SchemaNamesTest {

  @Test
  void noTwoPartsOfTheInterfaceShareAName() {
    var twice =
        new ClassFileImporter()
                .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
                .importPackages("almanac.app")
                .stream()
                .filter(
                    each -> each.isRecord() && !each.getPackageName().startsWith("almanac.app.db"))
                .filter(SchemaNamesTest::spokenByTheInterface)
                .collect(Collectors.groupingBy(JavaClass::getSimpleName, Collectors.counting()));
    assertThat(twice).allSatisfy((name, times) -> assertThat(times).as(name).isEqualTo(1));
  }

  /** Whatever stands in or beside a controller. */
  private static boolean spokenByTheInterface(JavaClass each) {
    return each.getName().contains("Controller$")
        || each.getName().contains("Slip")
        || each.getName().contains("PlantPage");
  }
}
