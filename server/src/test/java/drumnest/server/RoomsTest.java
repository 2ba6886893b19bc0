package drumnest.server;

import static com.tngtech.archunit.core.domain.JavaClass.Predicates.assignableTo;
import static com.tngtech.archunit.core.domain.properties.CanBeAnnotated.Predicates.annotatedWith;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import jakarta.persistence.Entity;
import org.springframework.data.repository.Repository;
import org.springframework.stereotype.Controller;

/** Which room of the server may know what. */
@AnalyzeClasses(packages = "drumnest.server", importOptions = ImportOption.DoNotIncludeTests.class)
class RoomsTest {

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
  static final ArchRule what_a_maker_does_knows_nothing_of_the_web =
      noClasses()
          .that()
          .resideInAnyPackage("..album..", "..edit..", "..shelf..", "..store..", "..intake..")
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage("..server.api..", "org.springframework.web..", "jakarta.servlet..");

  @ArchTest
  static final ArchRule nobody_asks_a_controller =
      classes()
          .that()
          .areMetaAnnotatedWith(Controller.class)
          .should()
          .onlyHaveDependentClassesThat()
          .resideInAPackage("..api..");
}
