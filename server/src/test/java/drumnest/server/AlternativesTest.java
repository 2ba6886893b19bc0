package drumnest.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;

import com.tngtech.archunit.core.domain.InstanceofCheck;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchCondition;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.lang.ConditionEvents;
import com.tngtech.archunit.lang.SimpleConditionEvent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

/**
 * Where code asks which of several alternatives it has, the compiler says when one is forgotten:
 * they are told apart by a visitor, never by asking for one after the other.
 */
@AnalyzeClasses(packages = "drumnest", importOptions = ImportOption.DoNotIncludeTests.class)
class AlternativesTest {

  @ArchTest
  static final ArchRule no_method_asks_for_two_alternatives_of_a_sealed_type =
      classes().should(askForNoTwoAlternatives());

  private static ArchCondition<JavaClass> askForNoTwoAlternatives() {
    return new ArchCondition<>("ask for no two alternatives of a sealed type by instanceof") {
      @Override
      public void check(JavaClass each, ConditionEvents events) {
        Map<String, Set<String>> asked = new TreeMap<>();
        for (InstanceofCheck check : each.getInstanceofChecks()) {
          Class<?> type = check.getRawType().reflect();
          for (Class<?> above : sealedAbove(type)) {
            String asker = check.getOwner().getFullName() + " asks of " + above.getName();
            asked.computeIfAbsent(asker, key -> new TreeSet<>()).add(type.getName());
          }
        }
        asked.forEach(
            (asker, alternatives) ->
                events.add(
                    new SimpleConditionEvent(
                        each, alternatives.size() < 2, asker + " for " + alternatives)));
      }
    };
  }

  private static List<Class<?>> sealedAbove(Class<?> type) {
    List<Class<?>> above = new ArrayList<>(Arrays.asList(type.getInterfaces()));
    if (type.getSuperclass() != null) {
      above.add(type.getSuperclass());
    }
    return above.stream().filter(Class::isSealed).toList();
  }
}
