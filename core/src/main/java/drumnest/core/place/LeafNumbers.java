package drumnest.core.place;

/**
 * The leaves of a plan as far as it matters how many come before them: the first, which may lie
 * right under the cover, and those of a cycle of phases after it. They are numbered from 0.
 */
final class LeafNumbers {

  private final PageCosts pages;
  private final int count;

  /**
   * @param leaves how many leaves a plan has at most, one at least
   */
  LeafNumbers(PageCosts pages, int leaves) {
    this.pages = pages;
    this.count = Math.min(leaves, pages.cycle() + 1);
  }

  int count() {
    return count;
  }

  /** The number that the leaf after one has. */
  int next(int number) {
    return number + 1 < count ? number + 1 : Math.min(1, number);
  }

  /** The number of the leaf after so many. */
  int after(int leaves) {
    if (leaves < count) {
      return leaves;
    }
    return count == 1 ? 0 : 1 + (leaves - 1) % (count - 1);
  }

  int phase(int number) {
    return pages.phase(number + 1);
  }
}
