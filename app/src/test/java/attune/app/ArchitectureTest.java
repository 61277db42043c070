package attune.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import attune.app.web.Time;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import jakarta.persistence.Entity;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;

/** Feature packages stand apart: no cycles, and each one's tables are its own. */
@AnalyzeClasses(packages = "attune.app", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
  @ArchTest
  static final ArchRule NO_CYCLES = slices().matching("attune.app.(*)..").should().beFreeOfCycles();

  @ArchTest
  static final ArchRule ONE_CLOCK =
      noClasses()
          .that()
          .doNotHaveFullyQualifiedName(Time.class.getName())
          .should()
          .callMethod(LocalDate.class, "now")
          .orShould()
          .callMethod(LocalDateTime.class, "now")
          .orShould()
          .callMethod(Instant.class, "now")
          .orShould()
          .callMethod(System.class, "currentTimeMillis")
          .orShould()
          .callMethod(Clock.class, "systemDefaultZone")
          .orShould()
          .callMethod(Clock.class, "systemUTC");

  @ArchTest
  static final ArchRule FORMATS_KNOW_NO_WEB =
      noClasses()
          .that()
          .resideInAPackage("attune.app.format..")
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage("org.springframework.web..", "jakarta.persistence..");

  @ArchTest
  static final ArchRule TABLES_ARE_NOT_ON_THE_WIRE =
      noClasses()
          .that()
          .haveSimpleNameEndingWith("Controller")
          .should()
          .dependOnClassesThat()
          .areAnnotatedWith(Entity.class);

  @ArchTest
  static final ArchRule NOTHING_LEANS_ON_THE_DEMO =
      noClasses()
          .that()
          .resideOutsideOfPackage("attune.app.demo..")
          .should()
          .dependOnClassesThat()
          .resideInAPackage("attune.app.demo..");
}
