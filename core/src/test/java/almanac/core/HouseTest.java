package almanac.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** The rules stand by themselves: no web, no database, no files, no clock of their own. */
@Tag("long")
class HouseTest {
  private static final JavaClasses CORE =
      new ClassFileImporter()
          .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
          .importPackages("almanac.core");

  @Test
  void theRulesKnowNothingOfTheOutside() {
    noClasses()
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage(
            "org.springframework..",
            "java.sql..",
            "javax.sql..",
            "org.jooq..",
            "tools.jackson..",
            "com.fasterxml..",
            "jakarta..",
            "java.io..",
            "java.nio.file..",
            "java.net..",
            "almanac.app..")
        .check(CORE);
  }

  @Test
  void theRulesHaveNoClockOfTheirOwn() {
    noClasses()
        .should()
        .callMethod(java.time.LocalDate.class, "now")
        .orShould()
        .callMethod(System.class, "currentTimeMillis")
        .orShould()
        .dependOnClassesThat()
        .haveFullyQualifiedName("java.time.Clock")
        .check(CORE);
  }

  @Test
  void noPartOfTheRulesGoesInACircle() {
    slices().matching("almanac.(**)").should().beFreeOfCycles().check(CORE);
  }
}
