package almanac.app;

import static com.tngtech.archunit.base.DescribedPredicate.describe;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import almanac.core.pot.Spot;
import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaMethodCall;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.time.LocalDate;
import java.time.Period;
import java.time.temporal.ChronoUnit;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Where things are in the application. */
class WingsTest {
  private static final JavaClasses APP =
      new ClassFileImporter()
          .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
          .importPackages("almanac.app");

  /** What reckons a day, a place or a size, by the names of methods. */
  private static final Map<Class<?>, String> RECKONING =
      Map.of(
          LocalDate.class, "plus.*|minus.*|until|datesUntil|with.*",
          ChronoUnit.class, "between",
          Period.class, "between",
          Spot.class, "and|less|towards|mm|degrees",
          Math.class, "hypot|sin|cos|tan|atan2?|sqrt|pow");

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

  /**
   * What a grower could dispute is decided in core: no day is reckoned here, no place, no size.
   * Those that may are stand-ins, invented data, the keeping of copies, and formats that count days
   * in their own way.
   */
  @Test
  void noDayAndNoPlaceIsReckonedOutsideTheRules() {
    noClasses()
        .that()
        .resideOutsideOfPackages(
            "almanac.app.start.demo..",
            "almanac.app.errands.instruments..",
            "almanac.app.errands.calendar..",
            "almanac.app.copies..")
        .should()
        .callMethodWhere(describe("a day or a place is reckoned", WingsTest::reckons))
        .check(APP);
  }

  private static boolean reckons(JavaMethodCall call) {
    var owner = call.getTargetOwner();
    return RECKONING.entrySet().stream()
        .filter(each -> owner.isEquivalentTo(each.getKey()))
        .anyMatch(each -> call.getName().matches(each.getValue()));
  }

  @Test
  void whatTimeItIsIsAskedOfOneClock() {
    noClasses()
        .that()
        .resideOutsideOfPackage("almanac.app.ground.clock")
        .should()
        .callMethodWhere(
            describe(
                "the machine is asked what time it is",
                call ->
                    call.getName().matches("now|systemUTC|systemDefaultZone|currentTimeMillis")
                        && call.getTargetOwner().getPackageName().startsWith("java.")
                        && call.getTarget().getRawParameterTypes().isEmpty()))
        .check(APP);
  }
}
