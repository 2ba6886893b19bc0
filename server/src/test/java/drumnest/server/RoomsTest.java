package drumnest.server;

import static com.tngtech.archunit.core.domain.JavaClass.Predicates.assignableTo;
import static com.tngtech.archunit.core.domain.properties.CanBeAnnotated.Predicates.annotatedWith;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.core.importer.Location;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import jakarta.persistence.Entity;
import org.springframework.data.repository.Repository;
import org.springframework.stereotype.Controller;

/** Which room of the server may know what. */
@AnalyzeClasses(
    packages = "drumnest.server",
    importOptions = {ImportOption.DoNotIncludeTests.class, RoomsTest.Written.class})
class RoomsTest {

  /** What the build makes of the beans, once it has packed the program, is not laid out by us. */
  static final class Written implements ImportOption {
    @Override
    public boolean includes(Location location) {
      return !location.contains("__");
    }
  }

  private static final String[] STAGES = {
    "..server.gather..",
    "..server.leaves..",
    "..server.place..",
    "..server.movers..",
    "..server.words..",
    "..server.make..",
    "..server.shelf..",
    "..server.sums.."
  };

  @ArchTest
  static final ArchRule only_one_room_knows_how_an_album_is_stored =
      classes()
          .that()
          .resideInAPackage("..album..")
          .and(DescribedPredicate.or(annotatedWith(Entity.class), assignableTo(Repository.class)))
          .should()
          .bePackagePrivate()
          .andShould()
          .onlyHaveDependentClassesThat()
          .resideInAPackage("..album..");

  @ArchTest
  static final ArchRule the_rooms_stand_on_each_other =
      layeredArchitecture()
          .consideringOnlyDependenciesInLayers()
          .layer("store")
          .definedBy("..server.store..", "..server.data..")
          .layer("stock")
          .definedBy("..server.stock..")
          .layer("album")
          .definedBy("..server.album..")
          .layer("intake")
          .definedBy("..server.intake..")
          .layer("frame")
          .definedBy("..server.frame..")
          .layer("stages")
          .definedBy(STAGES)
          .layer("demo")
          .definedBy("..server.demo..")
          .whereLayer("demo")
          .mayNotBeAccessedByAnyLayer()
          .whereLayer("stages")
          .mayOnlyBeAccessedByLayers("demo")
          .whereLayer("frame")
          .mayOnlyBeAccessedByLayers("stages", "demo")
          .whereLayer("intake")
          .mayOnlyBeAccessedByLayers("frame", "stages", "demo")
          .whereLayer("album")
          .mayOnlyBeAccessedByLayers("intake", "frame", "stages", "demo")
          .whereLayer("stock")
          .mayOnlyBeAccessedByLayers("album", "intake", "frame", "stages", "demo");

  /** Stages know each other one way, and no further than they must. */
  @ArchTest
  static final ArchRule the_stages_stand_on_each_other_one_way =
      layeredArchitecture()
          .consideringOnlyDependenciesInLayers()
          .layer("gather")
          .definedBy("..server.gather..")
          .layer("leaves")
          .definedBy("..server.leaves..")
          .layer("place")
          .definedBy("..server.place..")
          .layer("movers")
          .definedBy("..server.movers..")
          .layer("words")
          .definedBy("..server.words..")
          .layer("make")
          .definedBy("..server.make..")
          .layer("shelf")
          .definedBy("..server.shelf..")
          .layer("sums")
          .definedBy("..server.sums..")
          .whereLayer("gather")
          .mayOnlyBeAccessedByLayers("place")
          .whereLayer("leaves")
          .mayOnlyBeAccessedByLayers("place", "movers", "shelf")
          .whereLayer("movers")
          .mayOnlyBeAccessedByLayers("words")
          .whereLayer("place")
          .mayNotBeAccessedByAnyLayer()
          .whereLayer("words")
          .mayNotBeAccessedByAnyLayer()
          .whereLayer("make")
          .mayNotBeAccessedByAnyLayer()
          .whereLayer("shelf")
          .mayNotBeAccessedByAnyLayer()
          .whereLayer("sums")
          .mayNotBeAccessedByAnyLayer();

  @ArchTest
  static final ArchRule no_two_rooms_need_each_other =
      slices().matching("drumnest.server.(**)").should().beFreeOfCycles();

  @ArchTest
  static final ArchRule what_is_kept_knows_nothing_of_the_web =
      noClasses()
          .that()
          .resideInAnyPackage("..album..", "..stock..", "..store..", "..intake..")
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage("..server.http..", "org.springframework.web..", "jakarta.servlet..");

  @ArchTest
  static final ArchRule nobody_asks_a_controller =
      classes()
          .that()
          .areMetaAnnotatedWith(Controller.class)
          .should()
          .onlyHaveDependentClassesThat(isPartOfIt());

  /** A class nested in the one that is asked for, or itself. */
  private static DescribedPredicate<JavaClass> isPartOfIt() {
    return DescribedPredicate.describe(
        "are controllers or their records",
        each ->
            each.isMetaAnnotatedWith(Controller.class)
                || each.getEnclosingClass()
                    .map(outer -> outer.isMetaAnnotatedWith(Controller.class))
                    .orElse(false));
  }
}
