package loosehip.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

/** Walls between the rooms of the application; looked at beside the other tests, not after them. */
class RoomsTest {
  private static final JavaClasses ROOMS =
      new ClassFileImporter()
          .withImportOption(new ImportOption.DoNotIncludeTests())
          .importPackages("loosehip.app");

  private static final String[] STATIONS = {
    "loosehip.app.today..",
    "loosehip.app.talk..",
    "loosehip.app.measure..",
    "loosehip.app.setup..",
    "loosehip.app.swing..",
    "loosehip.app.links..",
    "loosehip.app.follow.."
  };

  @Test
  void onlyTheStoreKnowsTables() {
    noClasses()
        .that()
        .resideOutsideOfPackage("loosehip.app.store..")
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage("loosehip.app.store.generated..", "org.jooq..")
        .because("ask a repository of loosehip.app.store, or give it a new method")
        .check(ROOMS);
  }

  @Test
  void stationsKeepToThemselves() {
    slices()
        .matching("loosehip.app.(talk|measure|setup|swing|links|follow|today)..")
        .should()
        .notDependOnEachOther()
        .because("what two stations share belongs to golfer, frame or the core")
        .check(ROOMS);
  }

  @Test
  void theCommandLineNeedsNoContext() {
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
        .because("assess answers in under two seconds; keep the context out of it")
        .check(ROOMS);
  }

  @Test
  void nothingHangsOnAStation() {
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
        .resideInAnyPackage(STATIONS)
        .check(ROOMS);
  }
}
