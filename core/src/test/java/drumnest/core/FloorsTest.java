package drumnest.core;

import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.lang.syntax.ArchRuleDefinition;
import com.tngtech.archunit.library.dependencies.SlicesRuleDefinition;

/** The floors of the house: each package knows only those below it, and nothing of the outside. */
@AnalyzeClasses(packages = "drumnest.core", importOptions = ImportOption.DoNotIncludeTests.class)
class FloorsTest {

  @ArchTest
  static final ArchRule each_floor_knows_only_those_below =
      layeredArchitecture()
          .consideringOnlyDependenciesInLayers()
          .layer("measure")
          .definedBy("..core.measure..")
          .layer("stock")
          .definedBy("..core.stock..")
          .layer("photo")
          .definedBy("..core.photo..")
          .layer("fit")
          .definedBy("..core.fit..")
          .layer("album")
          .definedBy("..core.album..")
          .layer("place")
          .definedBy("..core.place..")
          .layer("making")
          .definedBy("..core.making..")
          .whereLayer("making")
          .mayNotBeAccessedByAnyLayer()
          .whereLayer("place")
          .mayOnlyBeAccessedByLayers("making")
          .whereLayer("album")
          .mayOnlyBeAccessedByLayers("place", "making")
          .whereLayer("fit")
          .mayOnlyBeAccessedByLayers("album", "place", "making")
          .whereLayer("photo")
          .mayOnlyBeAccessedByLayers("fit", "album", "place", "making")
          .whereLayer("stock")
          .mayOnlyBeAccessedByLayers("photo", "fit", "album", "place", "making");

  @ArchTest
  static final ArchRule no_circles =
      SlicesRuleDefinition.slices().matching("drumnest.core.(*)..").should().beFreeOfCycles();

  @ArchTest
  static final ArchRule only_the_language_itself =
      ArchRuleDefinition.classes()
          .should()
          .onlyDependOnClassesThat()
          .resideInAnyPackage(
              "drumnest.core..",
              "java.lang..",
              "java.math..",
              "java.time..",
              "java.util..",
              "org.jspecify..");
}
