package drumnest.server.edit;

import drumnest.core.photo.Lookalikes;
import drumnest.core.photo.Stack;
import drumnest.core.photo.StoryPhoto;
import drumnest.core.stock.HouseRules;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;

/**
 * Which photos of a line belong together, kept from one answer to the next: most steps change
 * nothing of it.
 */
@Component
class Company {

  /** Stacks and alternates of one line. */
  record Known(
      List<StoryPhoto> line, HouseRules rules, List<Stack> stacks, Map<String, String> alternates) {

    static Known of(List<StoryPhoto> line, HouseRules rules) {
      return new Known(
          line, rules, Lookalikes.stacks(line, rules), Lookalikes.alternates(line, rules));
    }
  }

  private volatile Known last = Known.of(List.of(), HouseRules.defaults());

  Known of(List<StoryPhoto> line, HouseRules rules) {
    Known known = last;
    if (known.rules() != rules || !known.line().equals(line)) {
      known = Known.of(line, rules);
      last = known;
    }
    return known;
  }
}
