package loosehip.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** The core knows no framework, and its rooms do not go in circles. */
@AnalyzeClasses(packages = "loosehip.core", importOptions = ImportOption.DoNotIncludeTests.class)
class RoomsTest {
  @ArchTest
  static final ArchRule THE_CORE_KNOWS_NO_FRAMEWORK =
      noClasses()
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage(
              "org.springframework..",
              "org.jooq..",
              "tools.jackson..",
              "com.fasterxml..",
              "jakarta..",
              "org.thymeleaf..",
              "java.sql..")
          .because("the judgement must run without pages, files or tables; move that to the app");

  @ArchTest
  static final ArchRule ROOMS_DO_NOT_GO_IN_CIRCLES =
      slices().matching("loosehip.core.(*)..").should().beFreeOfCycles();
}
