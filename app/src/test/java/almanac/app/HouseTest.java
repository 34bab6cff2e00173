package almanac.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

/** Where things are in the application. */
class HouseTest {
  private static final JavaClasses APP =
      new ClassFileImporter()
          .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
          .importPackages("almanac.app");

  @Test
  void controllersLeaveTheDatabaseToOthers() {
    noClasses()
        .that()
        .haveSimpleNameEndingWith("Controller")
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage("org.jooq..", "almanac.app.db..", "java.sql..")
        .check(APP);
  }

  @Test
  void whatIsWrittenDownDoesNotDependOnHowItIsShown() {
    noClasses()
        .that()
        .resideInAnyPackage("almanac.app.journal..", "almanac.app.site..", "almanac.app.benches..")
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage(
            "almanac.app.plants..",
            "almanac.app.inspections..",
            "almanac.app.repots..",
            "almanac.app.checks..")
        .check(APP);
  }
}
