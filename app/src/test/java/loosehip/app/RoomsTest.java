package loosehip.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** Walls between the rooms of the application. */
@AnalyzeClasses(packages = "loosehip.app", importOptions = ImportOption.DoNotIncludeTests.class)
class RoomsTest {
  private static final String[] STATIONS = {
    "loosehip.app.today..",
    "loosehip.app.talk..",
    "loosehip.app.measure..",
    "loosehip.app.setup..",
    "loosehip.app.swing..",
    "loosehip.app.links..",
    "loosehip.app.follow.."
  };

  @ArchTest
  static final ArchRule ONLY_THE_STORE_KNOWS_TABLES =
      noClasses()
          .that()
          .resideOutsideOfPackage("loosehip.app.store..")
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage("loosehip.app.store.generated..", "org.jooq..")
          .because("ask a repository of loosehip.app.store, or give it a new method");

  @ArchTest
  static final ArchRule STATIONS_KEEP_TO_THEMSELVES =
      slices()
          .matching("loosehip.app.(talk|measure|setup|swing|links|follow|today)..")
          .should()
          .notDependOnEachOther()
          .because("what two stations share belongs to golfer, frame or the core");

  @ArchTest
  static final ArchRule THE_COMMAND_LINE_NEEDS_NO_CONTEXT =
      noClasses()
          .that()
          .haveSimpleNameStartingWith("Case")
          .and()
          .haveSimpleNameNotEndingWith("Controller")
          .and()
          .resideInAPackage("loosehip.app.casefile")
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage("org.springframework..")
          .because("assess answers in under two seconds; keep the context out of it");

  @ArchTest
  static final ArchRule NOTHING_HANGS_ON_A_STATION =
      noClasses()
          .that()
          .resideInAnyPackage(
              "loosehip.app.golfer..",
              "loosehip.app.frame..",
              "loosehip.app.store..",
              "loosehip.app.planview..",
              "loosehip.app.figure..")
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage(STATIONS);
}
