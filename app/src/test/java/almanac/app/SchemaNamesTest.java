package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaField;
import com.tngtech.archunit.core.domain.JavaMethod;
import com.tngtech.archunit.core.domain.JavaType;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.ArrayDeque;
import java.util.Collection;
import java.util.HashSet;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** The document of the interface knows its schemas by their short names alone. */
class SchemaNamesTest {
  @Test
  void noTwoPartsOfTheInterfaceShareAName() {
    var reached = reached();
    assertThat(reached)
        .extracting(JavaClass::getSimpleName)
        .contains("Slip", "PottingView", "PotVolume");
    assertThat(reached.stream().collect(Collectors.groupingBy(JavaClass::getSimpleName)))
        .allSatisfy((name, types) -> assertThat(types).as(name).hasSize(1));
  }

  /** Every record that the document reaches from what a controller takes and answers. */
  private static Set<JavaClass> reached() {
    var open =
        new ArrayDeque<JavaClass>(
            new ClassFileImporter()
                    .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
                    .importPackages("almanac")
                    .stream()
                    .filter(each -> each.getSimpleName().endsWith("Controller"))
                    .flatMap(controller -> controller.getMethods().stream())
                    .filter(method -> !method.getAnnotations().isEmpty())
                    .flatMap(SchemaNamesTest::spoken)
                    .toList());
    var reached = new HashSet<JavaClass>();
    while (!open.isEmpty()) {
      var next = open.pop();
      if (next.isRecord() && next.getPackageName().startsWith("almanac") && reached.add(next)) {
        next.getFields().stream()
            .map(JavaField::getType)
            .map(JavaType::getAllInvolvedRawTypes)
            .forEach(open::addAll);
      }
    }
    return reached;
  }

  private static Stream<JavaClass> spoken(JavaMethod method) {
    return Stream.concat(Stream.of(method.getReturnType()), method.getParameterTypes().stream())
        .map(JavaType::getAllInvolvedRawTypes)
        .flatMap(Collection::stream);
  }
}
