package almanac.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClass;
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
  void noRoomLiesInACircle() {
    slices()
        .matching("almanac.(**)")
        .should()
        .beFreeOfCycles()
        .ignoreDependency(inTheTables(), inTheTables())
        .check(APP);
  }

  /** What is generated from the schema is of one piece. */
  private static DescribedPredicate<JavaClass> inTheTables() {
    return JavaClass.Predicates.resideInAPackage("almanac.app.db..");
  }

  @Test
  void theJournalKnowsNothingOfJudgingOrShowing() {
    noClasses()
        .that()
        .resideInAnyPackage(
            "almanac.app.journal..", "almanac.app.collection..", "almanac.app.store..")
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage(
            "almanac.app.judging..",
            "almanac.app.shown..",
            "almanac.app.told..",
            "almanac.app.web..")
        .check(APP);
  }
}
