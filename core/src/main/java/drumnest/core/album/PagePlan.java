package drumnest.core.album;

import java.util.List;
import java.util.Optional;

/**
 * What is planned on one face of a leaf: on a plain page the blocks as they were said, and the
 * mounts that come of them; and the flaps, whatever they lie on.
 */
public record PagePlan(List<Block> blocks, List<Mount> mounts, List<Flap> flaps) {

  public static final PagePlan EMPTY = new PagePlan(List.of(), List.of(), List.of());

  public PagePlan {
    blocks = List.copyOf(blocks);
    mounts = List.copyOf(mounts);
    flaps = List.copyOf(flaps);
  }

  /** Whether nothing is planned. */
  public boolean isEmpty() {
    return blocks.isEmpty() && flaps.isEmpty();
  }

  /** The same with other flaps. */
  public PagePlan withFlaps(List<Flap> next) {
    return new PagePlan(blocks, mounts, next);
  }

  public Optional<Flap> flap(String id) {
    return flaps.stream().filter(flap -> flap.id().equals(id)).findFirst();
  }
}
