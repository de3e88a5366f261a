package variablerotor.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** Imports run one way, and only stores speak to the database. */
@AnalyzeClasses(
    packages = "variablerotor.server",
    importOptions = ImportOption.DoNotIncludeTests.class)
class ServerArchitectureTest {
  @ArchTest
  static final ArchRule ONLY_STORES_USE_JOOQ =
      noClasses()
          .that()
          .haveSimpleNameNotEndingWith("Store")
          .and()
          .resideOutsideOfPackage("..schema..")
          .and()
          .areTopLevelClasses()
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage("org.jooq..", "variablerotor.server.schema..");

  @ArchTest
  static final ArchRule CALLS_KNOW_NO_PAPERS =
      noClasses()
          .that()
          .resideInAPackage("..call..")
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage("..document..", "..demo..");

  @ArchTest
  static final ArchRule PLUMBING_KNOWS_NO_SUBJECT =
      noClasses()
          .that()
          .resideInAPackage("..server.web..")
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage("..call..", "..account..", "..shop..", "..document..", "..demo..");
}
