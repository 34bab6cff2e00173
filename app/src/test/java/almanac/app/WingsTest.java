package almanac.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

/** Where things are in the application. */
class WingsTest {
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
  void aWingUsesOnlyWingsBelowIt() {
    layeredArchitecture()
        .consideringOnlyDependenciesInLayers()
        .layer("start")
        .definedBy("almanac.app.start..")
        .layer("errands")
        .definedBy("almanac.app.errands..")
        .layer("judged")
        .definedBy("almanac.app.judged..")
        .layer("copies")
        .definedBy("almanac.app.copies..")
        .layer("record")
        .definedBy("almanac.app.record..")
        .layer("ground")
        .definedBy("almanac.app.ground..")
        .whereLayer("start")
        .mayNotBeAccessedByAnyLayer()
        .whereLayer("errands")
        .mayOnlyBeAccessedByLayers("start")
        .whereLayer("judged")
        .mayOnlyBeAccessedByLayers("start", "errands")
        .whereLayer("copies")
        .mayOnlyBeAccessedByLayers("start", "errands")
        .whereLayer("record")
        .mayOnlyBeAccessedByLayers("start", "errands", "judged", "copies")
        .whereLayer("ground")
        .mayOnlyBeAccessedByLayers("start", "errands", "judged", "copies", "record")
        .check(APP);
  }

  @Test
  void everyRoomLiesInAWing() {
    classes()
        .that()
        .resideOutsideOfPackages(
            "almanac.app.start..",
            "almanac.app.errands..",
            "almanac.app.judged..",
            "almanac.app.copies..",
            "almanac.app.record..",
            "almanac.app.ground..",
            "almanac.app.db..")
        .should()
        .resideInAPackage("almanac.app")
        .check(APP);
  }
}
