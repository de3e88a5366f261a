package variablerotor.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaCall;
import com.tngtech.archunit.core.domain.properties.HasName;
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
          .resideOutsideOfPackage("..log..")
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

  @ArchTest
  static final ArchRule NO_CIRCLES =
      slices().matching("variablerotor.server.(*)..").should().beFreeOfCycles();

  /** So a new stage is a package, and nothing that stands already has to know it. */
  @ArchTest
  static final ArchRule A_CALL_KNOWS_NO_STAGE =
      noClasses()
          .that()
          .resideInAPackage("..server.call..")
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage(
              "..reading..", "..offer..", "..decision..", "..wiring..", "..photo..");

  /**
   * Every save goes through the log; what it does not keep is listed here: counts, which follow
   * from moves and from what calls turned out to be, sites and units, which follow from what calls
   * tell, and what a supply house said last.
   */
  @ArchTest
  static final ArchRule ONLY_THE_LOG_INSERTS =
      noClasses()
          .that()
          .resideOutsideOfPackages("..server.log..", "..server.account..")
          .and()
          .doNotHaveSimpleName("CallStore")
          .and()
          .doNotHaveSimpleName("StockStore")
          .and()
          .doNotHaveSimpleName("SupplyStore")
          .and()
          .doNotHaveSimpleName("OutcomeStore")
          .and()
          .doNotHaveSimpleName("UnitStore")
          .should()
          .callMethodWhere(
              JavaCall.Predicates.target(HasName.Predicates.nameStartingWith("insertInto")));

  /** A word of a program is the same word in every country. */
  @ArchTest
  static final ArchRule CASE_IS_CHANGED_IN_A_FIXED_LOCALE =
      noClasses()
          .should()
          .callMethod(String.class, "toLowerCase")
          .orShould()
          .callMethod(String.class, "toUpperCase");
}
