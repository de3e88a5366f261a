package variablerotor.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** The shape of the core: plain Java, no circles, ready to be compiled to JavaScript. */
@AnalyzeClasses(
    packages = "variablerotor.core",
    importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
  @ArchTest
  static final ArchRule ITS_OWN_AND_JAVA =
      classes()
          .should()
          .onlyDependOnClassesThat()
          .resideInAnyPackage("variablerotor.core..", "java..");

  @ArchTest
  static final ArchRule NO_CIRCLES =
      slices().matching("variablerotor.core.(*)..").should().beFreeOfCycles();

  @ArchTest
  static final ArchRule NO_IO_REFLECTION_THREADS_LOGS =
      noClasses()
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage(
              "java.io..",
              "java.nio..",
              "java.lang.reflect..",
              "java.util.concurrent..",
              "java.util.logging..",
              "java.util.regex..");

  @ArchTest
  static final ArchRule NO_CLOCK_BUT_DATES_GIVEN =
      noClasses()
          .should()
          .callMethod(java.time.LocalDate.class, "now")
          .orShould()
          .callMethod(System.class, "currentTimeMillis")
          .orShould()
          .callMethod(System.class, "nanoTime")
          .orShould()
          .dependOnClassesThat()
          .haveFullyQualifiedName("java.time.Clock");

  @ArchTest
  static final ArchRule NO_FORMATTER =
      noClasses().should().callMethod(String.class, "format", String.class, Object[].class);
}
