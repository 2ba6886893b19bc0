package drumnest.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import com.microsoft.playwright.Page;
import java.util.List;
import java.util.Set;

/** Whether everybody can use a page, as far as the axe rules can tell. */
final class Axe {

  private Axe() {}

  /** Fails with what is wrong and where, if anything serious or critical is. */
  static void assertNothingSerious(Page page) {
    List<Rule> serious =
        new AxeBuilder(page)
            .analyze().getViolations().stream()
                .filter(rule -> Set.of("serious", "critical").contains(rule.getImpact()))
                .toList();
    assertThat(serious)
        .as(() -> serious.stream().map(rule -> rule.getId() + " " + rule.getNodes()).toList() + "")
        .isEmpty();
  }
}
