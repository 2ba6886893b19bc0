package drumnest.core;

import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.lang.syntax.ArchRuleDefinition;
import com.tngtech.archunit.library.Architectures.LayeredArchitecture;
import com.tngtech.archunit.library.dependencies.SlicesRuleDefinition;
import java.util.List;

/** The floors of the house: each package knows only those below it, and nothing of the outside. */
@AnalyzeClasses(packages = "drumnest.core", importOptions = ImportOption.DoNotIncludeTests.class)
class FloorsTest {

  private static final List<String> FLOORS =
      List.of(
          "measure", "stock", "photo", "fit", "album", "place", "mover", "words", "cut", "making");

  @ArchTest static final ArchRule each_floor_knows_only_those_below = floors();

  private static ArchRule floors() {
    LayeredArchitecture house = layeredArchitecture().consideringOnlyDependenciesInLayers();
    for (String floor : FLOORS) {
      house = house.layer(floor).definedBy("..core." + floor + "..");
    }
    for (int i = 0; i < FLOORS.size(); i++) {
      String[] above = FLOORS.subList(i + 1, FLOORS.size()).toArray(String[]::new);
      house =
          above.length == 0
              ? house.whereLayer(FLOORS.get(i)).mayNotBeAccessedByAnyLayer()
              : house.whereLayer(FLOORS.get(i)).mayOnlyBeAccessedByLayers(above);
    }
    return house;
  }

  @ArchTest
  static final ArchRule no_circles =
      SlicesRuleDefinition.slices().matching("drumnest.core.(**)").should().beFreeOfCycles();

  @ArchTest
  static final ArchRule only_the_language_itself =
      ArchRuleDefinition.classes()
          .should()
          .onlyDependOnClassesThat()
          .resideInAnyPackage(
              "drumnest.core..",
              "java.lang..",
              "java.math..",
              "java.text..",
              "java.time..",
              "java.util..",
              "org.jspecify..");
}
