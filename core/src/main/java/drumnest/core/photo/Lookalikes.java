package drumnest.core.photo;

import drumnest.core.measure.Orientation;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiPredicate;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * Pictures that show one thing. A <em>stack</em> holds near-repeats: pictures of one shape, taken
 * shortly after each other, whose mean colours look the same and whose fingerprints differ in few
 * bits or, among those that follow each other closely, whose miniatures show the same with the
 * camera moved or turned a little; and pictures without a time that are copies of another.
 * <em>Alternates</em> are an upright and a wide version of one subject: taken within a while, alike
 * in their middles.
 *
 * <p>What the maker says of a picture's company goes before what is computed. Pairs are joined, and
 * a group is all that hang together. Method: common practice, no source. Time: pictures × those
 * within the same minutes.
 */
public final class Lookalikes {

  /** To how many of the pictures after it one is held, moved and turned. */
  private static final int NEXT = 6;

  private final List<StoryPhoto> line;
  private final HouseRules rules;
  private final long repeatBits;
  private final long copyBits;
  private final long versionBits;

  private Lookalikes(List<StoryPhoto> line, HouseRules rules) {
    this.line = line;
    this.rules = rules;
    this.repeatBits = rules.number(HouseRule.LOOKALIKE_BITS);
    this.copyBits = rules.number(HouseRule.COPY_BITS);
    this.versionBits = rules.number(HouseRule.ALTERNATE_BITS);
  }

  /**
   * The stacks of the line, in the order of their earliest pictures.
   *
   * @param line the pictures in time order
   */
  public static List<Stack> stacks(List<StoryPhoto> line, HouseRules rules) {
    return new Lookalikes(line, rules).stacks();
  }

  /**
   * The group of each picture that has alternates, by the picture's identity.
   *
   * @param line the pictures in time order
   */
  public static Map<String, String> alternates(List<StoryPhoto> line, HouseRules rules) {
    return new Lookalikes(line, rules).alternates();
  }

  private List<Stack> stacks() {
    Groups groups = new Groups(line.size());
    joinWithin(
        groups,
        HouseRule.BURST_MINUTES,
        photo -> photo.grouping().stack() == null,
        (a, b) -> near(a, b, repeatBits),
        this::repeats);
    joinMoved(groups);
    List<Integer> undated =
        IntStream.range(0, line.size())
            .filter(i -> line.get(i).takenAt() == null && line.get(i).grouping().stack() == null)
            .boxed()
            .toList();
    for (int i : undated) {
      for (int j = 0; j < line.size(); j++) {
        // Those without a time meet each other once; the cheapest question is asked first.
        boolean metBefore = j >= i && line.get(j).takenAt() == null;
        if (!metBefore
            && line.get(j).grouping().stack() == null
            && near(line.get(i), line.get(j), copyBits)
            && !groups.together(i, j)
            && copies(line.get(i), line.get(j))) {
          groups.join(i, j);
        }
      }
    }
    joinAsTold(groups, photo -> photo.grouping().stack());
    List<Stack> stacks = new ArrayList<>();
    for (List<Integer> group : groups.ofSeveral()) {
      List<StoryPhoto> photos = group.stream().map(line::get).toList();
      stacks.add(Stack.of(photos.get(0).id(), photos));
    }
    return stacks;
  }

  private Map<String, String> alternates() {
    Groups groups = new Groups(line.size());
    joinWithin(
        groups,
        HouseRule.ALTERNATE_MINUTES,
        photo -> photo.grouping().alternates() == null,
        this::nearInTheMiddle,
        this::versions);
    joinAsTold(groups, photo -> photo.grouping().alternates());
    Map<String, String> byPhoto = new LinkedHashMap<>();
    for (List<Integer> group : groups.ofSeveral()) {
      String name = line.get(group.get(0)).id();
      group.forEach(i -> byPhoto.put(line.get(i).id(), name));
    }
    return byPhoto;
  }

  /**
   * Joins pictures that belong together among those taken within the minutes of the rule.
   *
   * @param near a cheap question that all pairs that belong together answer with yes
   */
  private void joinWithin(
      Groups groups,
      HouseRule minutes,
      Predicate<StoryPhoto> open,
      BiPredicate<StoryPhoto, StoryPhoto> near,
      BiPredicate<StoryPhoto, StoryPhoto> belong) {
    for (int i = 0; i < line.size(); i++) {
      StoryPhoto one = line.get(i);
      LocalDateTime from = one.takenAt();
      if (from == null || !open.test(one)) {
        continue;
      }
      LocalDateTime last = from.plusMinutes(rules.number(minutes));
      for (int j = i + 1; j < line.size(); j++) {
        StoryPhoto other = line.get(j);
        LocalDateTime at = other.takenAt();
        if (at == null || at.isAfter(last)) {
          break;
        }
        if (near.test(one, other)
            && open.test(other)
            && !groups.together(i, j)
            && belong.test(one, other)) {
          groups.join(i, j);
        }
      }
    }
  }

  /**
   * Joins pictures between which the camera was moved or turned. A burst hangs together from one
   * picture to the next, so that only the next few are asked.
   */
  private void joinMoved(Groups groups) {
    double likeness = rules.number(HouseRule.LOOKALIKE_SHARE) / 100.0;
    Miniature.Detail[] details = new Miniature.Detail[line.size()];
    for (int i = 0; i < line.size(); i++) {
      StoryPhoto one = line.get(i);
      LocalDateTime from = one.takenAt();
      if (from == null || !mayBeMoved(one)) {
        continue;
      }
      LocalDateTime last = from.plusMinutes(rules.number(HouseRule.BURST_MINUTES));
      int to = Math.min(line.size(), i + 1 + NEXT);
      for (int j = i + 1; j < to; j++) {
        StoryPhoto other = line.get(j);
        LocalDateTime at = other.takenAt();
        if (at == null || at.isAfter(last)) {
          break;
        }
        if (mayBeMoved(other)
            && !groups.together(i, j)
            && sameShapeAndColour(one, other)
            && detail(details, i).likeness(detail(details, j)) >= likeness) {
          groups.join(i, j);
        }
      }
    }
  }

  private static boolean mayBeMoved(StoryPhoto photo) {
    return photo.grouping().stack() == null
        && photo.look() != null
        && photo.look().miniature() != null;
  }

  private Miniature.Detail detail(Miniature.Detail[] details, int i) {
    if (details[i] == null) {
      details[i] = line.get(i).look().miniature().detail();
    }
    return details[i];
  }

  private void joinAsTold(Groups groups, Function<StoryPhoto, @Nullable String> told) {
    Map<String, Integer> first = new HashMap<>();
    for (int i = 0; i < line.size(); i++) {
      String group = told.apply(line.get(i));
      if (group != null && !group.isEmpty()) {
        Integer there = first.putIfAbsent(group, i);
        if (there != null) {
          groups.join(there, i);
        }
      }
    }
  }

  private boolean repeats(StoryPhoto a, StoryPhoto b) {
    return alike(a, b, repeatBits);
  }

  private boolean copies(StoryPhoto a, StoryPhoto b) {
    return alike(a, b, copyBits);
  }

  private boolean alike(StoryPhoto a, StoryPhoto b, long bits) {
    return near(a, b, bits) && sameShapeAndColour(a, b);
  }

  private boolean sameShapeAndColour(StoryPhoto a, StoryPhoto b) {
    return a.look().orientation() == b.look().orientation()
        && difference(a, b) <= rules.number(HouseRule.LOOKALIKE_COLOUR);
  }

  private static boolean near(StoryPhoto a, StoryPhoto b, long bits) {
    return a.look() != null
        && b.look() != null
        && a.look().whole().distance(b.look().whole()) <= bits;
  }

  private boolean nearInTheMiddle(StoryPhoto a, StoryPhoto b) {
    return a.look() != null
        && b.look() != null
        && a.look().centre().distance(b.look().centre()) <= versionBits;
  }

  private boolean versions(StoryPhoto a, StoryPhoto b) {
    if (!nearInTheMiddle(a, b)) {
      return false;
    }
    Orientation one = a.look().orientation();
    Orientation other = b.look().orientation();
    return one != other
        && one != Orientation.SQUARE
        && other != Orientation.SQUARE
        && difference(a, b) <= rules.number(HouseRule.ALTERNATE_COLOUR);
  }

  private static double difference(StoryPhoto a, StoryPhoto b) {
    return a.look().mean().difference(b.look().mean());
  }

  /** Whether two pictures of different cameras look like one moment, whatever their clocks say. */
  static boolean oneMoment(StoryPhoto a, StoryPhoto b, HouseRules rules) {
    return new Lookalikes(List.of(), rules).repeats(a, b);
  }
}
