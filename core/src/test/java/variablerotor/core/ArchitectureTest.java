package variablerotor.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.fields;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaField;
import com.tngtech.archunit.core.domain.JavaModifier;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchCondition;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.lang.ConditionEvents;
import com.tngtech.archunit.lang.SimpleConditionEvent;

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
          .resideInAnyPackage("variablerotor.core..", "java..", "org.jspecify.annotations..");

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

  /** A word of a program is the same word in every country. */
  @ArchTest
  static final ArchRule CASE_IS_CHANGED_IN_A_FIXED_LOCALE =
      noClasses()
          .should()
          .callMethod(String.class, "toLowerCase")
          .orShould()
          .callMethod(String.class, "toUpperCase");

  /** One model of a family serves all requests at once: what it makes later is published whole. */
  @ArchTest
  static final ArchRule SHARED_MODELS_ARE_FINAL_OR_VOLATILE =
      fields()
          .that()
          .areDeclaredInClassesThat()
          .haveSimpleName("MadeOnce")
          .or()
          .areDeclaredInClassesThat()
          .haveSimpleName("Question")
          .or()
          .areDeclaredInClassesThat()
          .haveSimpleName("CauseTable")
          .or()
          .areDeclaredInClassesThat()
          .haveSimpleName("Check")
          .should(
              new ArchCondition<>("be final or volatile") {
                @Override
                public void check(JavaField field, ConditionEvents events) {
                  boolean safe =
                      field.getModifiers().contains(JavaModifier.FINAL)
                          || field.getModifiers().contains(JavaModifier.VOLATILE);
                  events.add(new SimpleConditionEvent(field, safe, field.getFullName()));
                }
              });

  /** Each would bring a large part of a class library into the page. */
  @ArchTest
  static final ArchRule NOTHING_LARGE_IN_THE_PAGE =
      noClasses()
          .should()
          .callMethod(java.time.LocalDate.class, "parse", CharSequence.class)
          .orShould()
          .callMethod(String.class, "split", String.class)
          .orShould()
          .callMethod(String.class, "split", String.class, int.class)
          .orShould()
          .callMethod(String.class, "matches", String.class)
          .orShould()
          .callMethod(String.class, "replaceAll", String.class, String.class);

  /** The logarithm of this one is the same, to the last digit, wherever the core runs. */
  @ArchTest
  static final ArchRule ONE_LOGARITHM =
      noClasses().should().callMethod(Math.class, "log", double.class);

  @ArchTest
  static final ArchRule NO_FORMATTER =
      noClasses().should().callMethod(String.class, "format", String.class, Object[].class);
}
