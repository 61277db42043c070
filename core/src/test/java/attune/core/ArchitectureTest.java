package attune.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;

/** The core computes: no framework, no clock, no files, no cycles. */
@AnalyzeClasses(packages = "attune.core", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
  @ArchTest
  static final ArchRule PURE =
      classes()
          .that()
          .resideOutsideOfPackage("attune.core.words") // where ICU says its messages
          .should()
          .onlyDependOnClassesThat()
          .resideInAnyPackage(
              "attune.core..", "java.lang..", "java.util..", "java.math", "java.time..");

  @ArchTest
  static final ArchRule NO_CLOCK =
      noClasses()
          .should()
          .callMethod(LocalDateTime.class, "now")
          .orShould()
          .callMethod(LocalDate.class, "now")
          .orShould()
          .callMethod(System.class, "currentTimeMillis")
          .orShould()
          .callMethod(System.class, "nanoTime")
          .orShould()
          .dependOnClassesThat()
          .areAssignableTo(Clock.class);

  @ArchTest
  static final ArchRule NO_CHANCE =
      noClasses()
          .should()
          .dependOnClassesThat()
          .haveFullyQualifiedName("java.util.Random")
          .orShould()
          .callMethod(Math.class, "random");

  @ArchTest
  static final ArchRule NO_CYCLES =
      slices().matching("attune.core.(*)..").should().beFreeOfCycles();
}
